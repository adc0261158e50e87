import { spawn } from 'node:child_process';
import { ensurePackages } from './packages.mjs';
import { bin, root } from './prepare.mjs';

await ensurePackages();
const both = [
  spawn(bin('tsx'), ['watch', 'scripts/serve.ts'], { cwd: root, stdio: 'inherit' }),
  spawn(bin('vite'), [], { cwd: root, stdio: 'inherit' }),
];
const stop = () => {
  for (const child of both) child.kill();
  process.exit();
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
for (const child of both) child.on('exit', stop);
