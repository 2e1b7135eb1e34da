import { findMisses, postureSchema, solvePosture, type Posture } from '../../body';
import { defineForm } from './define';
import { exhale, inhale, through, to } from './strokes';
import { embody, gentler, onChair, restIn, strokePostures } from './embody';
import { strokeMovement, posturesForSide } from '../measured/measure';
import { STANCES } from '../model/terms';
import { goalsOf } from '../../body';
import { REPERTOIRE } from '..';

const up: Posture = { sink: 40, trunk: { turn: 30, lean: 20 }, hands: { left: { near: 'crown' } } };
const down: Posture = { sink: 10 };
const form = defineForm({
  id: 'test-form',
  name: 'A form for tests',
  family: 'flowing pair',
  roles: ['nourish'],
  actions: ['moves'],
  pace: 'flowing',
  sides: 'alternating',
  cycle: [inhale('Rise to the {side}.', to(up)), exhale('Sink.', to(down))],
  repetitions: { least: 1, usual: 2, most: 3, multipleOf: 1 },
  images: [],
  smaller: { change: 'Less.' },
  seated: { change: 'On a chair.' },
});

describe('rest in a stance', () => {
  it('is reached and balanced in every stance, as wide as its name', () => {
    let before = 0;
    for (const stance of STANCES) {
      const posture = restIn(stance);
      expect(postureSchema.safeParse(posture).success).toBe(true);
      expect({ stance, misses: findMisses(solvePosture(posture)) }).toEqual({ stance, misses: [] });
    }
    for (const stance of ['feet together', 'hip width', 'shoulder width', 'wide'] as const) {
      const apart = restIn(stance).feet?.apart ?? 0;
      expect(apart).toBeGreaterThan(before);
      before = apart;
    }
  });
});

describe('smaller and seated variants', () => {
  it('halve turn and lean and never bend the knees deeper than a soft stance', () => {
    const less = gentler(up);
    expect(less.trunk).toEqual({ turn: 15, lean: 10 });
    expect(less.sink).toBe(18);
    expect(gentler({ sink: 9 }).sink).toBe(9);
    expect(gentler({ feet: { heels: 30 } }).feet).toEqual({});
    expect(gentler(down)).toEqual({ sink: 10 });
  });

  it('sit down with half the lean, hands at rest on the thighs', () => {
    const seated = onChair(up);
    expect(seated.base).toBe('chair');
    expect(seated.sink).toBeUndefined();
    expect(seated.trunk).toEqual({ turn: 21, lean: 10 });
    expect(seated.hands?.left).toEqual({ near: 'crown' });
    expect(seated.hands?.both?.near).toBe('thigh');
    const own: Posture = { base: 'chair', trunk: { lean: 5 } };
    expect(onChair(own)).toBe(own);
  });

  it('are read by the posture’s own schema for all the repertoire', () => {
    for (const shipped of REPERTOIRE)
      for (const stroke of [...shipped.entry, ...shipped.cycle, ...shipped.exit])
        for (const posture of strokePostures(stroke, 'full')) {
          expect(postureSchema.safeParse(gentler(posture)).success).toBe(true);
          expect(postureSchema.safeParse(onChair(posture)).success).toBe(true);
        }
  });
});

describe('a form with its body', () => {
  const whole = embody(form, { full: { twist: 'slight' } });

  it('has postures on every stroke, in its stance, and what was measured', () => {
    expect(whole.cycle.every((stroke) => (stroke.postures ?? []).length === 1)).toBe(true);
    expect(whole.cycle[0]?.postures?.[0]?.feet?.apart).toBe(1);
    expect(whole.asks.twist).toBe('slight');
    expect(whole.smaller?.cycle?.[0]?.postures?.[0]?.trunk?.turn).toBe(15);
    expect(whole.seated?.cycle?.[0]?.postures?.[0]?.base).toBe('chair');
    expect(Object.isFrozen(whole)).toBe(true);
  });

  it('is refused where a stroke has no postures and there are none to take', () => {
    const bare = { ...form, cycle: [...form.cycle, inhale('Rise.')] };
    expect(() => embody(bare, {})).toThrow('test-form, cycle: stroke 3 has no postures');
    const longer = {
      ...form,
      seated: { change: 'On a chair.', cycle: [inhale('One.'), exhale('Two.'), inhale('Three.')] },
    };
    expect(() => embody(longer, {})).toThrow(/test-form, seated: stroke 1 has no postures/);
  });

  it('takes for each stroke of a smaller or seated variant its own postures, or the usual ones', () => {
    const own = { sink: 5 };
    const mixed = embody(
      { ...form, smaller: { change: 'Less.', cycle: [inhale('A little.', to(own)), exhale('Sink.')] } },
      {},
    );
    const [first, second] = mixed.smaller?.cycle ?? [];
    expect([first?.cue, first?.postures?.[0]?.sink]).toEqual(['A little.', 5]);
    expect([second?.cue, second?.postures?.[0]?.sink]).toEqual(['Sink.', 10]);
    // The words of the full form, where a way has none of its own.
    expect(mixed.seated?.cycle?.map((stroke) => stroke.cue)).toEqual(['Rise to the {side}.', 'Sink.']);
  });

  it('goes to the second side as its mirror, and round the second way backwards', () => {
    const stroke = whole.cycle[0];
    if (!stroke) throw new Error('expected a stroke');
    const [first, second] = [
      posturesForSide(whole, 'full', stroke, false),
      posturesForSide(whole, 'full', stroke, true),
    ];
    expect(second[0]?.trunk?.turn).toBe(-(first[0]?.trunk?.turn ?? 0));
    expect(second[0]?.hands?.right).toEqual({ near: 'crown' });
    // Round by way of the far side, the near side, and home again: backwards from home it meets the near side first.
    const [far, near, home]: readonly Posture[] = [{ sink: 12 }, { sink: 22 }, { sink: 9 }];
    if (!far || !near || !home) throw new Error('expected three postures');
    const circle = embody(
      {
        ...form,
        sides: 'both-ways',
        ways: ['left', 'right'],
        cycle: [inhale('Out.', through(far, near)), exhale('Home.', to(home))],
      },
      {},
    );
    const sinks = circle.cycle.map((one) =>
      posturesForSide(circle, 'full', one, true).map(({ sink }) => sink),
    );
    expect(sinks).toEqual([[22, 12], [9]]);
  });

  it('pulses through its postures as often as it says', () => {
    const start = goalsOf(restIn('shoulder width'));
    const once = strokeMovement(start, [up, down], 1);
    const thrice = strokeMovement(start, [up, down], 3);
    expect(once.keys).toHaveLength(3);
    expect(thrice.keys).toHaveLength(7);
    expect(thrice.at[0]).toBe(0);
    expect(thrice.at.at(-1)).toBe(1);
  });
});
