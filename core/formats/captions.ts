import { AUDIENCE_WORDS, type Audience } from '../handout/audience';
import type { TimelineEvent } from '../practice';
import type { ScriptLine } from '../script';

/** One caption; ms from the beginning, `endMs` after `startMs`. */
export interface Caption {
  readonly startMs: number;
  readonly endMs: number;
  readonly text: string;
  /** At the upper edge: the story goes on there while the strokes are told below. */
  readonly isAbove?: boolean;
}

/** What of a script is the story round the strokes: it may go on while they are told. */
const STORY: ReadonlySet<ScriptLine['kind']> = new Set([
  'opening',
  'care',
  'image',
  'midway',
  'closing',
  'leaving',
]);
/** The place of the story in a picture. */
const ABOVE = ' line:8%';

/** Shorter than this nobody reads it, ms: such a line joins the next. */
const SHORTEST_MS = 900;
/** A caption stays so long after its words, ms, where nothing follows. */
const LINGERS_MS = 2000;
/** Letters spoken in a second: some 125 words a minute (common practice for a class). */
const LETTERS_A_SEC = 12;
/** Letters of a line, and lines of a caption (common practice for captions). */
const LINE = 42;
const LINES = 2;

const stamp = (ms: number): string => {
  const whole = Math.round(ms);
  const two = (value: number): string => String(value).padStart(2, '0');
  return `${two(Math.floor(whole / 3_600_000))}:${two(Math.floor(whole / 60_000) % 60)}:${two(Math.floor(whole / 1000) % 60)}.${String(whole % 1000).padStart(3, '0')}`;
};

/** Text within a cue: nothing in it is markup, and no line of it is empty. */
const escaped = (text: string): string =>
  text
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/\s*\n\s*/g, '\n')
    .trim();

/** A sentence in lines that fit under a picture, broken between words. */
function wrapped(text: string): readonly string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/).filter(Boolean)) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= LINE)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

/** What is said in one breath of the teacher, as captions of at most two lines, broken after sentences where they fit. */
function pages(text: string): readonly string[] {
  const sentences = text.split(/(?<=[.!?…:;])\s+/u);
  const found: (readonly string[])[] = [];
  for (const sentence of sentences) {
    const last = found.at(-1);
    const together = last && wrapped(`${last.join(' ')} ${sentence}`);
    if (together && together.length <= LINES) found[found.length - 1] = together;
    else {
      const lines = wrapped(sentence);
      for (let from = 0; from < lines.length; from += LINES) found.push(lines.slice(from, from + LINES));
    }
  }
  return found.map((lines) => lines.join('\n'));
}

/**
 * The captions of what is said: each begins with its line and stands until it is spoken and read, at most to the next. What
 * is said at one moment comes in its order, two lines at a time.
 */
export function captionsOf(lines: readonly ScriptLine[], totalMs: number): readonly Caption[] {
  const spoken = lines.filter(({ kind, text }) => kind !== 'quiet' && text.trim() !== '');
  const moments: { readonly startMs: number; readonly texts: string[] }[] = [];
  for (const { startMs, text } of spoken) {
    const last = moments.at(-1);
    // A line that comes upon the one before it, or with it, is read together with it.
    if (last && startMs - last.startMs < SHORTEST_MS) last.texts.push(text);
    else moments.push({ startMs, texts: [text] });
  }
  return moments.flatMap(({ startMs, texts }, index) => {
    const roomMs = (moments[index + 1]?.startMs ?? totalMs) - startMs;
    const shown = pages(texts.join(' '));
    const wanted = shown.map((text) => Math.max(SHORTEST_MS, (text.length / LETTERS_A_SEC) * 1000));
    const wholeMs = wanted.reduce((sum, ms) => sum + ms, 0);
    const share = Math.min(1, roomMs / wholeMs);
    let fromMs = startMs;
    return shown.map((text, page): Caption => {
      const beginMs = fromMs;
      fromMs += (wanted[page] ?? 0) * share;
      const isLast = page === shown.length - 1;
      const endMs = isLast ? Math.min(startMs + roomMs, fromMs + LINGERS_MS) : fromMs;
      return { startMs: Math.round(beginMs), endMs: Math.round(endMs), text };
    });
  });
}

const BREATH_WORDS = { in: 'in', out: 'out', hold: 'stay', free: '' } as const;

/** Breath counts for where nothing is said: "in", "out 3 of 6". They stand only in the gaps between captions. */
export function breathCaptions(
  events: readonly TimelineEvent[],
  said: readonly Caption[],
): readonly Caption[] {
  let from = 0;
  return events.flatMap(({ startMs, lengthMs, breath, repetition, repetitions, kind }) => {
    if (kind !== 'stroke' || breath === 'free') return [];
    const endMs = startMs + lengthMs;
    while ((said[from]?.endMs ?? Infinity) <= startMs) from += 1;
    const other = said[from];
    const isFree = other === undefined || other.startMs >= endMs;
    if (!isFree || lengthMs < SHORTEST_MS) return [];
    const count = breath === 'out' && repetition > 0 ? ` ${repetition} of ${repetitions}` : '';
    return [{ startMs, endMs, text: `${BREATH_WORDS[breath]}${count}` }];
  });
}

/** A WebVTT file (W3C Candidate Recommendation, 2019) of captions in their order. */
function writeVtt(title: string, notes: readonly string[], captions: readonly Caption[]): string {
  const head = `WEBVTT ${escaped(title).replace(/-->/g, '—').replace(/\s+/g, ' ')}`;
  const cues = captions.map(
    ({ startMs, endMs, text, isAbove }, index) =>
      `${index + 1}\n${stamp(startMs)} --> ${stamp(endMs)}${isAbove ? ABOVE : ''}\n${escaped(text)}`,
  );
  return `${[head, ...notes.map((note) => `NOTE ${note}`), ...cues].join('\n\n')}\n`;
}

export interface CaptionsAsked {
  readonly title: string;
  readonly audience: Audience;
  /** The language of the words, BCP 47. */
  readonly language: string;
  readonly breaths: boolean;
}

/** What is said as captions for a recording that begins with the practice. */
export function writeCaptions(
  lines: readonly ScriptLine[],
  events: readonly TimelineEvent[],
  totalMs: number,
  { title, audience, language, breaths }: CaptionsAsked,
): string {
  const below = captionsOf(
    lines.filter(({ kind }) => !STORY.has(kind)),
    totalMs,
  );
  const above = captionsOf(
    lines.filter(({ kind }) => STORY.has(kind)),
    totalMs,
  ).map((caption) => ({ ...caption, isAbove: true }));
  const all = [...above, ...below, ...(breaths ? breathCaptions(events, below) : [])];
  return writeVtt(
    title,
    [`language: ${language}`, AUDIENCE_WORDS[audience]],
    // As players order them: by their beginning, the longer first.
    all.toSorted((a, b) => a.startMs - b.startMs || b.endMs - a.endMs),
  );
}

/** The forms of a practice as chapters of a recording: each from its beginning to the next. */
export function writeChapters(
  forms: readonly { readonly startMs: number; readonly lengthMs: number; readonly name: string }[],
  { title, audience, language }: Omit<CaptionsAsked, 'breaths'>,
): string {
  const chapters = forms
    .filter(({ lengthMs }) => lengthMs >= 1)
    .map(({ startMs, lengthMs, name }) => ({ startMs, endMs: startMs + lengthMs, text: name }));
  return writeVtt(title, [`language: ${language}`, 'chapters', AUDIENCE_WORDS[audience]], chapters);
}
