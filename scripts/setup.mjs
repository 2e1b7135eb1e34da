// Makes a fresh clone ready: installs the packages when the lock file changed, and Chromium for the tests.
// Plain Node, run before the other commands by npm itself.
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { root, run } from './lib.mjs';
import { postgresPrograms } from './postgres.mjs';

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

/** Whether a program is found by its name. */
const isThere = (name) => spawnSync('sh', ['-c', `command -v ${name}`]).status === 0;

/** What the tests need of the machine: how it is found, and Debian's package that brings it. */
const NEEDS = {
  Chromium: {
    isFound: () => Boolean(process.env.NAVUREN_CHROMIUM) || ['chromium', 'chromium-browser'].some(isThere),
    what: 'The tests of the interface need Chromium',
    package: 'chromium',
    named: 'NAVUREN_CHROMIUM',
  },
  PostgreSQL: {
    isFound: () => postgresPrograms() !== undefined,
    what: 'The tests of the server need PostgreSQL',
    package: 'postgresql',
    named: 'NAVUREN_POSTGRES, the folder of its programs',
  },
  qpdf: { isFound: () => isThere('qpdf'), what: 'The tests of paper need qpdf', package: 'qpdf' },
  Poppler: {
    isFound: () => ['pdftotext', 'pdfinfo', 'pdffonts'].every(isThere),
    what: 'The tests of paper need Poppler’s programs',
    package: 'poppler-utils',
  },
};

/** Installs what is missing of these, all at once; ends with what to do by hand where it cannot. */
function ensure(names) {
  const missing = names.map((name) => ({ name, ...NEEDS[name] })).filter(({ isFound }) => !isFound());
  if (missing.length === 0) return;
  const packages = missing.map((need) => need.package);
  const orNamed = missing.flatMap(({ name, named }) => (named ? [`${name} by ${named}`] : []));
  const byHand = `Install by hand, for example: sudo apt-get install ${packages.join(' ')}${orNamed.length > 0 ? ` (or name ${orNamed.join('; ')})` : ''}.`;
  if (typeof process.getuid !== 'function' || process.getuid() !== 0) {
    for (const { what } of missing) console.error(`${what}, and only root may install it.`);
    console.error(byHand);
    process.exit(1);
  }
  console.log(`Installing ${missing.map(({ name }) => name).join(', ')} for the tests …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const done =
    run('apt-get', ['update', '-qq'], { quiet: true, env }) &&
    run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], { quiet: true, env });
  const left = missing.filter(({ isFound }) => !isFound());
  if (done && left.length === 0) return;
  console.error(`Not installed: ${left.map(({ name }) => name).join(', ')}. ${byHand}`);
  process.exit(1);
}

const asked = new Set(process.argv.slice(2));
if (asked.has('--for-tests')) ensure(Object.keys(NEEDS));
else if (asked.has('--with-browser')) ensure(['Chromium']);
