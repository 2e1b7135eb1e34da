import { readFileSync } from 'node:fs';
import nodeWebvtt from 'node-webvtt';
import webvttParser from 'webvtt-parser';
import type { ScriptLine } from '../script';
import { captionsOf, writeCaptions, writeChapters } from './captions';
import { draftedFor } from './formats.test.data';

const { practice, timeline, script } = draftedFor();
const asked = {
  title: 'Lung & “loft” --> <b>',
  audience: 'people',
  language: 'en-GB',
  breaths: true,
} as const;
const entities = JSON.parse(
  readFileSync('node_modules/webvtt-parser/html-entities.json', 'utf8'),
) as Readonly<Record<string, unknown>>;

/** Read by two packages that are not ours; the first one lists every error it finds. */
function read(text: string) {
  const { WebVTTParser } = webvttParser;
  const strict = new WebVTTParser(entities).parse(text, 'metadata');
  expect(strict.errors).toEqual([]);
  const plain = nodeWebvtt.parse(text, { strict: true });
  expect(plain.valid).toBe(true);
  expect(plain.cues).toHaveLength(strict.cues.length);
  for (const [index, cue] of plain.cues.entries()) {
    expect(cue.start).toBeCloseTo(strict.cues[index]?.startTime ?? -1, 3);
    expect(cue.end).toBeCloseTo(strict.cues[index]?.endTime ?? -1, 3);
  }
  return strict.cues;
}

const line = (startMs: number, text: string, lengthMs = 1000): ScriptLine => ({
  kind: text === '' ? 'quiet' : 'told',
  startMs,
  lengthMs,
  itemIndex: 0,
  text,
});

describe('captions', () => {
  it('say every word of the script in its order, and two readers agree on every time', () => {
    const text = writeCaptions(script, timeline.events, timeline.totalMs, { ...asked, breaths: false });
    read(text);
    const words = (said: readonly string[]): string =>
      said
        .join(' ')
        .replaceAll(/\s+/g, ' ')
        .replaceAll('&amp;', '&')
        .replaceAll('&lt;', '<')
        .replaceAll('&gt;', '>')
        .trim();
    // The story stands above, what is told of the strokes below: each of them is whole.
    const blocks = text.split('\n\n').filter((block) => block.includes(' --> '));
    const part = (isAbove: boolean): string =>
      words(
        blocks
          .filter((block) => block.includes('line:8%') === isAbove)
          .map((block) => block.split('\n').slice(2).join(' ')),
      );
    const story = new Set(['opening', 'care', 'image', 'midway', 'closing', 'leaving']);
    const said = (isAbove: boolean): string =>
      words(
        script
          .filter(({ kind }) => kind !== 'quiet' && story.has(kind) === isAbove)
          .map(({ text: line }) => line),
      );
    expect(part(true)).toBe(said(true));
    expect(part(false)).toBe(said(false));
  });

  it('let the opening stand as long as it is spoken, whatever is told meanwhile', () => {
    const opening = script.find(({ kind }) => kind === 'opening');
    const cues = read(writeCaptions(script, timeline.events, timeline.totalMs, { ...asked, breaths: false }));
    const shown = cues.filter(({ text }) => (opening?.text ?? '?').includes(text.replaceAll('\n', ' ')));
    const seconds = shown.reduce((sum, { startTime, endTime }) => sum + endTime - startTime, 0);
    // Nobody reads more than twenty letters in a second.
    expect((opening?.text.length ?? Infinity) / seconds).toBeLessThan(20);
  });

  it('never lie over each other, end within the practice, and are two lines of 42 letters at most', () => {
    const captions = captionsOf(script, timeline.totalMs);
    for (const [index, { startMs, endMs, text }] of captions.entries()) {
      expect(endMs).toBeGreaterThan(startMs);
      expect(endMs).toBeLessThanOrEqual(captions[index + 1]?.startMs ?? timeline.totalMs);
      const lines = text.split('\n');
      expect(lines.length).toBeLessThanOrEqual(2);
      for (const one of lines) expect(one.length).toBeLessThanOrEqual(42);
    }
  });

  it('begin with the stroke they belong to', () => {
    const told = script.filter(({ kind, text }) => kind === 'told' && text !== '');
    const starts = new Set(captionsOf(script, timeline.totalMs).map(({ startMs }) => startMs));
    const met = told.filter(({ startMs }) => starts.has(startMs)).length;
    // Those that come upon another line within a second are read with it.
    expect(met / told.length).toBeGreaterThan(0.8);
  });

  it('of one moment come one after the other, and what comes at once is read at once (worked by hand)', () => {
    // 24 letters at twelve a second are two seconds; then it stands for two more.
    expect(captionsOf([line(1000, 'abcdefghij klmnopqrst uv.')], 60_000)).toEqual([
      { startMs: 1000, endMs: 1000 + Math.round((25 / 12) * 1000) + 2000, text: 'abcdefghij klmnopqrst uv.' },
    ]);
    expect(captionsOf([line(0, 'One.'), line(500, 'Two.'), line(3000, '')], 2500)).toEqual([
      { startMs: 0, endMs: 2500, text: 'One. Two.' },
    ]);
  });

  it('count the breath where nothing is said, in the gaps only', () => {
    const cues = read(writeCaptions(script, timeline.events, timeline.totalMs, asked));
    const counted = cues.filter(({ text }) => /^(in|stay|out( \d+ of \d+)?)$/.test(text));
    expect(counted.length).toBeGreaterThan(10);
    const told = captionsOf(
      script.filter(({ kind }) => kind === 'told' || kind === 'count' || kind === 'name'),
      timeline.totalMs,
    );
    for (const { startTime, endTime } of counted)
      for (const { startMs, endMs } of told)
        expect(startTime * 1000 >= endMs || endTime * 1000 <= startMs).toBe(true);
  });

  it('hold whatever is typed: markup and arrows are words', () => {
    const text = writeCaptions([line(0, '<i>a</i> & b -->\n\nc')], [], 9000, asked);
    const [cue] = read(text);
    expect(cue?.text).toBe('&lt;i&gt;a&lt;/i&gt; &amp; b --&gt; c');
  });
});

describe('chapters', () => {
  it('are the forms, each from its beginning to the next', () => {
    const forms = timeline.items.map(({ startMs, lengthMs, itemIndex }) => ({
      startMs,
      lengthMs,
      name: practice.forms[practice.items[itemIndex]?.formId ?? '']?.name ?? '?',
    }));
    const cues = read(writeChapters(forms, asked));
    expect(cues.map(({ text }) => text)).toEqual(forms.map(({ name }) => name));
    expect(cues[0]?.startTime).toBe(0);
    expect(cues.at(-1)?.endTime).toBeCloseTo(timeline.totalMs / 1000, 3);
  });
});
