import type { Felt } from '@/core/felt/felt';
import type { Change } from '@/core/felt/pairs';
import { TENSION_REGION_IDS } from '@/core/felt/terms';
import { changeText, evennessText, feltText, rateText } from '@/ui/words/felt';
import { changeChart } from './ChangesDrawn';
import { strapOf } from './straps';
import { tensionPicture } from './tensionPlaces';
import { touched } from './TensionMap';

describe('the body that is touched', () => {
  const pictures = { front: tensionPicture('front'), back: tensionPicture('back') };

  it('has every region on one of its two pictures at least', () => {
    const shown = new Set([...pictures.front.places, ...pictures.back.places].map(({ region }) => region));
    expect([...shown].toSorted()).toEqual([...TENSION_REGION_IDS].toSorted());
  });

  it('has left and right where they are: a mirror of each other, and turned over from behind', () => {
    for (const face of ['front', 'back'] as const) {
      const at = new Map(pictures[face].places.map(({ region, spot }) => [region, spot]));
      for (const part of ['shoulder', 'arm', 'hand', 'hip', 'thigh', 'knee', 'calf', 'foot'] as const) {
        const [left, right] = [at.get(`left-${part}`), at.get(`right-${part}`)];
        expect((left?.x ?? 0) + (right?.x ?? 0)).toBeCloseTo(0, 0);
        expect(left?.y).toBeCloseTo(right?.y ?? 0, 0);
        // Seen from the front the left is on the viewer’s right.
        expect(Math.sign(left?.x ?? 0)).toBe(face === 'front' ? 1 : -1);
      }
    }
  });

  it('has its regions one below the other as bodies have them', () => {
    const y = new Map(pictures.front.places.map(({ region, spot }) => [region, spot.y]));
    const down = [
      'head',
      'jaw',
      'neck',
      'chest',
      'belly',
      'left-thigh',
      'left-knee',
      'left-calf',
      'left-foot',
    ] as const;
    const heights = down.map((region) => y.get(region) ?? Number.NaN);
    expect(heights).toEqual(heights.toSorted((a, b) => a - b));
  });

  it('is large enough to be touched: no place under 24 pixels where the picture is 256 wide', () => {
    // The picture is 300 units wide.
    for (const { half } of [...pictures.front.places, ...pictures.back.places])
      for (const side of half) expect((2 * side * 256) / 300).toBeGreaterThanOrEqual(24);
  });

  it('gets darker with every touch, and the fourth lets go', () => {
    let tension: NonNullable<Felt['tension']> = {};
    const levels = [1, 2, 3, undefined, 1].map((level) => {
      tension = touched(tension, 'neck');
      return [level, tension.neck];
    });
    for (const [expected, found] of levels) expect(found).toBe(expected);
  });
});

describe('what is said of it', () => {
  const change: Change = {
    id: 'pulse',
    times: 6,
    pairs: Array.from({ length: 20 }, (_, day) => ({
      atMs: Date.UTC(2026, 9, day + 1),
      before: 80,
      after: 76 - day,
    })),
    change: { median: -3.5, least: -9, most: 1 },
  };

  it('is the middle with its range and how often, and never why', () => {
    expect(changeText(change)).toBe('Pulse (a minute): middle −3.5, between −9 and +1, 6 times.');
    expect(changeText({ ...change, times: 1, change: undefined })).toBe('Pulse: 1 time, too few to say.');
    for (const word of ['because', 'helps', 'heals', 'lowers', 'improves'])
      expect(changeText(change)).not.toContain(word);
  });

  it('has its error with it', () => {
    expect(rateText({ perMin: 71.8, giveOrTake: 3.6 })).toBe('72 ± 4 a minute');
    // Nothing is surer than a beat.
    expect(rateText({ perMin: 71.8, giveOrTake: 0.1 })).toBe('72 ± 1 a minute');
    expect(evennessText({ percent: 12.3, giveOrTake: 2.9, asEvenAsAHand: false })).toBe(
      'intervals differ by 12 ± 3 %',
    );
    expect(evennessText({ percent: 4, giveOrTake: 1, asEvenAsAHand: true })).toBe('as even as a hand taps');
  });

  it('is a line in words', () => {
    expect(
      feltText({
        when: 'before',
        breaths: { perMin: 14, giveOrTake: 2, by: 'counted', overSec: 30 },
        tension: { jaw: 1, 'left-knee': 3 },
        scales: { hands: 1, sleep: 4 },
        line: 'rain',
      }),
    ).toBe(
      'breath 14 ± 2 a minute; tense: jaw and face a little, left knee very; hands cold; slept well; “rain”',
    );
  });

  it('is drawn for the latest days, before beside after', () => {
    const chart = changeChart(change, 'UTC');
    expect(chart.labels).toHaveLength(16);
    expect(chart.labels.at(-1)).toContain('20');
    expect(chart.series.map(({ name, values }) => [name, values.at(-1)])).toEqual([
      ['before', 80],
      ['after', 57],
    ]);
  });
});

describe('the strap that ships', () => {
  const [set, clear] = [globalThis.setInterval, globalThis.clearInterval];
  let ticking: (() => void) | undefined;
  beforeEach(() => {
    // A clock by hand: what is to be done every second is done when it is told.
    globalThis.setInterval = ((work: () => void, ms: number) => {
      expect(ms).toBe(1000);
      ticking = work;
      return 7;
    }) as typeof setInterval;
    globalThis.clearInterval = (() => {
      ticking = undefined;
    }) as typeof clearInterval;
  });
  afterEach(() => {
    globalThis.setInterval = set;
    globalThis.clearInterval = clear;
  });

  it('tells a beat a second until it is taken off', async () => {
    const heard: unknown[] = [];
    const letGo = await strapOf('resting', 2).listen((beat) => heard.push(beat));
    for (let sec = 0; sec < 10; sec += 1) ticking?.();
    expect(heard).toHaveLength(10);
    letGo();
    for (let sec = 0; sec < 10; sec += 1) ticking?.();
    expect(heard).toHaveLength(10);
  });
});
