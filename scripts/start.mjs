import { spawn } from 'node:child_process';
import { bin, ensurePackages, root, run } from './prepare.mjs';

ensurePackages();
console.log('Building the interface.');
if (!run(bin('vite'), ['build', '--logLevel', 'warn'])) process.exit(1);

const server = spawn(bin('tsx'), ['scripts/serve.ts', ...process.argv.slice(2)], { cwd: root, stdio: 'inherit' });
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
