import type { Again } from '../brief';
import type { Item } from '../practice';
import type { NoteCode } from '.';
import { form, notesOf, type Case, type Line } from './testing.test.data';

/** Every rule that counts something, at the number where it begins to speak. */
const says = (code: NoteCode, given: Case): boolean => notesOf(given).some(({ said }) => said.code === code);
const MIST = 'mist-over-the-lake';
const one = (line: Partial<Line> = {}): Line => ({ id: MIST, role: 'nourish', ...line });
const asking = (asks: Partial<ReturnType<typeof form>['asks']>): Partial<ReturnType<typeof form>> => ({
  asks: { ...form(MIST).asks, ...asks },
});
/** Free strokes of so many seconds, done once: lengths are what they say, but for a tenth more the first time. */
const lasting = (sec: number, asks: Partial<ReturnType<typeof form>['asks']>): Line =>
  one({
    form: {
      ...asking(asks),
      cycle: [{ breath: 'free', cue: 'x', seconds: sec / 1.1 }],
      entry: [],
      exit: [],
      settleSec: 0,
    },
    over: { repetitions: 1 },
  });

describe('rules at their thresholds', () => {
  it('quiet after knocking: eight seconds are enough', () => {
    const knocked = (settleSec: number, over: Partial<Item> = {}) =>
      says('little-quiet-after-knocking', {
        lines: [one({ form: { ...asking({ percussion: ['arms'] }), settleSec }, over })],
      });
    expect([knocked(7), knocked(8), knocked(5, { quietSec: 2 }), knocked(5, { quietSec: 3 })]).toEqual([
      true,
      false,
      true,
      false,
    ]);
    expect(says('little-quiet-after-knocking', { lines: [one({ form: { settleSec: 0 } })] })).toBe(false);
  });

  it('one leg: longer than twenty seconds, holds and slower breath counted', () => {
    const stands = (oneLegSec: number, over: Partial<Item> = {}) =>
      says('one-leg-long', { lines: [one({ form: asking({ oneLegSec }), over })] });
    expect([stands(20), stands(21), stands(10, { stretch: 2 }), stands(10.5, { stretch: 2 })]).toEqual([
      false,
      true,
      false,
      true,
    ]);
    // The crane stands 11 s on one leg; a stay with the knee up adds to it, one on both feet does not.
    const crane = (stroke: number, sec: number) =>
      says('one-leg-long', {
        lines: [{ id: 'crane-stands', over: { stays: [{ stroke, sec, on: 'last' }] } }],
      });
    expect([crane(0, 9), crane(0, 10), crane(3, 60)]).toEqual([false, true, false]);
  });

  it('arms up: longer than four minutes on end, and a still moment of ten seconds ends it', () => {
    const up = { armsAboveShoulders: true };
    const twice = (quietSec: number) => [
      { ...lasting(130, up), over: { repetitions: 1, quietSec } },
      lasting(130, up),
    ];
    expect(says('arms-up-long', { lines: [lasting(240, up)] })).toBe(false);
    expect(says('arms-up-long', { lines: [lasting(241, up)] })).toBe(true);
    expect(says('arms-up-long', { lines: twice(9) })).toBe(true);
    expect(says('arms-up-long', { lines: twice(10) })).toBe(false);
    // What hangs them in between ends it too.
    const [first, second] = twice(0);
    expect(
      says('arms-up-long', {
        lines: [first, lasting(20, { armsAboveShoulders: false }), second].filter(
          (line) => line !== undefined,
        ),
      }),
    ).toBe(true);
  });

  it('low stances: longer than two minutes on end', () => {
    const low = { kneeBend: 'deep' as const };
    expect(says('low-long', { lines: [lasting(120, low)] })).toBe(false);
    expect(says('low-long', { lines: [lasting(121, low)] })).toBe(true);
  });

  it('changes of stance: of six forms more than every second change', () => {
    const stances = (...wide: readonly boolean[]) =>
      says('stance-changes', {
        lines: wide.map((isWide, index) => {
          const stance = isWide ? ('wide' as const) : ('shoulder width' as const);
          return {
            id:
              [
                'crane-stands',
                MIST,
                'push-and-draw',
                'parting-clouds',
                'open-and-close',
                'wheel',
                'pushing-waves',
              ][index] ?? MIST,
            form: { stance: { start: stance, end: stance } },
          };
        }),
      });
    // Three of five, two of five, and four of four in a practice too short to count.
    expect(stances(true, false, true, true, true, false)).toBe(true);
    expect(stances(true, false, false, false, false, true)).toBe(false);
    expect(stances(true, false, true, false, true)).toBe(false);
  });

  it('forms of the last class: of four main forms more than eight in ten, or half where all is to be new', () => {
    const ids = [MIST, 'push-and-draw', 'parting-clouds', 'open-and-close', 'wheel'];
    const again = (count: number, of: number, wish?: Again) =>
      says('same-as-last-time', {
        lines: ids.slice(0, of).map((id) => ({ id, role: 'nourish' as const })),
        people: { conditions: [], recent: [ids.slice(0, count)] },
        ...(wish ? { brief: { again: wish } } : {}),
      });
    expect([again(3, 5), again(4, 5), again(5, 5), again(4, 4), again(3, 3)]).toEqual([
      false,
      false,
      true,
      true,
      false,
    ]);
    expect([again(2, 4, 'all-new'), again(3, 4, 'all-new'), again(4, 4, 'as-last-time')]).toEqual([
      false,
      true,
      false,
    ]);
  });

  it('what nourishes and clears merely the same neighbour is no feeding before clearing', () => {
    const found = (before: string, after: string): number =>
      notesOf({
        lines: [
          { id: before, role: 'nourish' },
          { id: after, role: 'clear' },
        ],
      }).filter(({ rule }) => rule === 'nourish-before-clear').length;
    // Both serve the Bladder too: the one is done for the Kidney, the other for the Gallbladder.
    expect(form('drawing-up-the-spring').organs).toContain('bladder');
    expect(form('combing-the-head').organs).toContain('bladder');
    expect(found('drawing-up-the-spring', 'combing-the-head')).toBe(0);
    expect(found('drawing-up-the-spring', 'sound-kidney')).toBe(1);
  });

  it('clearing and nourishing: a breath between is wanted from a quarter of an hour on, ten quiet seconds are one', () => {
    const meets = (minutes: number, settleSec: number) =>
      says('hinge-missing', {
        lines: [{ id: 'sound-lung', role: 'clear', form: { settleSec } }, one()],
        brief: { minutes },
      });
    expect([meets(14, 0), meets(15, 0), meets(15, 9), meets(15, 10)]).toEqual([false, true, true, false]);
  });

  it('a sound after what stirs: eight quiet seconds are enough, and it is never the very first thing', () => {
    const after = (settleSec: number) =>
      says('sound-after-stirring', {
        lines: [
          one({ form: { ...asking({ vigorous: true }), settleSec } }),
          { id: 'sound-lung', role: 'clear' },
        ],
      });
    expect([after(7), after(8)]).toEqual([true, false]);
    expect(says('sound-first', { lines: [{ id: 'sound-lung', role: 'clear' }, one()] })).toBe(true);
    expect(says('sound-first', { lines: [one(), { id: 'sound-lung', role: 'clear' }] })).toBe(false);
  });

  it('new forms: more than customs allow, where it is known what they know', () => {
    const taught = (count: number, known: readonly string[]) =>
      says('many-new-forms', {
        lines: [MIST, 'push-and-draw', 'parting-clouds']
          .slice(0, count)
          .map((id) => ({ id, over: { familiarity: 'taught' as const } })),
        customs: { newFormsAtMost: 2 },
        people: { conditions: [], known },
      });
    expect([taught(2, ['wheel']), taught(3, ['wheel']), taught(3, ['wheel', MIST]), taught(3, [])]).toEqual([
      false,
      true,
      false,
      false,
    ]);
  });

  it('repetitions of a pin: mended where the form’s own steps reach them', () => {
    const notes = (repetitions: number, wanted: number) =>
      notesOf({
        lines: [one({ over: { repetitions } })],
        brief: { pins: [{ formId: MIST, repetitions: wanted }] },
      }).filter(({ said }) => said.code === 'asked-times');
    expect(notes(3, 3)).toEqual([]);
    expect(notes(3, 5)[0]?.mend).toMatchObject({
      said: { code: 'do-times', times: 5 },
      edits: [{ steps: 2 }],
    });
    expect(notes(5, 3)[0]?.mend).toMatchObject({ edits: [{ steps: -2 }] });
    // A form done in threes is never brought to five.
    const inThrees = notesOf({
      lines: [
        one({
          form: { repetitions: { least: 3, usual: 3, most: 9, multipleOf: 3 } },
          over: { repetitions: 3 },
        }),
      ],
      brief: { pins: [{ formId: MIST, repetitions: 5 }] },
    }).filter(({ said }) => said.code === 'asked-times');
    expect(inThrees[0]?.mend).toBeUndefined();
  });

  it('schools: only what is there is of another school, and virtues only where words name them', () => {
    const written = { virtueSchool: 'modern' as never };
    expect(says('other-school', { lines: [one()], written: { animalSchool: 'neijing' as never } })).toBe(
      false,
    );
    expect(says('other-school', { lines: [one()], written })).toBe(false);
    const said = (cue: string) =>
      says('foreign-virtue', { lines: [one({ over: { cues: { setup: cue } } })] });
    expect([said('Let it settle.'), said('Nothing is named here, only the breath.')]).toEqual([false, false]);
  });

  it('what is announced comes', () => {
    const announced = (cue: string) =>
      says('announced-and-absent', { lines: [one({ over: { cues: { setup: cue } } })] });
    expect(announced('Next the “Swallow”.')).toBe(true);
    expect(announced(`Next the “${form(MIST).name}”.`)).toBe(false);
    expect(announced('Now comes a breath.')).toBe(false);
    // A form of one's own may be called anything.
    const odd = [
      one({ form: { name: 'Wave (my + way' }, over: { cues: { setup: 'Then wave (my + way, slowly.' } } }),
    ];
    expect(says('announced-and-absent', { lines: odd })).toBe(false);
  });

  it('layers: each wants a repetition of its own; a form in parts wants parts', () => {
    const layered = (repetitions: number) =>
      says('layers-left', { lines: [one({ over: { repetitions, layers: ['legs', 'hands', 'breath'] } })] });
    expect([layered(2), layered(3)]).toEqual([true, false]);
    const inParts = (parts: ReturnType<typeof form>['parts'], lesson: Item['lesson']) =>
      says('no-parts-written', { lines: [one({ form: { parts }, over: lesson ? { lesson } : {} })] });
    expect([
      inParts([], 'parts'),
      inParts(['the legs'], 'parts'),
      inParts([], 'drill'),
      inParts([], undefined),
    ]).toEqual([true, false, false, false]);
  });

  it('what the theme names: an organ, a channel, a point, a form to learn, a phase', () => {
    const reaches = (theme: NonNullable<Case['brief']>['theme'], line: Line) =>
      !says('theme-not-reached', { lines: [line], brief: theme ? { theme } : {} });
    const lung = one({
      form: {
        organs: ['lung'],
        phases: ['metal'],
        channels: [{ channel: 'LU', how: 'stretch' }],
        points: ['LU1'],
      },
    });
    expect(reaches({ kind: 'organ', organ: 'lung' }, lung)).toBe(true);
    expect(reaches({ kind: 'organ', organ: 'liver' }, lung)).toBe(false);
    expect(reaches({ kind: 'channel', channel: 'LU' }, lung)).toBe(true);
    expect(reaches({ kind: 'channel', channel: 'LR' }, lung)).toBe(false);
    expect(reaches({ kind: 'point', point: 'LU1' }, lung)).toBe(true);
    expect(reaches({ kind: 'point', point: 'KI1' }, lung)).toBe(false);
    expect(reaches({ kind: 'lesson', formId: MIST }, lung)).toBe(true);
    expect(reaches({ kind: 'lesson', formId: 'crane-stands' }, lung)).toBe(false);
    expect(reaches({ kind: 'phase', phase: 'metal' }, lung)).toBe(true);
    expect(reaches({ kind: 'phase', phase: 'wood' }, lung)).toBe(false);
    // Arriving and loosening do not count for a theme.
    expect(reaches({ kind: 'organ', organ: 'lung' }, { ...lung, role: 'loosen' })).toBe(false);
    // In two minutes one piece is done properly; a second is only thought of, and in three it is missed.
    const parts = [
      { kind: 'organ', organ: 'lung' },
      { kind: 'organ', organ: 'liver' },
    ] as const;
    const missed = (minutes: number) =>
      notesOf({ lines: [lung], brief: { theme: { kind: 'mix', parts: [...parts] }, minutes } }).find(
        ({ said }) => said.code === 'theme-not-reached',
      )?.weight;
    expect([2, 3].map(missed)).toEqual(['consider', 'should']);
  });
});
