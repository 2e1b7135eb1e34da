// npm run hanzi: cuts the hanzi this application shows out of whole fonts, once, into the few kilobytes it ships.
// Traditional letter forms first (TC, then HK); what neither has comes from the simplified one. A unit test looks for
// hanzi in the sources that the shipped files do not have, so that a new one is not forgotten.
import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import subsetFont from 'subset-font';
import { root } from './lib.mjs';
import { charactersOf, hanziIn } from './hanziOf.mjs';

const packages = path.join(root, 'node_modules');
const folder = path.join(root, 'ui/kit/fonts');
const files = (name, pattern) =>
  readdirSync(path.join(packages, name, 'files'))
    .filter((file) => pattern.test(file))
    .map((file) => path.join(packages, name, 'files', file));

const SOURCES = [
  ...files('@fontsource/noto-serif-tc', /chinese-traditional-400-normal\.woff2$/),
  ...files('@fontsource/noto-serif-hk', /^noto-serif-hk-\d+-400-normal\.woff2$/),
  ...files('@fontsource-variable/noto-serif-sc', /^noto-serif-sc-\d+-wght-normal\.woff2$/),
];

const listed = execFileSync('git', ['ls-files', 'core', 'handout', 'ui', 'app', 'server'], {
  cwd: root,
  encoding: 'utf8',
});
const wanted = hanziIn(
  listed
    .split('\n')
    .filter((file) => /\.(ts|tsx)$/.test(file) && !/\.(test|compared)\./.test(file))
    .map((file) => readFileSync(path.join(root, file), 'utf8'))
    .join(''),
);
let left = [...wanted].sort();
for (const file of readdirSync(folder)) if (/^hanzi-\d+\.woff2$/.test(file)) rmSync(path.join(folder, file));

const faces = [];
for (const source of SOURCES) {
  if (left.length === 0) break;
  const has = await charactersOf(source);
  const here = left.filter((character) => has.has(character.codePointAt(0)));
  if (here.length === 0) continue;
  left = left.filter((character) => !here.includes(character));
  const cut = await subsetFont(readFileSync(source), here.join(''), {
    targetFormat: 'woff2',
    ...(source.includes('variable') ? { variationAxes: { wght: 400 } } : {}),
  });
  const name = `hanzi-${faces.length + 1}.woff2`;
  writeFileSync(path.join(folder, name), cut);
  const range = here
    .map((character) => `U+${character.codePointAt(0).toString(16).toUpperCase()}`)
    .join(', ');
  faces.push(`@font-face {
  font-family: 'Hanzi';
  font-style: normal;
  font-display: swap;
  font-weight: 400;
  src: url('./${name}') format('woff2');
  unicode-range: ${range};
}
`);
}
if (left.length > 0) throw new Error(`no font here has ${left.join(' ')}`);
writeFileSync(path.join(folder, 'hanzi.css'), `/* Written by npm run hanzi. */\n${faces.join('')}`);
console.log(`${wanted.size} hanzi in ${faces.length} files`);
