import { readFileSync } from 'node:fs';
import { REPERTOIRE } from '@/core/forms';
import { stillMarkup } from '@/ui/figure/still';
import { channelPicture, figurePicture, formPicture } from './pictures';
import { inksOf, mixed, PALETTES } from './inks';
import { shapesOf, toldInFull } from './shapes';
import { svgOf } from './svg';

describe('a softened outline told in full', () => {
  it('turns each control spot about where the pen is (worked by hand from SVG 1.1 §8.3.7)', () => {
    // After Q 0 10 10 10 the next spot is 2·10−0, 2·10−10.
    expect(toldInFull('M0 0Q0 10 10 10T20 0Z')).toBe('M0 0Q0 10 10 10Q20 10 20 0Z');
    // And the one after that turns the told spot again: 2·20−20, 2·0−10.
    expect(toldInFull('M0 0Q0 10 10 10T20 0T30 5')).toBe('M0 0Q0 10 10 10Q20 10 20 0Q20 -10 30 5');
    expect(toldInFull('M0 0L5 5Z')).toBe('M0 0L5 5Z');
  });
});

describe('the shapes of a picture', () => {
  it('are read back with their places: groups moved and scaled, ellipses, words', () => {
    const shapes = shapesOf(
      '<g transform="translate(10 20) scale(2)" class="fig-way"><path class="fig-ink" d="M0 0L1 1"/><g transform="translate(3 4)"><ellipse class="fig-shadow" cx="1" cy="1" rx="2" ry="1" fill-opacity="0.2"/></g></g><text class="scroll-name" x="5" y="6">Tea &#38; rest</text>',
    );
    expect(shapes).toMatchObject([
      { kind: 'path', at: { x: 10, y: 20, scale: 2 }, fade: 0.42 },
      {
        kind: 'path',
        at: { x: 16, y: 28, scale: 2 },
        d: 'M-1 1A2 1 0 1 1 3 1A2 1 0 1 1 -1 1Z',
        fillOpacity: 0.2,
      },
      { kind: 'text', text: 'Tea & rest', x: 5, y: 6, at: { x: 0, y: 0, scale: 1 } },
    ]);
  });

  it('all have an ink, in every form there is', () => {
    const inks = inksOf(PALETTES.day, '#123456');
    const unknown = new Set(
      REPERTOIRE.flatMap((form) => shapesOf(stillMarkup(form, 'full', 2, 'fingers')))
        .flatMap(({ classes }) => classes)
        .filter((name) => !(name in inks)),
    );
    expect([...unknown]).toEqual([]);
  });

  it('a colour laid thinly is a share of both', () => {
    expect(mixed('#000000', '#ffffff', 0.25)).toBe('#bfbfbf');
  });
});

describe('a picture by itself', () => {
  const [form] = REPERTOIRE;
  if (!form) throw new Error('no form');
  const wish = { light: 'lamp', widthPx: 800 } as const;

  it('carries its words, its size, its colours and its letters, and asks nothing of a page', async () => {
    for (const svg of [
      await figurePicture(form, 'water', wish),
      await formPicture(form, 'water', wish),
      await channelPicture('LU', 'front', wish),
    ]) {
      expect(svg).toMatch(
        /<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg" viewBox="[-\d ]+" width="800" height="\d+"/,
      );
      expect(svg).toMatch(/<title>[^<]{8,}<\/title>/);
      expect(svg).not.toContain('var(--');
      expect(svg).not.toMatch(/(?:src|href)=|url\((?!data:)/);
      // Every class that is drawn has a rule.
      const rules = svg.match(/<style>([^<]*)/)?.[1] ?? '';
      const used = new Set(
        [...svg.matchAll(/class="([^"]*)"/g)].flatMap(([, names]) => (names ?? '').split(' ')),
      );
      for (const name of used)
        expect({ name, has: rules.includes(`.${name}{`) }).toEqual({ name, has: true });
    }
  });

  it('takes typed words for words', async () => {
    const svg = await svgOf({
      markup: '',
      viewBox: [0, 0, 10, 10],
      alt: 'a <b> & "c"',
      light: 'day',
      pigment: '#000',
      widthPx: 10,
    });
    expect(svg).toContain('<title>a &#60;b&#62; &#38; &#34;c&#34;</title>');
  });
});

describe('the colours of what is handed out', () => {
  const css = readFileSync('app/globals.css', 'utf8');
  /** The custom properties of a rule of the style sheet. */
  const rule = (selector: string): Readonly<Record<string, string>> => {
    const from = css.indexOf(`${selector} {`);
    const body = css.slice(css.indexOf('{', from) + 1, css.indexOf('}', from));
    return Object.fromEntries(
      [...body.matchAll(/--([\w-]+):\s*(#[0-9a-f]+)/gi)].map(([, name, value]) => [name, value]),
    );
  };

  it.each([
    ['day', ':root', '\n  .fig'],
    ['lamp', ":root[data-light='lamp']", "  :root[data-light='lamp'] .fig"],
  ] as const)('are those of the screen: %s', (light, page, figure) => {
    const { phases, brush, ...rest } = PALETTES[light];
    const there = { ...rule(page), ...rule(figure) };
    for (const [name, value] of Object.entries({ ...rest, ...phases }))
      expect({ name, value }).toEqual({ name, value: there[name] });
    expect(brush).toBe(there.brush ?? there.ink);
  });
});
