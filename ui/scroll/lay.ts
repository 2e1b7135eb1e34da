import type { StripItem } from './strip';

/** Where things stand on a scroll, px. Pure: what is drawn is laid out first. */

/** A name on its row under the ground. */
export interface LaidName {
  readonly key: string;
  readonly x: number;
  readonly row: number;
}

/** Room between two names on one row, px. */
const NAME_GAP = 10;

/**
 * Names under the ground, none cut: each on the first row that has room; what finds none waits for the pointer or a
 * closer look. Long forms are named before short ones, so that what waits is small.
 * @param widthOf how wide a name is written, px.
 */
export function layNames(
  items: readonly StripItem[],
  x: (ms: number) => number,
  { width, rows, widthOf }: { width: number; rows: number; widthOf: (item: StripItem) => number },
): readonly LaidName[] {
  const taken: { readonly from: number; readonly to: number }[][] = Array.from({ length: rows }, () => []);
  const laid: LaidName[] = [];
  const order = items
    .map((item, index) => ({ item, index }))
    // Whole minutes only: forms of about one length keep the order they are done in.
    .sort(
      (a, b) =>
        Math.round(b.item.lengthMs / 60_000) - Math.round(a.item.lengthMs / 60_000) || a.index - b.index,
    );
  for (const { item } of order) {
    const wide = widthOf(item);
    const from = Math.max(0, Math.min(x(item.startMs) + 2, width - wide));
    const row = taken.findIndex((there) =>
      there.every((other) => from > other.to + NAME_GAP || from + wide + NAME_GAP < other.from),
    );
    if (row < 0 || wide > width) continue;
    taken[row]?.push({ from, to: from + wide });
    laid.push({ key: item.key, x: from, row });
  }
  return laid;
}

/** What a figure needs: half its width to either side, px. */
export interface Standing {
  readonly half: number;
  readonly isFullest: boolean;
}

/** One figure on the ground. */
export interface LaidFigure {
  readonly key: string;
  /** Which of the form's postures. */
  readonly moment: number;
  readonly x: number;
  /** The posture the form is known by; the others lead to it in pale ink. */
  readonly isFullest: boolean;
}

/** Figures of one form may overlap so far: they are one movement. Those of two forms may touch. */
const OVERLAP = 0.8;
const TOUCH = 0.86;

/**
 * Figures on one ground: as many of a form's postures as its stretch has room for, in the order they come; a form without
 * room for one is left out rather than trodden on, the longer forms standing first.
 * @param postures the postures of a form, the most telling ones for each number: `postures(item, 2)` are two.
 */
export function layFigures(
  items: readonly StripItem[],
  x: (ms: number) => number,
  postures: (item: StripItem, most: number) => readonly Standing[],
  most = 4,
): readonly LaidFigure[] {
  const laid: LaidFigure[] = [];
  const taken: { readonly from: number; readonly to: number }[] = [];
  const order = [...items].sort((a, b) => b.lengthMs - a.lengthMs || a.startMs - b.startMs);
  for (const item of order) {
    const [from, to] = [x(item.startMs), x(item.startMs + item.lengthMs)];
    for (let count = most; count >= 1; count -= 1) {
      const row = postures(item, count);
      if (row.length < count && count > 1) continue;
      const needed = row.reduce((sum, { half }) => sum + 2 * half * OVERLAP, 0);
      if (count > 1 && needed > to - from) continue;
      const spare = (to - from - needed) / (row.length + 1);
      let at = from + spare;
      const places = row.map(({ half, isFullest }, moment) => {
        const middle = at + half * OVERLAP;
        at = middle + half * OVERLAP + spare;
        return { key: item.key, moment, x: middle, half, isFullest };
      });
      const [first, last] = [places[0], places[places.length - 1]];
      if (!first || !last) break;
      const room = { from: first.x - first.half * TOUCH, to: last.x + last.half * TOUCH };
      const isFree = taken.every((other) => room.from >= other.to || room.to <= other.from);
      if (!isFree) continue;
      taken.push(room);
      laid.push(
        ...places.map(({ key, moment, x: middle, isFullest }) => ({ key, moment, x: middle, isFullest })),
      );
      break;
    }
  }
  return laid.sort((a, b) => a.x - b.x);
}

/** Sections of a strip: forms of one role that follow each other. */
export function sectionsOf(
  items: readonly StripItem[],
): readonly { readonly role: StripItem['role']; readonly startMs: number; readonly endMs: number }[] {
  const sections: { role: StripItem['role']; startMs: number; endMs: number }[] = [];
  for (const { role, startMs, lengthMs } of items) {
    const last = sections[sections.length - 1];
    if (last?.role === role) last.endMs = startMs + lengthMs;
    else sections.push({ role, startMs, endMs: startMs + lengthMs });
  }
  return sections;
}

/** From here on a led breath is drawn as a line of its own, px; narrower it is a wash with a grain. */
export const REED_PX = 7;
/** The grain of a wash is no finer than this, px. */
const GRAIN_PX = 2.6;

/** One stretch of breath seen from afar: how high it stands (0–1), and where its grain lies. */
export interface Wash {
  readonly key: string;
  readonly from: number;
  readonly to: number;
  readonly level: number;
  readonly grain: readonly number[];
}

/** How high a breath stands whose length is known: the slower, the fuller; free breath lies low. */
export function levelOf(breathMs: number | undefined): number {
  if (breathMs === undefined) return 0.16;
  return Math.min(1, Math.max(0.45, 0.45 + ((breathMs - 4000) / 10_000) * 0.55));
}

/** The breath of a practice from afar: one even wash a form, its height the breath's depth, its grain the pace. */
export function layWashes(items: readonly StripItem[], x: (ms: number) => number): readonly Wash[] {
  return items.map(({ key, startMs, lengthMs, breathMs }) => {
    const [from, to] = [x(startMs), x(startMs + lengthMs)];
    const step = breathMs === undefined ? Infinity : x(startMs + breathMs) - from;
    const every = Math.max(1, Math.ceil(GRAIN_PX / Math.max(step, 0.01)));
    const count = Number.isFinite(step) ? Math.floor((to - from) / (step * every)) : 0;
    return {
      key,
      from,
      to,
      level: levelOf(breathMs),
      grain: Array.from({ length: count }, (_, index) => from + step * every * (index + 0.5)),
    };
  });
}
