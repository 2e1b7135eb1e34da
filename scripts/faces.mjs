// The second half of npm run hanzi: cuts the faces of paper ahead, static and as TrueType, into handout/fonts/faces. A
// PDF cannot hold woff2, and a variable font would be set in its lightest weight.
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import subsetFont from 'subset-font';
import { root } from './lib.mjs';
import { charactersOf } from './hanziOf.mjs';

const packages = path.join(root, 'node_modules');
const hanzi = path.join(root, 'ui/kit/fonts');
const folder = path.join(root, 'handout/fonts/faces');

const serif = (style, weight) => ({
  weight,
  file: (part) => `@fontsource-variable/alegreya/files/alegreya-${part}-wght-${style}.woff2`,
});
const sans = (style, weight) => ({
  file: (part) => `@fontsource/alegreya-sans/files/alegreya-sans-${part}-${weight}-${style}.woff2`,
});
const FACES = {
  serif: serif('normal', 400),
  'serif-italic': serif('italic', 400),
  'serif-strong': serif('normal', 500),
  sans: sans('normal', 400),
  'sans-italic': sans('italic', 400),
  'sans-strong': sans('normal', 700),
};

/** Everything that Latin letters need: Latin-1, Latin Extended-A and -B for the tones, Additional, punctuation, signs. */
const LETTERS = [
  [0x20, 0x7e],
  [0xa0, 0x24f],
  [0x1e00, 0x1eff],
  [0x2010, 0x2044],
  [0x2190, 0x2193],
  [0x2212, 0x2265],
]
  .flatMap(([from, to]) =>
    Array.from({ length: to - from + 1 }, (_, index) => String.fromCodePoint(from + index)),
  )
  .join('');

async function cut(name, file, text, weight) {
  const bytes = await subsetFont(readFileSync(file), text, {
    targetFormat: 'truetype',
    ...(weight === undefined ? {} : { variationAxes: { wght: weight } }),
  });
  writeFileSync(path.join(folder, `${name}.ttf`), bytes);
}

mkdirSync(folder, { recursive: true });
for (const file of readdirSync(folder).filter((name) => name.endsWith('.ttf')))
  rmSync(path.join(folder, file));
for (const [face, { file, weight }] of Object.entries(FACES))
  for (const part of ['latin', 'latin-ext'])
    await cut(`${face}-${part}`, path.join(packages, file(part)), LETTERS, weight);
for (const file of readdirSync(hanzi).filter((name) => name.endsWith('.woff2'))) {
  const all = [...(await charactersOf(path.join(hanzi, file)))].map((code) => String.fromCodePoint(code));
  await cut(file.replace('.woff2', ''), path.join(hanzi, file), all.join(''));
}
console.log(`${readdirSync(folder).filter((name) => name.endsWith('.ttf')).length} faces for paper`);
