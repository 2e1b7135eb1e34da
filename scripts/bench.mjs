// npm run bench: what the computation and the start cost on this machine. Figures to read, not tests.
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { ensureBuilt, portTaken, root, run, startServer, untilUp } from './lib.mjs';

const tsx = path.join(root, 'node_modules/tsx/dist/cli.mjs');
for (const script of ['scripts/bench-core.ts', 'scripts/bench-log.ts', 'scripts/bench-handout.ts'])
  if (!run(process.execPath, [tsx, path.join(root, script)])) process.exit(1);

const port = 3229;
if (await portTaken(port)) {
  console.error(`Port ${port} is in use; the start-up figures are left out.`);
  process.exit(1);
}
ensureBuilt();
const folder = mkdtempSync(path.join(os.tmpdir(), 'navuren-bench-'));
for (const [what, budget] of [
  ['server start to first answer, new folder with the sample', undefined],
  ['server start to first answer, existing folder', 3000],
]) {
  const from = performance.now();
  const child = startServer({ port, data: path.join(folder, 'data'), demo: true });
  await untilUp(port, child);
  const ms = performance.now() - from;
  console.log(`${what.padEnd(62)} ${ms.toFixed(0).padStart(7)} ms${budget ? `   budget ${budget} ms` : ''}`);
  const gone = new Promise((resolve) => child.once('exit', resolve));
  child.kill('SIGTERM');
  await gone;
}
rmSync(folder, { recursive: true, force: true });
if (!run(process.execPath, [path.join(root, 'scripts/bench-felt.mjs')])) process.exit(1);
