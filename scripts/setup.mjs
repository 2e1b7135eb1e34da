// Makes a fresh clone ready: installs the packages when the lock file changed, and Chromium for the tests.
// Plain Node, run before the other commands by npm itself.
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { root, run } from './lib.mjs';

const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 9)) {
  console.error(`Navuren needs Node.js 20.9 or newer; this is ${process.version}.`);
  process.exit(1);
}

const stamp = path.join(root, 'node_modules/.navuren-lock');
const wanted = createHash('sha256')
  .update(readFileSync(path.join(root, 'package-lock.json')))
  .digest('hex');
const present = existsSync(stamp) ? readFileSync(stamp, 'utf8') : '';
if (present !== wanted) {
  console.log('Installing packages (a minute or two, once) …');
  const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';
  const env = { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' };
  if (!run(npm, ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { quiet: true, env })) {
    console.error('The packages could not be installed; the lines above say why. Then try again: npm ci');
    process.exit(1);
  }
  writeFileSync(stamp, wanted);
}

if (process.argv.includes('--with-browser')) {
  const found = () =>
    ['chromium', 'chromium-browser'].some(
      (name) => spawnSync('sh', ['-c', `command -v ${name}`]).status === 0,
    );
  if (!process.env.NAVUREN_CHROMIUM && !found()) {
    const byHand =
      'Install Chromium by hand, for example: sudo apt-get install chromium (or name one in NAVUREN_CHROMIUM).';
    if (typeof process.getuid !== 'function' || process.getuid() !== 0) {
      console.error(`The tests of the interface need Chromium, and only root may install it. ${byHand}`);
      process.exit(1);
    }
    console.log('Installing Chromium for the tests of the interface …');
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    const done =
      run('apt-get', ['update', '-qq'], { quiet: true, env }) &&
      run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], { quiet: true, env });
    if (!done || !found()) {
      console.error(`Chromium could not be installed. ${byHand}`);
      process.exit(1);
    }
  }
}
