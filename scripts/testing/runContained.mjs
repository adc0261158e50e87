import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/**
 * Runs a command whose processes and temporary files all end with this process, also when it is stopped in the middle or killed.
 * @param output where what it prints goes, as `stdio` of a child process
 * @returns what it exits with, and a function that stops it
 */
export function runContained(command, args, { cwd, env = process.env, output = ['inherit', 'inherit'] }) {
  const folder = mkdtempSync(join(tmpdir(), 'vesperum-run-'));
  const child = spawn(process.execPath, [join(import.meta.dirname, 'contained.mjs'), command, ...args], {
    cwd,
    stdio: ['pipe', ...output],
    detached: true,
    env: { ...env, TMPDIR: folder },
  });
  // Killed while it is being told.
  child.stdin.on('error', () => undefined);
  const exited = new Promise((resolve) => {
    child.on('error', () => resolve(1));
    child.on('exit', (code) => {
      rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
      resolve(code ?? 1);
    });
  });
  return { exited, stop: () => child.stdin.end() };
}
