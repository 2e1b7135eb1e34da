// npm test: every check in turn, stopping at the first that fails.
import { performance } from 'node:perf_hooks';
import { run } from './lib.mjs';

const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';
// `typegen` writes the route types that the type check needs before the first build.
const steps = [
  ['format', ['run', '-s', 'format:check']],
  ['lint', ['run', '-s', 'lint']],
  ['route types', ['exec', '--no', '--', 'next', 'typegen']],
  ['types', ['run', '-s', 'types']],
  ['dependency rules', ['run', '-s', 'boundaries']],
  ['nothing unused', ['run', '-s', 'unused']],
  ['unit tests', ['run', '-s', 'unit']],
  ['production build', ['run', '-s', 'build']],
  ['first load', ['run', '-s', 'first-load']],
  ['interface tests', ['run', '-s', 'e2e']],
];
for (const [name, args] of steps) {
  const from = performance.now();
  console.log(`\n== ${name}`);
  if (!run(npm, args)) {
    console.error(`== ${name} failed`);
    process.exit(1);
  }
  console.log(`== ${name} passed in ${((performance.now() - from) / 1000).toFixed(0)} s`);
}
console.log(`\nchecks: ${steps.length} passed, 0 failed`);
