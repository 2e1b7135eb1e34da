import { findMisses, goalsAt, mirror, solveGoals, solvePosture, supportMarginCm } from '../../body';
import { routeByChannel } from '../../channels';
import {
  asksOf,
  claimsIn,
  contradictions,
  hasVariant,
  measureForm,
  measureTouched,
  MEASURED_ASKS,
  movingForm,
  namedAsks,
  pointsReached,
  pointsUnderPalms,
  reachOf,
  REPERTOIRE,
  restIn,
  strokePostures,
  tellingPosture,
  VARIANTS,
  type Form,
} from '..';
import { defined } from '../../text/defined';
import { againstBreath } from './breathing';
import { TOUCHED } from '../measured/touched';

const variants = REPERTOIRE.flatMap((form) =>
  VARIANTS.filter((variant) => hasVariant(form, variant)).map((variant) => ({ form, variant })),
);
const formOf = (id: string): Form => {
  const form = REPERTOIRE.find((candidate) => candidate.id === id);
  if (!form) throw new RangeError(id);
  return form;
};

describe('the moving bodies of the repertoire', () => {
  it('give every stroke of every variant a posture', () => {
    for (const { form, variant } of variants)
      for (const stroke of [
        ...form.entry,
        ...(form[variant as 'smaller']?.cycle ?? form.cycle),
        ...form.exit,
      ])
        expect({ id: form.id, variant, has: strokePostures(stroke, variant).length > 0 }).toEqual({
          id: form.id,
          variant,
          has: true,
        });
  });

  it('reach and balance in every posture a stroke ends in', () => {
    for (const { form, variant } of variants)
      for (const moving of movingForm(form, variant)) {
        const end = moving.movement.keys.at(-1);
        if (!end) throw new Error('expected a key');
        const misses = findMisses(solveGoals(end)).map((miss) => miss.code);
        expect({ id: form.id, variant, cue: moving.stroke.cue, misses }).toEqual({
          id: form.id,
          variant,
          cue: moving.stroke.cue,
          misses: [],
        });
      }
  });

  it('keep the centre of mass over the feet wherever both stand, all the way', () => {
    for (const { form, variant } of variants)
      for (const { movement } of movingForm(form, variant))
        for (const t of [0.2, 0.4, 0.6, 0.8, 1]) {
          const body = solveGoals(goalsAt(movement, t));
          const margin = supportMarginCm(body);
          const stepping = [body.goals.left, body.goals.right].some((foot) => foot.free > 0 || foot.air > 0);
          if (margin !== undefined && !stepping)
            expect({ id: form.id, in: margin > -0.5 }).toEqual({ id: form.id, in: true });
        }
  });

  it('come back to where the next repetition begins: no foot wanders off over a cycle of both sides', () => {
    for (const { form } of variants.filter(({ variant }) => variant === 'full')) {
      const cycle = movingForm(form, 'full').filter((stroke) => stroke.part === 'cycle');
      const feet = (at: 'first' | 'last') => {
        const stroke = at === 'first' ? cycle[0] : cycle.at(-1);
        const key = at === 'first' ? stroke?.movement.keys[0] : stroke?.movement.keys.at(-1);
        return key ? Math.abs(key.left.x - key.right.x) : 0;
      };
      expect(Math.abs(feet('first') - feet('last'))).toBeLessThan(0.2);
    }
  });

  it('ask what the table of measured asks says, measured again', () => {
    for (const { form, variant } of variants) {
      const again = namedAsks(measureForm(form, variant));
      const told = asksOf(form, variant);
      const relief = variant === 'seated' ? ['kneeBend', 'oneLegSec', 'stepping'] : [];
      for (const name of MEASURED_ASKS) {
        if (relief.includes(name)) continue;
        expect({ id: form.id, variant, name, is: told[name] }).toEqual({
          id: form.id,
          variant,
          name,
          is: again[name],
        });
      }
    }
  });

  it('come to the points the table says, measured again', () => {
    for (const form of REPERTOIRE)
      expect({ id: form.id, points: measureTouched(form, 'full') }).toEqual({
        id: form.id,
        points: [...((TOUCHED as Readonly<Record<string, readonly string[]>>)[form.id] ?? [])],
      });
  });
});

describe('impact', () => {
  it('at the heels is asked only where the heels come up, and firmly only where they come up far', () => {
    for (const { form, variant } of variants) {
      const { impact } = asksOf(form, variant);
      if (impact === 'none' || variant === 'seated') continue;
      const { heelUpCm } = measureForm(form, variant);
      expect({ id: form.id, variant, up: heelUpCm > (impact === 'firm' ? 3 : 0.5) }).toEqual({
        id: form.id,
        variant,
        up: true,
      });
    }
  });
});

describe('what the words claim', () => {
  it('is what the body does, in every form and variant', () => {
    for (const { form, variant } of variants)
      expect({ id: form.id, variant, wrong: contradictions(form, variant) }).toEqual({
        id: form.id,
        variant,
        wrong: [],
      });
  });

  it('is checked where it speaks of weight, feet, heels and knees', () => {
    expect(claimsIn('Both feet stay planted, weight even.')).toEqual(['weight-even', 'feet-planted']);
    expect(claimsIn('Nine tenths on the back leg.')).toEqual(['weight-share']);
    expect(claimsIn('Breathe.')).toEqual([]);
    const claims = REPERTOIRE.flatMap((form) => [
      form.footwork,
      ...form.cycle.map((stroke) => stroke.cue),
    ]).flatMap(claimsIn);
    expect(claims.length).toBeGreaterThan(60);
  });

  it('is noticed where words and bodies of a form are crossed, stroke by stroke', () => {
    const crossed = (form: Form): Form => ({
      ...form,
      cycle: form.cycle.map((stroke, index) => {
        const { breath, cue, seconds } = stroke;
        const { postures, rounds } = form.cycle[(index + 1) % form.cycle.length] ?? stroke;
        return defined({ breath, cue, seconds, postures, rounds });
      }),
    });
    // Where nothing moves but the breath, or the hands only go from place to place, strokes cannot be told apart.
    const several = REPERTOIRE.filter(
      ({ cycle, family }) => cycle.length > 1 && family !== 'rest' && family !== 'inner breathing',
    );
    const unnoticed = several
      .filter((form) => contradictions(crossed(form), 'full').length === 0)
      .map((form) => form.id);
    expect(several.length).toBeGreaterThanOrEqual(140);
    // What only turns about a joint, or stays at the head, reads the same from outside.
    expect(unnoticed).toEqual([
      'loosen-ankles',
      'wake-ears',
      'wake-teeth',
      'tap-whole-body-slow',
      'dry-washing',
      'drawing-up-the-spring',
      'push-draw-full-empty',
      'trunk-circles',
      'roll-down-roll-up',
      'spiral-one-hand',
      'spiral-hip',
      'spiral-ankle',
      'spine-sideways-wave',
      'spine-turning-wave',
      'stacking-up',
      'animal-crane-washes',
      'tendon-nine-ghosts',
      'tendon-dragon-reaches',
      'silk-crane',
      'seated-reaching-the-feet',
      'term-xiaoman',
      'term-xiazhi',
      'term-liqiu',
      'term-shuangjiang',
      'term-xiaohan',
      'term-dahan',
      'face-ears-head-back',
      'wall-palms',
      'wall-chest-opened',
      'ball-carried-round',
      'staff-dips',
      'pair-palms-breathe',
    ]);
  });

  it('is noticed where a body moves on the side the words do not name', () => {
    const sided = REPERTOIRE.filter(
      ({ sides, cycle }) => sides !== 'symmetric' && cycle.some(({ cue }) => /\{(?:side|other)\}/i.test(cue)),
    );
    const unnoticed = sided.filter((form) => {
      const cycle = form.cycle.map((stroke) => ({ ...stroke, postures: stroke.postures?.map(mirror) }));
      return contradictions({ ...form, cycle: cycle.map((stroke) => defined(stroke)) }, 'full').length === 0;
    });
    expect(sided.length).toBeGreaterThanOrEqual(58);
    // Both arms work, or one works on the other; only a teacher's eye tells which began.
    expect(unnoticed.map((form) => form.id)).toEqual([
      'armpit-to-hip',
      'inner-elbow',
      'hand-valley',
      'inner-gate-kneaded',
      'spiralling-arms',
      'wrists-pressed-out',
      'animal-crane-washes',
      'tendon-nine-oxen',
      'tendon-dragon-reaches',
      'wall-chest-opened',
      'ball-carried-round',
      'ball-rolled-over',
      'staff-dips',
      'pair-millstone',
    ]);
  });

  it('is noticed in two forms of three where the breaths are crossed: the rest move level', () => {
    const other = { in: 'out', out: 'in', hold: 'hold', free: 'free' } as const;
    // What is stated as an exception, and whoever lies, keeps its own way of breathing.
    const breathed = REPERTOIRE.filter(
      ({ cycle, exceptions, family }) =>
        cycle.some(({ breath }) => breath === 'in') && exceptions?.breath === undefined && family !== 'rest',
    );
    const noticed = breathed.filter((form) => {
      const crossed = {
        ...form,
        cycle: form.cycle.map((stroke) => ({ ...stroke, breath: other[stroke.breath] })),
      };
      return contradictions(crossed, 'full').length > 0 || againstBreath(crossed, 'full').length > 0;
    });
    expect(noticed.length / breathed.length).toBeGreaterThanOrEqual(2 / 3);
  });

  it('and a false claim is told as data', () => {
    const even = formOf('opening-the-chest');
    const wrong = (footwork: string) => contradictions({ ...even, footwork }, 'full').map((one) => one.claim);
    expect(wrong('Nine tenths on the back leg.')).toContain('weight-share');
    expect(wrong('Both heels rise together.')).toContain('heels-rise');
    expect(wrong('One foot forward.')).toContain('foot-forward');
    expect(wrong('A wide stance.')).toContain('wide-stance');
    expect(wrong('Weight shifts left and right.')).toContain('weight-moves');
    expect(wrong('The free leg floats.')).toContain('one-foot-free');
    const planted = (id: string) =>
      contradictions({ ...formOf(id), footwork: 'Both feet stay planted, weight even.' }, 'full');
    expect(planted('animal-bird').map((one) => one.claim)).toEqual(
      expect.arrayContaining(['feet-planted', 'weight-even']),
    );
    expect(planted('animal-bird')[0]?.measured).toEqual({ does: 'weight-on-one-foot', amount: 100 });
  });
});

describe('routes and reach', () => {
  it('tapping and tracing run with the flow of each channel they name (Líng Shū 38)', () => {
    const routed = REPERTOIRE.filter((form) => form.route !== undefined);
    expect(routed.length).toBeGreaterThanOrEqual(8);
    for (const form of routed) {
      const runs = routeByChannel(form.route ?? []);
      const named = form.channels.map((reach) => reach.channel);
      for (const { channel, runs: way } of runs)
        if (named.includes(channel))
          expect({ id: form.id, channel, way }).toEqual({
            id: form.id,
            channel,
            way: channel === 'CV' ? 'against' : 'with',
          });
      if (form.family === 'channel tracing')
        expect(runs.map((row) => row.channel)).toEqual(expect.arrayContaining(named));
    }
  });

  it('a point is reached by name, palm or route before by its channel', () => {
    const tracing = formOf('trace-kidney-bladder');
    expect(reachOf(tracing, 'BL23')).toBe('named');
    expect(reachOf(tracing, 'BL57')).toBe('route');
    expect(reachOf(tracing, 'BL1')).toBe('channel');
    expect(reachOf(tracing, 'LU1')).toBeUndefined();
    expect(reachOf(formOf('close-hands-to-belly'), 'CV7')).toBe('palm');
    expect(pointsReached(tracing).every((row) => row.way !== 'channel')).toBe(true);
  });

  it('palms on the kidneys lie on points of the low back, palms on the belly on points below the navel', () => {
    expect(
      pointsUnderPalms({
        hands: { both: { near: 'kidneys', off: [0.6, 0, 0], fingers: 'in', elbow: 'back' } },
      }),
    ).toEqual(expect.arrayContaining(['BL52']));
    const belly = pointsUnderPalms({ hands: { both: { near: 'lower dantian' } } });
    expect(belly.some((code) => ['CV5', 'CV6', 'CV7'].includes(code))).toBe(true);
    expect(pointsUnderPalms({})).toEqual([]);
  });
});

describe('the posture that tells a form', () => {
  it('differs from rest in every form that moves the arms, feet or head far', () => {
    for (const id of [
      'brocade-hold-up-the-sky',
      'brocade-draw-the-bow',
      'brocade-hands-to-feet',
      'animal-bird',
    ]) {
      const form = formOf(id);
      const told = solvePosture(tellingPosture(form, 'full'));
      const rest = solvePosture(restIn(form.stance.start));
      const away =
        Math.abs(told.arms.left.palm[1] - rest.arms.left.palm[1]) +
        Math.abs(told.trunk.head[1] - rest.trunk.head[1]);
      expect(away).toBeGreaterThan(0.15);
    }
  });
});
