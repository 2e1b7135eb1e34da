import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';

/** What the shipped files map to a glyph, read from the files themselves, as another process reads them. */
function shipped(files: readonly string[]): ReadonlySet<number> {
  const program = `
    import { charactersOf } from ${JSON.stringify(path.resolve('scripts/hanziOf.mjs'))};
    const all = new Set();
    for (const file of process.argv.slice(1)) for (const code of await charactersOf(file)) all.add(code);
    console.log(JSON.stringify([...all]));`;
  const text = execFileSync(process.execPath, ['--input-type=module', '-e', program, ...files], {
    encoding: 'utf8',
    maxBuffer: 50_000_000,
  });
  return new Set(JSON.parse(text) as number[]);
}

const folder = 'ui/kit/fonts';
const cut = readdirSync(folder)
  .filter((name) => name.endsWith('.woff2'))
  .map((name) => path.join(folder, name));
const sources = execFileSync(
  'git',
  ['ls-files', '-co', '--exclude-standard', 'core', 'handout', 'ui', 'app', 'server'],
  {
    encoding: 'utf8',
  },
)
  .split('\n')
  .filter((file) => /\.(ts|tsx)$/.test(file) && !/\.(test|compared)\./.test(file));
const text = sources.map((file) => readFileSync(file, 'utf8')).join('');

describe('the fonts that ship', () => {
  it('have every hanzi the application shows (if not: npm run hanzi)', () => {
    const has = shipped(cut);
    const shown = [...new Set([...text].filter((character) => /\p{Script=Han}/u.test(character)))];
    expect(shown.length).toBeGreaterThan(400);
    expect(shown.filter((character) => !has.has(character.codePointAt(0) ?? 0))).toEqual([]);
    // Six that no font had before.
    for (const character of '濼犢譆譩頷顴') expect(has.has(character.codePointAt(0) ?? 0)).toBe(true);
  });

  it('are a few kilobytes, not two megabytes of shards', () => {
    const bytes = cut.reduce((sum, file) => sum + statSync(file).size, 0);
    expect(bytes).toBeLessThan(200_000);
  });

  it('have the latin letters of pinyin with all their tone marks', () => {
    const marks = [...'āáǎàēéěèīíǐìōóǒòūúǔùǖǘǚǜüĀÁǍÀĒÉĚÈŌÓǑÒ'];
    for (const [name, pattern] of [
      ['@fontsource-variable/alegreya', /wght-normal\.woff2$/],
      ['@fontsource/alegreya-sans', /400-normal\.woff2$/],
    ] as const) {
      const files = path.join('node_modules', name, 'files');
      const has = shipped(
        readdirSync(files)
          .filter((file) => pattern.test(file))
          .map((file) => path.join(files, file)),
      );
      expect(marks.filter((letter) => !has.has(letter.codePointAt(0) ?? 0))).toEqual([]);
    }
  });
});
