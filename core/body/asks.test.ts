import {
  MASSES,
  momentAsks,
  movementAsks,
  movementThrough,
  share,
  solvePosture,
  stepsIn,
  supportMarginCm,
  USUAL_BUILD,
  type Posture,
} from '.';

const asks = (posture: Posture) => momentAsks(solvePosture(posture));

describe('the margin of support', () => {
  it('is half the way across the feet from side to side, and less from front to back', () => {
    const body = solvePosture({ feet: { apart: 1, turnOut: 0 } });
    const margin = supportMarginCm(body);
    // Along the sole at 45 %: the nearer edge is the heel, 0.45 of a foot behind.
    const heel = 0.45 * share('foot') * 170;
    expect(margin).toBeCloseTo(heel, 0);
  });

  it('shrinks when the feet close and when the weight goes to the toes or one foot', () => {
    const margin = (posture: Posture) => supportMarginCm(solvePosture(posture)) ?? NaN;
    expect(margin({ along: 0.9 })).toBeLessThan(margin({}));
    expect(margin({ feet: { apart: 0.3, turnOut: 0 }, weight: 1 })).toBeLessThan(
      margin({ feet: { apart: 1 } }),
    );
    const oneLeg = margin({ feet: { lifted: { foot: 'left', thigh: 60, knee: 70 } }, weight: 0 });
    expect(oneLeg).toBeGreaterThan(0);
    expect(oneLeg).toBeLessThan((share('footBreadth') / 2) * 170 + 0.5);
    expect(margin({ feet: { heels: 30 } })).toBeLessThan(margin({}));
  });
});

describe('what a moment asks', () => {
  it('tells the bend of the loaded knee, not of the free one', () => {
    expect(asks({ sink: 50 }).kneeBendDeg).toBeCloseTo(50, 0);
    const free = asks({ sink: 10, weight: 0, feet: { lifted: { foot: 'left', thigh: 80, knee: 110 } } });
    expect(free.kneeBendDeg).toBeLessThan(20);
    expect(free.oneLeg).toBe(true);
    expect(asks({ base: 'chair' }).kneeBendDeg).toBe(0);
  });

  it('reckons the knee’s moment as weight above it times its lever, by hand', () => {
    const body = solvePosture({ sink: 60, feet: { apart: 1.5 } });
    const leg = body.legs.left;
    const lower = MASSES.filter((row) => row.segment === 'shank' || row.segment === 'foot').reduce(
      (sum, row) => sum + row.mass,
      0,
    );
    const force = (0.5 - lower) * USUAL_BUILD.massKg * 9.81;
    const way = Math.hypot(leg.shank.fwd[0], leg.shank.fwd[2]);
    const lever =
      ((leg.pressure[0] - leg.knee[0]) * leg.shank.fwd[0] +
        (leg.pressure[2] - leg.knee[2]) * leg.shank.fwd[2]) /
      way;
    expect(momentAsks(body).kneeMomentNm).toBeCloseTo(Math.abs(force * lever), 0);
    expect(asks({ sink: 60 }).kneeMomentNm).toBeGreaterThan(asks({ sink: 20 }).kneeMomentNm);
  });

  it('grows with the body’s mass', () => {
    const heavy = momentAsks(solvePosture({ sink: 50 }, { ...USUAL_BUILD, massKg: 130 }));
    expect(heavy.kneeMomentNm / asks({ sink: 50 }).kneeMomentNm).toBeCloseTo(2, 6);
  });

  it('tells hands above the shoulders only of a raised arm', () => {
    expect(asks({ hands: { both: { near: 'reach', toward: [0.3, 1, 0.1] } } }).handsAbove).toBe(true);
    expect(asks({ hands: { both: { near: 'reach', toward: [1, 0, 0.2] } } }).handsAbove).toBe(false);
    expect(asks({ hands: { both: { near: 'cheek', elbow: 'low' } } }).handsAbove).toBe(false);
  });

  it('tells a head below the heart, folds, arches, turns and side bends', () => {
    expect(asks({ trunk: { lean: 95, round: 40 }, sink: 20 }).headBelowHeart).toBe(true);
    expect(asks({ trunk: { lean: 30 } }).headBelowHeart).toBe(false);
    expect(asks({ trunk: { lean: 40 } }).foldDeg).toBeCloseTo(40, 0);
    expect(asks({ trunk: { lean: -10 } }).foldDeg).toBe(0);
    expect(asks({ trunk: { round: -15 } }).archDeg).toBeCloseTo(15, 6);
    expect(asks({ trunk: { turn: 40 }, pelvis: { turn: 0 } }).turnShare).toBeCloseTo(40 / 45, 3);
    expect(asks({ trunk: { bend: -20 } }).sideShare).toBeCloseTo(20 / 35, 3);
    expect(asks({ head: { turn: -40 } }).neckTurnDeg).toBe(40);
    expect(asks({ head: { nod: -20 } }).neckBackDeg).toBe(20);
    expect(asks({ weight: 0.8 }).heaviestShare).toBeCloseTo(0.8, 9);
    expect(asks({ feet: { heels: 25 } }).heelUpCm).toBeGreaterThan(4);
  });
});

describe('what a movement asks', () => {
  const stretch = (postures: readonly Posture[], seconds: number, rounds = 1) => ({
    movement: movementThrough(postures),
    seconds,
    rounds,
  });

  it('takes the most of each and adds up the seconds', () => {
    const asked = movementAsks([
      stretch([{}, { sink: 50 }], 4),
      stretch([{ sink: 50 }, { trunk: { lean: 60 } }], 6),
    ]);
    expect(asked.kneeBendDeg).toBeCloseTo(50, 0);
    expect(asked.foldDeg).toBeCloseTo(60, 0);
    expect(asked.seconds).toBeCloseTo(10, 6);
  });

  it('counts the longest time on one leg, not the sum of two', () => {
    const lift = (foot: 'left' | 'right'): Posture => ({
      feet: { lifted: { foot, thigh: 60, knee: 70 } },
      weight: foot === 'left' ? 0 : 1,
    });
    const one = movementAsks(
      [
        stretch([lift('left'), lift('left')], 5),
        stretch([{}, {}], 3),
        stretch([lift('right'), lift('right')], 5),
      ],
      0.25,
    );
    expect(one.oneLegSec).toBeCloseTo(5, 0);
  });

  it('goes through a pulse once and counts its whole time', () => {
    const pulse = movementAsks([stretch([{}, { sink: 20 }, {}], 12, 6)]);
    expect(pulse.seconds).toBeCloseTo(12, 6);
    expect(pulse.kneeBendDeg).toBeGreaterThan(15);
  });

  it('says whether a foot is put elsewhere', () => {
    expect(stepsIn(movementThrough([{}, { feet: { ahead: { foot: 'left', by: 1 } } }]))).toBe(true);
    expect(stepsIn(movementThrough([{}, { weight: 0.9 }]))).toBe(false);
    expect(stepsIn({ keys: [], at: [] })).toBe(false);
    expect(movementAsks([stretch([{}, { feet: { apart: 1.8 } }], 4)]).steps).toBe(true);
  });

  it('asks nothing of nothing', () => {
    const nothing = movementAsks([]);
    expect(nothing.seconds).toBe(0);
    expect(nothing.kneeBendDeg).toBe(0);
    expect(nothing.marginCm).toBe(Infinity);
  });
});
