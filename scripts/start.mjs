import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensurePackages, root } from './prepare.mjs';

ensurePackages();
const { buildServer, buildWeb } = await import('./build.mjs');
console.log('Building the interface.');
if (!buildWeb() || !(await buildServer())) process.exit(1);

const server = spawn(process.execPath, [join(root, 'dist/serve.mjs'), ...process.argv.slice(2)], {
  cwd: root,
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
