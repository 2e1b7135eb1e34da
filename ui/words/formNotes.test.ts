import { REPERTOIRE, type Form } from '@/core/forms';
import { blankForm } from '@/core/forms/own/drafting';
import { noteWeight, type FormNote } from '@/core/forms/checks/formNotes';
import { reviewForm } from '@/core/forms/checks/review';
import { askBars, asksText } from './asks';
import { formNoteText, missText } from './formNotes';
import { asksOf, measureForm } from '@/core/forms';

const PACE = { breathsPerMin: 6, outToIn: 1.2 } as const;
const at = { variant: 'full', stroke: 0 } as const;

/** One of every kind of note. */
const NOTES: readonly FormNote[] = [
  { ...at, code: 'no-posture' },
  { ...at, code: 'cannot-be-done', misses: [{ code: 'hand-reach', side: 'left', overCm: 12.3 }] },
  { ...at, code: 'step-with-weight', foot: 'left', share: 0.5 },
  { ...at, code: 'in-while-sinking', cm: 7 },
  { ...at, code: 'out-while-rising', cm: 9 },
  { ...at, code: 'breaths-uneven', inhales: 2, exhales: 1 },
  { ...at, code: 'breath-twice', breath: 'in' },
  { ...at, code: 'cue-too-long', spokenSec: 6.24, strokeSec: 4.5 },
  { ...at, code: 'no-time' },
  { ...at, code: 'side-not-said' },
  { ...at, code: 'side-without-sides' },
  {
    ...at,
    code: 'words-against-body',
    text: 'Both heels rise.',
    measured: { does: 'heels-come-up', amount: 0 },
  },
  { ...at, code: 'out-of-time', sec: 66, least: 6, most: 46 },
  { ...at, code: 'route-against-flow', channels: ['ST'] },
  { ...at, code: 'no-still-moment' },
  { ...at, code: 'no-gentler-way' },
];

describe('the margin notes of a form in words', () => {
  it('are one sentence or two, each its own, and say numbers with their units', () => {
    const said = NOTES.map(formNoteText);
    expect(new Set(said).size).toBe(NOTES.length);
    for (const text of said) expect(text).toMatch(/^[A-Z0-9“].*\.$/);
    expect(formNoteText(NOTES[1] as FormNote)).toContain('the left hand stays 13 cm short');
    expect(formNoteText(NOTES[7] as FormNote)).toContain('6.2 s');
    expect(said.join()).not.toMatch(/undefined|NaN/);
  });

  it('have a weight each; what a body cannot do weighs most', () => {
    expect(NOTES.filter((note) => noteWeight(note) === 'must').map((note) => note.code)).toEqual([
      'cannot-be-done',
      'step-with-weight',
      'no-time',
    ]);
  });

  it('speak of a real form that asks too much', () => {
    const form: Form = {
      ...blankForm('own-a', 'A'),
      cycle: [
        { breath: 'in', cue: 'In.', postures: [{ hands: { both: { near: 'toes' } } }] },
        { breath: 'out', cue: 'Out.', postures: [{}] },
      ],
    };
    const first = reviewForm(form, PACE)[0];
    expect(first && formNoteText(first)).toMatch(/^A body cannot do this: .*hand stays \d+ cm short/);
  });

  it('name every kind of miss', () => {
    const said = [
      missText({ code: 'range', range: 'hip-flexion', side: 'left', overDeg: 4.2 }),
      missText({ code: 'palm', side: 'right', offDeg: 61 }),
      missText({ code: 'foot-reach', side: 'left', overCm: 3 }),
      missText({ code: 'balance', offCm: 4 }),
      missText({ code: 'weight-in-air', side: 'left', share: 0.3 }),
    ];
    expect(said[0]).toBe('left hip flexion is 5° beyond its range');
    expect(new Set(said).size).toBe(5);
  });
});

describe('what a form asks, in words and bars', () => {
  const formOf = (id: string): Form => {
    const form = REPERTOIRE.find((candidate) => candidate.id === id);
    if (!form) throw new RangeError(id);
    return form;
  };

  it('is said only where it asks anything', () => {
    expect(asksText(asksOf(formOf('brocade-hands-to-feet'), 'full'))).toEqual(
      expect.arrayContaining(['fold: deep', 'head below the heart']),
    );
    expect(asksText(asksOf(formOf('arrive-seated-bell'), 'full'))).toEqual([]);
    expect(asksText(asksOf(formOf('tap-belly'), 'full'))).toEqual(
      expect.arrayContaining(['knocking: belly', 'pressing on the belly']),
    );
  });

  it('is drawn with a value and its unit, and no bar for what is hardly asked', () => {
    const bars = askBars(measureForm(formOf('brocade-draw-the-bow'), 'full'));
    expect(bars.map((bar) => bar.label)).toEqual(expect.arrayContaining(['knees', 'head turned']));
    for (const bar of bars) {
      expect(bar.share).toBeGreaterThanOrEqual(0.04);
      expect(bar.value).toMatch(/^\d+ ?(°|%|s)$/);
    }
    expect(askBars(measureForm(formOf('arrive-wuji'), 'full')).length).toBeLessThan(4);
  });
});
