import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';

// Leads a process group with a temporary folder of its own. Whoever started it holds its input open: when that breaks, however it
// came about, everything here ends, and the folder goes.

const endAll = () => {
  rmSync(tmpdir(), { recursive: true, force: true });
  process.kill(-process.pid, 'SIGKILL');
};
process.stdin.resume().on('end', endAll).on('error', endAll);

const [command, ...args] = process.argv.slice(2);
const child = spawn(command, args, { stdio: ['ignore', 'inherit', 'inherit'] });
child.on('error', () => process.exit(1));
child.on('exit', (code) => process.exit(code ?? 1));
