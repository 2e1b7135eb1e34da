// Measures what every shipped form asks of the body and which points its palms come to, and writes
// core/forms/measured/measured.ts and touched.ts.
// Run after changing postures: npm run measure. A unit test measures again and compares.
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { hasVariant, REPERTOIRE, VARIANTS } from '../core/forms';
import { POINTS, type PointCode } from '../core/channels';
import { measureUntouched } from '../core/forms/measured/handClaims';
import { measureForm, namedAsks } from '../core/forms/measured/measure';
import { measureTouched } from '../core/forms/measured/reach';

const lines = REPERTOIRE.map((form) => {
  const variants = VARIANTS.filter((variant) => hasVariant(form, variant)).map((variant) => {
    const asks = Object.entries(namedAsks(measureForm(form, variant)))
      .map(([name, value]) => `${name}: ${typeof value === 'string' ? `'${value}'` : String(value)}`)
      .join(', ');
    return `    ${variant}: { ${asks} },`;
  });
  return `  '${form.id}': {\n${variants.join('\n')}\n  },`;
});

const text = `/**
 * What each form asks, measured on its solved postures at the usual pace. Written by
 * \`npm run measure\`; a unit test measures again.
 */
// prettier-ignore
export const MEASURED = {
${lines.join('\n')}
} as const;
`;
writeFileSync(path.join(import.meta.dirname, '../core/forms/measured/measured.ts'), text);

// A form whose palms come to no point has no row: pages carry this table.
const touched = REPERTOIRE.flatMap((form) => {
  const codes = measureTouched(form, 'full').map((code) => `'${code}'`);
  return codes.length === 0 ? [] : [`  '${form.id}': [${codes.join(', ')}],`];
});
const touchedText = `/**
 * The points each form's palms come to at the ends of its strokes, measured on its solved postures. Written
 * by \`npm run measure\`; a unit test measures again.
 */
// prettier-ignore
export const TOUCHED = {
${touched.join('\n')}
} as const;
`;
writeFileSync(path.join(import.meta.dirname, '../core/forms/measured/touched.ts'), touchedText);
/** Codes in flow order as runs: SP5–9 KI3. */
function runsOf(codes: readonly PointCode[]): string {
  const missed = new Set<string>(codes);
  const runs: { channel: string; from: number; to: number }[] = [];
  for (const { code } of POINTS) {
    const [, channel = '', number = ''] = /^(.*?)(\d+)$/.exec(code) ?? [];
    if (!missed.has(code)) continue;
    const last = runs.at(-1);
    if (last?.channel === channel && last.to + 1 === Number(number)) last.to += 1;
    else runs.push({ channel, from: Number(number), to: Number(number) });
  }
  return runs
    .map(({ channel, from, to }) => (from === to ? `${channel}${from}` : `${channel}${from}–${to}`))
    .join(' ');
}

const untouched = REPERTOIRE.flatMap((form) => {
  const ways = VARIANTS.filter((variant) => hasVariant(form, variant)).flatMap((variant) => {
    const runs = runsOf(measureUntouched(form, variant).map(({ code }) => code));
    return runs === '' ? [] : [`${variant}: '${runs}'`];
  });
  return ways.length === 0 ? [] : [`  '${form.id}': { ${ways.join(', ')} },`];
});
const untouchedText = `/**
 * The points a form's hands are said to come to and do not, on one of three bodies, in a way of doing it: for that way
 * the claim goes. Written by \`npm run measure\`; a unit test measures again.
 */
// prettier-ignore
export const UNTOUCHED = {
${untouched.join('\n')}
} as const;
`;
writeFileSync(path.join(import.meta.dirname, '../core/forms/measured/untouched.ts'), untouchedText);
console.log(`measured ${REPERTOIRE.length} forms`);
