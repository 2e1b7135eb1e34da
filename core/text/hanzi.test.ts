import { Converter } from 'opencc-js';
import { POINTS } from '../channels';
import { REPERTOIRE } from '../forms';
import { simplified } from '.';

/** Traditional to simplified by an independent, widely used package. */
const convert = Converter({ from: 't', to: 'cn' });
const names = [
  ...POINTS.map((row) => row.hanzi),
  ...REPERTOIRE.flatMap((form) => (form.hanzi ? [form.hanzi] : [])),
];

test('every name of a point or a form is simplified as a conversion package does it', () => {
  expect(names.length).toBeGreaterThan(400);
  for (const name of names) expect(simplified(name)).toBe(convert(name));
});

test('what is simplified already, and what is no hanzi, stays', () => {
  for (const name of names) expect(simplified(simplified(name))).toBe(simplified(name));
  expect(simplified('SP6 sānyīnjiāo')).toBe('SP6 sānyīnjiāo');
});
