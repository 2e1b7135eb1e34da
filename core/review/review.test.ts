import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE, type Form } from '../forms';
import { compile, edit, type Practice } from '../practice';
import {
  form,
  lines,
  makesSense,
  many,
  notesOf,
  practiceOf,
  TODAY,
  type Case,
  type Line,
} from './testing.test.data';
import { review, RULES } from '.';

const CLOSE: readonly Line[] = [
  { id: 'face-washing', role: 'gather' },
  { id: 'close-hands-to-belly', role: 'close' },
];
const stroke = (cue: string, breath: 'in' | 'out' | 'free', seconds?: number) => ({
  breath,
  cue,
  ...(seconds ? { seconds } : {}),
});
const BROCADES = [
  'brocade-hold-up-the-sky',
  'brocade-draw-the-bow',
  'brocade-part-heaven-and-earth',
  'brocade-look-back',
];

/** For every rule: a practice it speaks of, and one just beside it where it keeps silent. */
// prettier-ignore
const CASES: Readonly<Record<string, { speaks: Case; silent: Case }>> = {
  'exhale-long': { speaks: { lines: lines('mist-over-the-lake'), brief: { breathsPerMin: 4 }, people: { conditions: ['asthma'] } }, silent: { lines: lines('mist-over-the-lake'), brief: { breathsPerMin: 4 }, people: { conditions: ['asthma'] }, written: { longestExhaleSec: 6 } } },
  'layer-unlaid': { speaks: { lines: lines({ id: 'shaking', over: { breathing: { pattern: 'out-longer' } } }) }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { breathing: { pattern: 'out-longer' } } }) } },
  'pattern-hurried': { speaks: { lines: lines({ id: 'mist-over-the-lake', over: { breathing: { pattern: 'small-orbit' } } }), brief: { breathsPerMin: 8 } }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { breathing: { pattern: 'small-orbit' } } }), brief: { breathsPerMin: 5 } } },
  'pattern-taught': { speaks: { lines: lines({ id: 'animal-deer', over: { familiarity: 'taught', breathing: { pattern: 'into-the-back' } } }) }, silent: { lines: lines({ id: 'animal-deer', over: { familiarity: 'known', breathing: { pattern: 'into-the-back' } } }, { id: 'mist-over-the-lake', over: { familiarity: 'taught', breathing: { pattern: 'into-the-back' } } }) } },
  'sound-place': { speaks: { lines: lines({ id: 'sound-lung', role: 'close' }) }, silent: { lines: lines({ id: 'sound-lung', role: 'clear' }) } },
  'sound-round': { speaks: { lines: lines('sound-liver', { id: 'sound-heart', over: { repetitions: 7 } }, 'sound-spleen', { id: 'sound-lung', over: { repetitions: 4 } }) }, silent: { lines: lines('sound-liver', 'sound-heart', { id: 'sound-spleen', over: { repetitions: 9 } }, 'sound-lung') } },
  'sound-school': { speaks: { lines: lines({ id: 'mist-over-the-lake', over: { sound: { sound: 'lung-voiced', voice: 'aloud' } } }) }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { sound: { sound: 'lung-standard', voice: 'aloud' } } }) } },
  length: { speaks: { lines: lines('mist-over-the-lake'), brief: { minutes: 20 } }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { repetitions: 29 } }), brief: { minutes: 5 } } },
  'section-range': { speaks: { lines: lines('mist-over-the-lake') }, silent: { lines: lines({ id: 'sound-lung', role: 'clear' }, { id: 'mist-over-the-lake', role: 'nourish' }, { id: 'cloud-hands', role: 'balance' }) } },
  footing: { speaks: { lines: lines('mist-over-the-lake', { id: 'mist-over-the-lake', over: { variant: 'seated' } }) }, silent: { lines: lines('mist-over-the-lake', 'push-and-draw') } },
  'may-not': { speaks: { lines: lines('shaking', 'mist-over-the-lake'), people: { conditions: [], mayNot: ['shaking'] } }, silent: { lines: lines('shaking', 'mist-over-the-lake'), people: { conditions: [], mayNot: ['tap-arms'] } } },
  conditions: { speaks: { lines: lines('brocade-hold-up-the-sky'), people: { conditions: ['shoulder'] } }, silent: { lines: lines('brocade-hold-up-the-sky'), people: { conditions: ['pacemaker'] } } },
  'risk-unsaid': { speaks: { lines: lines({ id: 'heel-drops', form: { cautions: [], asks: { ...form('heel-drops').asks, impact: 'firm' }, cycle: [stroke('Rise', 'in'), stroke('Drop', 'out')] as Form['cycle'] } }) }, silent: { lines: lines('heel-drops') } },
  'cold-joints': { speaks: { lines: lines('brocade-hands-to-feet') }, silent: { lines: lines({ id: 'loosen-hips', form: { loosens: ['hips', 'spine'] } }, 'brocade-hands-to-feet') } },
  'uneven-count': { speaks: { lines: lines({ id: 'brocade-draw-the-bow', over: { otherRepetitions: 5 } }) }, silent: { lines: lines('brocade-draw-the-bow') } },
  'uneven-seconds': { speaks: { lines: lines({ id: 'trace-lung-large-intestine', form: { sides: 'one-then-other' }, over: { familiarity: 'taught', repetitions: 1 } }) }, silent: { lines: lines({ id: 'trace-lung-large-intestine', form: { sides: 'one-then-other' }, over: { repetitions: 4 } }) } },
  'missing-side': { speaks: { lines: lines({ id: 'mist-over-the-lake', over: { cues: { 'cycle-0': 'Lift the left palm like mist' } } }) }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { cues: { 'cycle-0': 'Lift the left palm, then the right' } } }) } },
  'circles-one-way': { speaks: { lines: lines({ id: 'mist-over-the-lake', form: { pace: 'circling' }, over: { cues: { 'cycle-0': 'Circle the arms' } } }) }, silent: { lines: lines({ id: 'mist-over-the-lake', form: { pace: 'circling' }, over: { cues: { 'cycle-0': 'Circle the arms', 'cycle-1': 'and the other way' } } }) } },
  'count-announced': { speaks: { lines: lines({ id: 'mist-over-the-lake', over: { repetitions: 4, cues: { setup: 'Mist, six times' } } }) }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { repetitions: 6, cues: { setup: 'Mist, six times' } } }) } },
  'cue-side': { speaks: { lines: lines({ id: 'brocade-draw-the-bow', over: { cues: { 'cycle-0': 'Step out to the left' } } }) }, silent: { lines: lines({ id: 'brocade-draw-the-bow', over: { cues: { 'cycle-0': 'Step out to the {side}' } } }) } },
  'cue-shown': { speaks: { lines: lines({ id: 'mist-over-the-lake', over: { cues: { setup: 'Do it like this' } } }) }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { cues: { setup: 'Arms wide, shoulders low' } } }) } },
  'cue-breath': { speaks: { lines: lines({ id: 'mist-over-the-lake', form: { cycle: [stroke('Lift', 'in'), stroke('Sink', 'out')] as Form['cycle'] }, over: { cues: { 'cycle-0': 'Exhale and lift to the {side} with {sound}, {way}' } } }) }, silent: { lines: lines({ id: 'mist-over-the-lake', form: { cycle: [stroke('Lift', 'in'), stroke('Sink', 'out')] as Form['cycle'] }, over: { cues: { 'cycle-0': 'Inhale and lift' } } }) } },
  'words-against-body': { speaks: { lines: lines({ id: 'mist-over-the-lake', over: { cues: { 'cycle-0': 'Lift the heels high' } } }) }, silent: { lines: lines('mist-over-the-lake') } },
  'cue-too-long': { speaks: { lines: lines({ id: 'mist-over-the-lake', over: { cues: { 'cycle-0': 'Now with the utmost deliberation allow both of the palms to be carried upward and outward as though the morning mist were lifting them over the whole of the lake' } } }) }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { cues: { 'cycle-0': 'Lift' } } }) } },
  talk: { speaks: { lines: many('mist-over-the-lake', 'push-and-draw', 'parting-clouds', 'cloud-hands').map((line) => ({ ...line, over: { repetitions: 1 } })), brief: { minutes: 12 } }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { repetitions: 9 } }), brief: { minutes: 12 } } },
  'part-absent': { speaks: { lines: lines({ id: 'mist-over-the-lake', over: { repetitions: 2, layers: ['legs', 'hands', 'breath', 'mind'] } }) }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { repetitions: 4, layers: ['legs', 'hands', 'breath', 'mind'] } }) } },
  'stance-hopping': { speaks: { lines: lines(...['a', 'b', 'c'].map((): Line => ({ id: 'brocade-clench-fists', form: { stance: { start: 'wide', end: 'wide' } } }))) }, silent: { lines: lines('mist-over-the-lake', 'push-and-draw', 'parting-clouds') } },
  'route-flow': { speaks: { lines: lines({ id: 'trace-lung-large-intestine', form: { route: ['LU9', 'LU5', 'LU1'], channels: [{ channel: 'LU', how: 'trace' }] } }) }, silent: { lines: lines({ id: 'trace-lung-large-intestine', form: { route: ['LU1', 'LU5', 'LU9'], channels: [{ channel: 'LU', how: 'trace' }] } }) } },
  'route-declared': { speaks: { lines: lines({ id: 'trace-lung-large-intestine', form: { route: ['LU1', 'LU5', 'LU9'], points: [], channels: [{ channel: 'KI', how: 'trace' }] } }) }, silent: { lines: lines('trace-lung-large-intestine') } },
  'breath-custom': { speaks: { lines: lines({ id: 'spine-bellows', form: { exceptions: undefined, cycle: form('spine-bellows').cycle.map((one) => ({ ...one, breath: one.breath === 'in' ? 'out' : 'in' })) as Form['cycle'] } }) }, silent: { lines: lines('spine-bellows') } },
  'breathed-two-ways': { speaks: { lines: lines('mist-over-the-lake', { id: 'mist-over-the-lake', over: { exhaleByMouth: true } }) }, silent: { lines: lines('mist-over-the-lake', 'mist-over-the-lake') } },
  'exhale-route': { speaks: { lines: lines({ id: 'trace-lung-large-intestine', role: 'clear', form: { exhale: 'nose' } }) }, silent: { lines: lines({ id: 'trace-lung-large-intestine', role: 'clear', form: { exhale: 'nose' } }), customs: { exhaleRoute: 'nose' } } },
  'arms-up-long': { speaks: { lines: lines({ id: 'brocade-hold-up-the-sky', over: { repetitions: 40 } }) }, silent: { lines: lines({ id: 'brocade-hold-up-the-sky', over: { repetitions: 4 } }) } },
  'low-long': { speaks: { lines: lines({ id: 'brocade-clench-fists', form: { asks: { ...form('brocade-clench-fists').asks, kneeBend: 'deep' } }, over: { repetitions: 20 } }) }, silent: { lines: lines({ id: 'brocade-clench-fists', form: { asks: { ...form('brocade-clench-fists').asks, kneeBend: 'deep' } }, over: { repetitions: 1 } }) } },
  'one-leg-long': { speaks: { lines: lines({ id: 'crane-stands', over: { stays: [{ stroke: 0, sec: 30, on: 'last' }] } }) }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { stays: [{ sec: 30, on: 'last' }] } }) } },
  'nourish-before-clear': { speaks: { lines: lines({ id: 'mist-over-the-lake', role: 'nourish' }, { id: 'sound-lung', role: 'clear' }) }, silent: { lines: lines({ id: 'sound-lung', role: 'clear' }, { id: 'mist-over-the-lake', role: 'nourish' }) } },
  'sound-before-settling': { speaks: { lines: lines({ id: 'shaking', form: { settleSec: 0 } }, 'sound-lung') }, silent: { lines: lines({ id: 'shaking', form: { settleSec: 0 }, over: { quietSec: 20 } }, 'sound-lung') } },
  'percussion-still': { speaks: { lines: lines({ id: 'tap-arms', form: { settleSec: 2 } }) }, silent: { lines: lines({ id: 'tap-arms', form: { settleSec: 2 }, over: { quietSec: 8 } }) } },
  'vigorous-end': { speaks: { lines: lines('mist-over-the-lake', 'shaking') }, silent: { lines: lines('shaking', 'mist-over-the-lake') } },
  'no-gathering': { speaks: { lines: lines('mist-over-the-lake') }, silent: { lines: lines('mist-over-the-lake', ...CLOSE) } },
  'missing-hinge': { speaks: { lines: lines({ id: 'sound-lung', role: 'clear', form: { settleSec: 0 } }, { id: 'mist-over-the-lake', role: 'nourish' }) }, silent: { lines: lines({ id: 'sound-lung', role: 'clear' }, { id: 'draw-up-press-down', role: 'clear', over: { hinge: true, repetitions: 1 } }, { id: 'mist-over-the-lake', role: 'nourish' }) } },
  'near-twins': { speaks: { lines: lines('mist-over-the-lake', { id: 'parting-clouds', role: 'nourish', form: { family: form('mist-over-the-lake').family, organs: form('mist-over-the-lake').organs, channels: form('mist-over-the-lake').channels, pace: form('mist-over-the-lake').pace, stance: form('mist-over-the-lake').stance } }) }, silent: { lines: lines('mist-over-the-lake', 'sound-lung') } },
  'set-order': { speaks: { lines: many(...BROCADES.toReversed()) }, silent: { lines: many(...BROCADES) } },
  'other-school': { speaks: { lines: lines('sound-lung'), written: { soundSchool: 'voiced' as Practice['customs']['soundSchool'] } }, silent: { lines: lines('sound-lung') } },
  hour: { speaks: { lines: lines('shaking'), brief: { dayPart: 'evening' } }, silent: { lines: lines('shaking'), brief: { dayPart: 'morning' } } },
  season: { speaks: { lines: lines({ id: 'mist-over-the-lake', role: 'nourish' }, { id: 'pushing-waves', role: 'nourish', form: { phases: ['metal'] } }), brief: { season: 'spring', theme: { kind: 'organ', organ: 'kidney' } } }, silent: { lines: lines({ id: 'mist-over-the-lake', role: 'nourish' }, { id: 'pushing-waves', role: 'nourish', form: { phases: ['metal'] } }), brief: { season: 'autumn', theme: { kind: 'organ', organ: 'kidney' } } } },
  'season-school': {
    speaks: { lines: lines('mist-over-the-lake'), brief: { season: 'autumn' }, today: TODAY },
    silent: { lines: lines('mist-over-the-lake'), brief: { season: 'summer' }, today: TODAY },
  },
  'as-asked': {
    speaks: {
      lines: lines({ id: 'mist-over-the-lake', role: 'nourish', over: { repetitions: 6 } }, { id: 'parting-clouds', role: 'nourish' }),
      brief: { pins: [{ formId: 'mist-over-the-lake', place: 'last', repetitions: 9 }, { formId: 'shaking' }], without: ['parting-clouds'] },
    },
    silent: {
      lines: lines({ id: 'parting-clouds', role: 'nourish' }, { id: 'mist-over-the-lake', role: 'nourish', over: { repetitions: 9 } }),
      brief: { pins: [{ formId: 'mist-over-the-lake', place: 'last', repetitions: 9 }] },
    },
  },
  reach: { speaks: { lines: lines('mist-over-the-lake'), brief: { theme: { kind: 'organ', organ: 'liver' } } }, silent: { lines: lines('mist-over-the-lake'), brief: { theme: { kind: 'organ', organ: 'lung' } } } },
  'last-time': { speaks: { lines: many('shaking', 'sound-lung', 'mist-over-the-lake', 'push-and-draw'), people: { conditions: [], recent: [['shaking', 'sound-lung', 'mist-over-the-lake', 'push-and-draw']] } }, silent: { lines: many('shaking', 'sound-lung', 'mist-over-the-lake', 'push-and-draw'), people: { conditions: [], recent: [['shaking']] } } },
  'beginner-load': { speaks: { lines: many('shaking', 'sound-lung', 'mist-over-the-lake', 'push-and-draw').map((line) => ({ ...line, over: { familiarity: 'taught' as const, repetitions: 9 } })), people: { conditions: [], known: ['tap-arms'] } }, silent: { lines: many('shaking', 'sound-lung', 'mist-over-the-lake', 'push-and-draw').map((line) => ({ ...line, over: { familiarity: 'taught' as const, repetitions: 9 } })), people: { conditions: [], known: ['shaking', 'sound-lung', 'mist-over-the-lake'] } } },
  'slip-words': { speaks: { lines: lines({ id: 'mist-over-the-lake', over: { image: 'Mist that feeds the Liver' } }) }, silent: { lines: lines({ id: 'mist-over-the-lake', over: { image: 'Mist that feeds the Lung' } }) } },
};

describe('every rule of the margin', () => {
  it('has a case that makes it speak and one that keeps it silent', () => {
    expect(Object.keys(CASES).toSorted()).toEqual(RULES.map(({ id }) => id).toSorted());
    expect(new Set(RULES.map(({ id }) => id)).size).toBe(RULES.length);
  });

  it.each(Object.entries(CASES))('%s speaks and keeps silent where it should', (id, { speaks, silent }) => {
    const said = notesOf(speaks).filter(({ rule }) => rule === id);
    expect(said.length).toBeGreaterThan(0);
    for (const note of said) expect(makesSense(note)).toBe(true);
    expect(notesOf(silent).filter(({ rule }) => rule === id)).toEqual([]);
  });

  it('counts sides stroke by stroke, whatever timeline it is given', () => {
    const practice = practiceOf({ lines: lines('brocade-draw-the-bow') });
    const timeline = compile(practice);
    const lame = {
      ...timeline,
      events: timeline.events.map((event) =>
        event.side === 'right' && event.repetition === 1 ? { ...event, side: undefined } : event,
      ),
    };
    const said = review(practice, lame, DEFAULT_CUSTOMS, { conditions: [] }).filter(
      ({ rule }) => rule === 'uneven-count',
    );
    expect(said[0]?.said).toMatchObject({ code: 'uneven-count' });
  });
});

describe('a side that is said', () => {
  const said = (cue: string): readonly string[] =>
    notesOf({ lines: lines({ id: 'mist-over-the-lake', over: { cues: { 'cycle-0': cue } } }) }).map(
      ({ rule }) => rule,
    );

  it('is not where an organ lies: the liver under the right ribs (anatomy, from memory)', () => {
    expect(said('To the liver, under the right ribs')).not.toContain('missing-side');
    expect(said('Lift the right palm to the right ribs')).toContain('missing-side');
  });
});

describe('a breath that somebody should not do', () => {
  const mends = (line: Line): readonly unknown[] =>
    notesOf({ lines: lines('arrive-wuji', line), people: { conditions: ['pregnancy'] } }).flatMap(
      ({ rule, weight, mend }) =>
        rule === 'conditions' && weight === 'should' && mend?.kind === 'edits'
          ? mend.edits.map(({ kind }) => kind)
          : [],
    );

  it('is taken off where it was laid on, and where it lies in the form the gentler way is taken', () => {
    expect(mends({ id: 'mist-over-the-lake', over: { breathing: { pattern: 'reverse-belly' } } })).toEqual([
      'breathing',
    ]);
    expect(mends({ id: 'animal-monkey-hides' })).toEqual(['variant']);
    expect(mends({ id: 'animal-monkey-hides', over: { variant: 'smaller' } })).toEqual([]);
  });
});

describe('breath and sound in the margin', () => {
  const codes = (of: Case): readonly string[] => notesOf(of).map(({ said }) => said.code);
  const sounded = (over: object, more: Partial<Case> = {}): Case => ({
    lines: lines('arrive-wuji', { id: 'sound-lung', role: 'clear', over }),
    ...more,
  });

  it('says a sound is too loud in a quiet place, and late in a calm evening', () => {
    const evening = { brief: { dayPart: 'evening', intent: 'calm' } } as const;
    const quiet = { brief: { place: ['quiet'] } } as const;
    expect(codes(sounded({}, evening))).toContain('sound-too-loud');
    expect(codes(sounded({ sound: { sound: 'lung-standard', voice: 'whispered' } }, evening))).not.toContain(
      'sound-too-loud',
    );
    expect(
      codes(
        sounded(
          { sound: { sound: 'lung-standard', voice: 'whispered' } },
          { ...quiet, brief: { place: ['quiet'] } },
        ),
      ),
    ).toContain('sound-too-loud');
    expect(
      codes(sounded({ sound: { sound: 'lung-standard', voice: 'silent' } }, { brief: { place: ['quiet'] } })),
    ).not.toContain('sound-too-loud');
    expect(codes(sounded({ sound: 'none' }, { brief: { place: ['quiet'] } }))).not.toContain(
      'sound-too-loud',
    );
  });

  it('says where one organ has two sounds', () => {
    const two = (second: string): Case => ({
      lines: lines(
        { id: 'sound-lung', role: 'clear' },
        { id: 'mist-over-the-lake', role: 'clear', over: { sound: { sound: second, voice: 'aloud' } } },
      ),
    });
    expect(codes(two('lung-voiced'))).toContain('two-sounds-for-organ');
    expect(codes(two('lung-standard'))).not.toContain('two-sounds-for-organ');
  });

  it('keeps the mouth closed where it nourishes', () => {
    const with1 = (role: 'nourish' | 'clear'): Case => ({
      lines: lines({ id: 'mist-over-the-lake', role, over: { breathing: { pattern: 'sighing-out' } } }),
    });
    expect(codes(with1('nourish'))).toContain('pattern-by-the-mouth');
    expect(codes(with1('clear'))).not.toContain('pattern-by-the-mouth');
  });

  it('says whom a stay is not for, and how it is mended', () => {
    const stay: Case = {
      lines: lines({ id: 'mist-over-the-lake', over: { breathing: { pattern: 'stay-when-full' } } }),
      people: { conditions: ['glaucoma'] },
    };
    const note = notesOf(stay).find(
      ({ said }) => said.code === 'condition' && said.caution === 'no-strained-holds',
    );
    expect(note?.mend).toMatchObject({ edits: [{ kind: 'holds', omit: true }] });
  });
});

describe('the margin as a whole', () => {
  it('mends what it can mend: after its edits the note is gone', () => {
    let mended = 0;
    for (const [id, { speaks }] of Object.entries(CASES)) {
      const practice = practiceOf(speaks);
      const customs = { ...DEFAULT_CUSTOMS, ...speaks.customs };
      const people = speaks.people ?? { conditions: [] };
      for (const note of review(practice, compile(practice), customs, people)) {
        if (note.rule !== id || note.mend?.kind !== 'edits') continue;
        const changed = note.mend.edits.reduce(edit, practice);
        const left = review(changed, compile(changed), customs, people).filter(
          (other) => other.id === note.id,
        );
        expect({ id, left }).toEqual({ id, left: [] });
        mended += 1;
      }
    }
    expect(mended).toBeGreaterThanOrEqual(12);
  });

  it('keeps a note waved aside with its reason, and brings it back when asked', () => {
    const practice = practiceOf(CASES['no-gathering']?.speaks ?? { lines: [] });
    const note = review(practice, compile(practice), DEFAULT_CUSTOMS, { conditions: [] }).find(
      ({ rule }) => rule === 'no-gathering',
    );
    if (!note) throw new Error('expected a note');
    const waved = edit(practice, { kind: 'wave', note: note.id, reason: 'Part of a longer class' });
    const again = review(waved, compile(waved), DEFAULT_CUSTOMS, { conditions: [] });
    expect(again.find(({ id }) => id === note.id)?.wavedBecause).toBe('Part of a longer class');
    const back = edit(waved, { kind: 'unwave', note: note.id });
    expect(
      review(back, compile(back), DEFAULT_CUSTOMS, { conditions: [] }).find(({ id }) => id === note.id)
        ?.wavedBecause,
    ).toBeUndefined();
  });

  it('has nothing that must be changed, and little to say, of a draft of the composer', () => {
    for (const organ of ['lung', 'kidney', 'liver', 'heart', 'spleen'] as const)
      for (const posture of ['standing', 'seated'] as const) {
        const people = { conditions: ['high-blood-pressure' as const] };
        const made = compose({
          brief: { ...PLAIN_BRIEF, theme: { kind: 'organ', organ }, posture },
          repertoire: REPERTOIRE,
          customs: DEFAULT_CUSTOMS,
          people,
          seed: 1,
          enough: 0.5,
        });
        if (!made.ok) throw new Error('expected a practice');
        const notes = review(made.practice, made.timeline, DEFAULT_CUSTOMS, people);
        expect(notes.filter(({ weight }) => weight === 'must')).toEqual([]);
        expect(
          notes
            .filter(({ weight }) => weight === 'should')
            .map(({ rule, said }) => ({ organ, posture, rule, said })),
        ).toEqual([]);
        expect(notes.length).toBeLessThanOrEqual(8);
      }
  });

  it('puts the heaviest first and the places in order', () => {
    const notes = notesOf({
      lines: many('shaking', 'brocade-hands-to-feet', 'tap-arms'),
      people: { conditions: ['glaucoma'] },
    });
    const weights = notes.map(({ weight }) => ['must', 'should', 'consider'].indexOf(weight));
    expect(weights).toEqual(weights.toSorted((a, b) => a - b));
    expect(weights[0]).toBe(0);
  });

  it('takes three of eight for forms taken singly, and half of a set for the set', () => {
    const three = notesOf({ lines: many(...BROCADES.slice(0, 3).toReversed()) }).map(({ rule }) => rule);
    expect(three).not.toContain('set-order');
    expect(notesOf({ lines: many(...BROCADES.toReversed()) }).map(({ rule }) => rule)).toContain('set-order');
  });
});
