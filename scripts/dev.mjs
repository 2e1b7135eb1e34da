// npm run dev: the development server with the Quillhaven sample in a folder of its own.
import { spawn } from 'node:child_process';
import path from 'node:path';
import { bundlePlayer, nextBin, quietEnv, root } from './lib.mjs';

if (!bundlePlayer()) process.exit(1);

const port = process.env.NAVUREN_PORT ?? '3210';
const child = spawn(process.execPath, [nextBin, 'dev', '-H', '127.0.0.1', '-p', port], {
  cwd: root,
  env: {
    ...quietEnv,
    NAVUREN_SERVE: '1',
    NAVUREN_DATA: process.env.NAVUREN_DATA ?? path.join(root, 'demo-data'),
    NAVUREN_DEMO: '1',
  },
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.on('exit', (code) => process.exit(code ?? 0));
