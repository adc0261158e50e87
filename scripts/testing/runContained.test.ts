import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'vesperum-contained-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** Waits until something holds: processes end when the system comes to it. */
async function until(holds: () => boolean): Promise<void> {
  while (!holds()) await new Promise((resolve) => setTimeout(resolve, 20));
}
const isAlive = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
};

/** A run with a child that has a child of its own, which writes its number and its temporary folder down and stays. */
async function begin(): Promise<{ run: ChildProcess; pid: number; temporary: string }> {
  const note = join(folder, 'note.json');
  const stays = join(folder, 'stays.mjs');
  const starts = join(folder, 'starts.mjs');
  const main = join(folder, 'main.mjs');
  writeFileSync(
    stays,
    `import { renameSync, writeFileSync } from 'node:fs';
writeFileSync(${JSON.stringify(`${note}.part`)}, JSON.stringify({ pid: process.pid, temporary: process.env.TMPDIR }));
renameSync(${JSON.stringify(`${note}.part`)}, ${JSON.stringify(note)});
setInterval(() => undefined, 1000);`,
  );
  writeFileSync(
    starts,
    `import { spawn } from 'node:child_process';
spawn(process.execPath, [${JSON.stringify(stays)}]);`,
  );
  writeFileSync(
    main,
    `import { runContained } from ${JSON.stringify(join(import.meta.dirname, 'runContained.mjs'))};
await runContained(process.execPath, [${JSON.stringify(starts)}], { cwd: process.cwd() }).exited;`,
  );
  const run = spawn(process.execPath, [main], { stdio: 'ignore' });
  await until(() => existsSync(note));
  return { run, ...(JSON.parse(readFileSync(note, 'utf8')) as { pid: number; temporary: string }) };
}

test.each(['SIGINT', 'SIGTERM', 'SIGKILL'] as const)(
  'stopped by %s, a run leaves no process and no temporary file',
  async (signal) => {
    const { run, pid, temporary } = await begin();
    expect(isAlive(pid)).toBe(true);
    expect(existsSync(temporary)).toBe(true);
    run.kill(signal);
    await until(() => !isAlive(pid) && !existsSync(temporary));
  },
);
