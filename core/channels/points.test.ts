import fc from 'fast-check';
import { anyPosture } from '../body/postures.test.data';
import { distance, length, mix, solvePosture, USUAL_BUILD, type Skeleton, type Vec } from '../body';
import {
  BREATHS_PER_DAY,
  breathsAlong,
  breathsPerCircuit,
  cautionsOfPoint,
  CHANNEL_IDS,
  CHANNELS_OF_ORGANS,
  channelLengthChi,
  childPoint,
  circuitChi,
  circuitsIn,
  classesOf,
  courseCm,
  courseIsWhole,
  faceOf,
  findPoints,
  JOINS,
  motherPoint,
  ORGAN_POINTS,
  pairOf,
  placeCourse,
  placePoint,
  point,
  POINTS,
  POINT_CODES,
  POINT_COUNTS,
  pointsForTheme,
  pointsOn,
  readRoute,
  REGIONS,
  ROUTE_REGION_IDS,
  ROUTE_REGIONS,
  routeByChannel,
  TRANSPORT_POINTS,
  transportPhase,
  type PointCode,
  type RegularChannelId,
  type RouteStop,
} from '.';

const standing = solvePosture({});
const same = (codes: readonly { code: string }[]): readonly string[] => codes.map((row) => row.code);

describe('the points', () => {
  it('are as many on each channel as the standard counts (WHO 2008), 361 in all, and the extra ones', () => {
    // prettier-ignore
    const counts = { LU: 11, LI: 20, ST: 45, SP: 21, HT: 9, SI: 19, BL: 67, KI: 27, PC: 9, TE: 23, GB: 44, LR: 14, GV: 28, CV: 24 };
    expect(POINT_COUNTS).toEqual(counts);
    expect(POINT_CODES).toEqual(POINTS.map((row) => row.code));
    for (const id of CHANNEL_IDS) {
      const line = pointsOn(id);
      expect({ id, count: line.length }).toEqual({ id, count: counts[id] });
      expect(line.map((row) => row.number)).toEqual(line.map((_, index) => index + 1));
    }
    expect(POINTS.filter((row) => row.channel !== undefined)).toHaveLength(361);
    expect(same(POINTS.filter((row) => row.channel === undefined))).toEqual(
      expect.arrayContaining(['EX-HN3', 'EX-HN5', 'EX-B2', 'EX-LE10', 'EX-UE9']),
    );
    expect(point('EX-B2').sites).toHaveLength(17);
    expect(point('EX-LE10').sites.length * 2).toBe(8);
    expect(point('EX-UE9').sites.length * 2).toBe(8);
  });

  it('carry pinyin with tone marks, hanzi, a sense and what practice uses them for', () => {
    for (const row of POINTS) {
      expect(row.pinyin).toMatch(/[āáǎàēéěèīíǐìōóǒòūúǔùǖǘǚǜĀÁǍÀĒÉĚÈŌÓǑÒ]/);
      expect(row.hanzi).toMatch(/^[\u4e00-\u9fff]{2,4}$/);
      expect(row.sense.length).toBeGreaterThan(3);
      expect(row.use.length).toBeGreaterThan(2);
    }
    const regions = new Set(REGIONS.map((region) => region.name));
    for (const name of ['lower dāntián', 'middle dāntián', 'upper dāntián', 'jade pillow'])
      expect(regions).toContain(name);
    expect(REGIONS.filter((region) => region.name === 'lower dāntián').length).toBeGreaterThanOrEqual(3);
  });

  it('lie on the skin of any body in any posture, the two sides as mirror images on an even one', () => {
    fc.assert(
      fc.property(anyPosture, (posture) => {
        const body = solvePosture(posture);
        for (const row of POINTS)
          for (const side of ['left', 'right'] as const)
            for (const { place, away } of placePoint(body, row.code, side)) {
              expect(length(away)).toBeCloseTo(1, 3);
              expect(offBody(body, place)).toBeLessThan(0.15);
            }
      }),
      { numRuns: 12 },
    );
    for (const row of POINTS) {
      const [left, right] = (['left', 'right'] as const).map(
        (side) => placePoint(standing, row.code, side)[0],
      );
      if (!left || !right) throw new Error('expected both sides');
      expect(distance(left.place, [-right.place[0], right.place[1], right.place[2]])).toBeLessThan(0.002);
      if (row.midline) expect(Math.abs(left.place[0])).toBeLessThan(0.001);
      else expect(left.place[0]).toBeGreaterThan(0);
    }
  });

  it('move with the limb they lie on', () => {
    const lifted = solvePosture({ feet: { lifted: { foot: 'left', thigh: 80, knee: 80 } }, weight: 0 });
    const [down] = placePoint(standing, 'KI1', 'left');
    const [up] = placePoint(lifted, 'KI1', 'left');
    expect((up?.place[1] ?? 0) - (down?.place[1] ?? 0)).toBeGreaterThan(0.3);
    expect(down?.away[1]).toBeCloseTo(-1, 3);
    expect(
      distance(placePoint(lifted, 'CV17', 'left')[0]?.place ?? [0, 0, 0], lifted.trunk.neck),
    ).toBeLessThan(0.3);
  });

  it('warn where they must: pregnancy, vessels, throat (common practice)', () => {
    for (const code of ['LI4', 'SP6', 'GB21', 'BL60', 'BL67', 'BL31', 'CV4'] as const)
      expect(cautionsOfPoint(code).some((caution) => caution.startsWith('pregnancy'))).toBe(true);
    expect(cautionsOfPoint('ST9')).toEqual(['large-vessel', 'throat']);
    expect(cautionsOfPoint('LU7')).toEqual([]);
  });
});

/** Metres from the nearest bone or the middle of the trunk and head. */
function offBody({ trunk, arms, legs }: Skeleton, place: Vec): number {
  const bones: (readonly [Vec, Vec])[] = [
    [trunk.midHip, trunk.thoracic],
    [trunk.thoracic, trunk.neck],
    [trunk.neck, trunk.head],
  ];
  for (const side of ['left', 'right'] as const) {
    const [arm, leg] = [arms[side], legs[side]];
    bones.push(
      [trunk.neck, arm.shoulder],
      [arm.shoulder, arm.elbow],
      [arm.elbow, arm.wrist],
      [arm.wrist, arm.fingertip],
    );
    bones.push([trunk.midHip, leg.hip], [leg.hip, leg.knee], [leg.knee, leg.ankle], [leg.heel, leg.toe]);
    bones.push([trunk.thoracic, arm.shoulder]);
  }
  const steps = [0, 0.2, 0.4, 0.6, 0.8, 1];
  return Math.min(...bones.flatMap(([a, b]) => steps.map((t) => distance(mix(a, b, t), place))));
}

describe('point classes', () => {
  it('give the mother and child points of the textbook table (Nàn Jīng 69)', () => {
    // prettier-ignore
    const table: Record<RegularChannelId, readonly [mother: PointCode, child: PointCode]> = {
      LU: ['LU9', 'LU5'], LI: ['LI11', 'LI2'], ST: ['ST41', 'ST45'], SP: ['SP2', 'SP5'], HT: ['HT9', 'HT7'], SI: ['SI3', 'SI8'],
      BL: ['BL67', 'BL65'], KI: ['KI7', 'KI1'], PC: ['PC9', 'PC7'], TE: ['TE3', 'TE10'], GB: ['GB43', 'GB38'], LR: ['LR8', 'LR2'],
    };
    for (const id of CHANNELS_OF_ORGANS) expect([motherPoint(id), childPoint(id)]).toEqual(table[id]);
  });

  it('give the transport points their phases: yin from wood, yang from metal (Nàn Jīng 64)', () => {
    expect(transportPhase('LU', 'well')).toBe('wood');
    expect(transportPhase('LU', 'river')).toBe('metal');
    expect(transportPhase('LI', 'well')).toBe('metal');
    expect(transportPhase('LI', 'sea')).toBe('earth');
    // The phase points: each channel's own.
    // prettier-ignore
    const own = { LU: 'LU8', LI: 'LI1', ST: 'ST36', SP: 'SP3', HT: 'HT8', SI: 'SI5', BL: 'BL66', KI: 'KI10', PC: 'PC8', TE: 'TE6', GB: 'GB41', LR: 'LR1' } as const;
    const phases = {
      LU: 'metal',
      LI: 'metal',
      ST: 'earth',
      SP: 'earth',
      HT: 'fire',
      SI: 'fire',
      BL: 'water',
      KI: 'water',
      PC: 'fire',
      TE: 'fire',
      GB: 'wood',
      LR: 'wood',
    } as const;
    for (const id of CHANNELS_OF_ORGANS)
      expect(classesOf(own[id]).some((one) => one.channel === id && one.phase === phases[id])).toBe(true);
  });

  it('take the source point of a yin channel from its stream point (Líng Shū 1, from memory)', () => {
    for (const id of ['LU', 'SP', 'HT', 'KI', 'PC', 'LR'] as const)
      expect(ORGAN_POINTS[id].source).toBe(TRANSPORT_POINTS[id][2]);
  });

  it('put the back-shu points at their vertebrae (textbook table)', () => {
    // prettier-ignore
    const levels = { LU: 'T3', PC: 'T4', HT: 'T5', LR: 'T9', GB: 'T10', SP: 'T11', ST: 'T12', TE: 'L1', KI: 'L2', LI: 'L4', SI: 'S1', BL: 'S2' } as const;
    for (const id of CHANNELS_OF_ORGANS) {
      const site = point(ORGAN_POINTS[id].shu).sites[0];
      expect(site).toEqual({ on: 'back', below: levels[id], outCun: 1.5 });
    }
  });

  it('keep transport, source, connecting and cleft points on their own channel', () => {
    for (const id of CHANNELS_OF_ORGANS) {
      const { source, connecting, cleft } = ORGAN_POINTS[id];
      for (const code of [...TRANSPORT_POINTS[id], source, connecting, cleft])
        expect(point(code).channel).toBe(id);
    }
    expect(
      classesOf('PC6')
        .map((one) => one.kind)
        .sort(),
    ).toEqual(['command', 'confluent', 'connecting']);
    expect(
      classesOf('ST36')
        .map((one) => one.kind)
        .sort(),
    ).toEqual(['command', 'lower sea', 'sea']);
    const windows = POINTS.filter((row) =>
      classesOf(row.code).some((one) => one.kind === 'window of the sky'),
    );
    // Ten in all (Líng Shū 2 and 21, from memory).
    expect(windows.map((row) => row.code).toSorted()).toEqual([
      'BL10',
      'CV22',
      'GV16',
      'LI18',
      'LU3',
      'PC1',
      'SI16',
      'SI17',
      'ST9',
      'TE16',
    ]);
    expect(
      classesOf('CV12')
        .map((one) => one.kind)
        .sort(),
    ).toEqual(['front-mu', 'meeting']);
  });

  it('are told apart by their senses, and say each direction in one way', () => {
    const senses = POINTS.filter((row) => row.channel !== undefined).map((row) => row.sense);
    const twice = senses.filter((sense, index) => senses.indexOf(sense) !== index);
    expect(twice).toEqual([]);
    for (const row of POINTS)
      expect({
        code: row.code,
        vague: /\b(?:before (?:the|its|their)|at the outer corner of)\b|beside the tendon/.test(row.where),
      }).toEqual({
        code: row.code,
        vague: false,
      });
  });

  it('propose points for a theme by rule, each once and with its reason', () => {
    expect(pointsForTheme('LU', 'nourish')[0]?.code).toBe('LU9');
    expect(pointsForTheme('LU', 'clear')[0]?.code).toBe('LU5');
    expect(same(pointsForTheme('KI', 'nourish'))).toEqual(['KI7', 'GB25', 'BL23', 'KI3']);
    for (const id of CHANNELS_OF_ORGANS)
      for (const intent of ['nourish', 'clear', 'calm'] as const) {
        const codes = same(pointsForTheme(id, intent));
        expect(new Set(codes).size).toBe(codes.length);
        expect(codes).toEqual(expect.arrayContaining([ORGAN_POINTS[id].mu, ORGAN_POINTS[id].shu]));
      }
  });
});

describe('courses', () => {
  it('pass every point of their channel, and run as long as a body is tall and no longer than three', () => {
    for (const id of CHANNEL_IDS) {
      expect({ id, whole: courseIsWhole(id) }).toEqual({ id, whole: true });
      const cm = courseCm(standing, id);
      expect(cm).toBeGreaterThan(50);
      expect(cm).toBeLessThan(510);
    }
  });

  it('begin and end where Líng Shū 38 says', () => {
    const heights = (id: (typeof CHANNEL_IDS)[number]): readonly [number, number] => {
      const line = pointsOn(id);
      const at = (code: PointCode | undefined) =>
        code ? (placePoint(standing, code, 'left')[0]?.place[1] ?? 0) : 0;
      return [at(line[0]?.code), at(line.at(-1)?.code)];
    };
    for (const id of ['ST', 'BL', 'GB'] as const) {
      expect(heights(id)[0]).toBeGreaterThan(1.4);
      expect(heights(id)[1]).toBeLessThan(0.1);
    }
    for (const id of ['SP', 'KI', 'LR'] as const) {
      expect(heights(id)[0]).toBeLessThan(0.1);
      expect(heights(id)[1]).toBeGreaterThan(1);
    }
    expect(faceOf('LU')).toBe('inner');
    expect(faceOf('LI')).toBe('outer');
    expect(pairOf('LU')).toBe('LI');
    for (const id of CHANNEL_IDS) expect(pairOf(pairOf(id))).toBe(id);
  });

  it('have no jump longer than a hand between two knots, in any posture', () => {
    const bodies = [standing, solvePosture({ sink: 50, trunk: { lean: 40, turn: 20 } })];
    for (const body of bodies)
      for (const id of CHANNEL_IDS)
        for (const line of placeCourse(body, id, 'left'))
          line.slice(1).forEach((place, index) => {
            expect(distance(place.place, line[index]?.place ?? place.place)).toBeLessThan(0.2);
          });
  });

  it('join one to the next, twelve times round', () => {
    expect(JOINS).toHaveLength(12);
    const order = CHANNEL_IDS.slice(0, 12);
    JOINS.forEach((join, index) => {
      expect(point(join.from).channel).toBe(order[index]);
      expect(point(join.to).channel).toBe(order[(index + 1) % 12]);
    });
  });
});

describe('lengths and breaths of the classics', () => {
  it('make 16 zhàng 2 chǐ (Líng Shū 17), 270 breaths and 50 circuits a day (Líng Shū 15, 50)', () => {
    expect(circuitChi()).toBe(162);
    expect(breathsPerCircuit()).toBe(270);
    expect(circuitsIn(BREATHS_PER_DAY)).toBe(50);
    expect(channelLengthChi('LU')).toBe(3.5);
    expect(channelLengthChi('BL')).toBe(8);
    expect(channelLengthChi('KI')).toBe(6.5);
    expect(channelLengthChi('TE')).toBe(5);
    expect(channelLengthChi('GV')).toBe(4.5);
    expect(breathsAlong('GV')).toBe(7.5);
  });
});

describe('routes', () => {
  it('down the inside of the arm and up the outside run with the flow', () => {
    const route: readonly RouteStop[] = [
      'collarbone point',
      'inner elbow',
      'palm',
      'back of the hand',
      'outer elbow',
      'back of the shoulder',
    ];
    const runs = routeByChannel(route);
    for (const id of ['LU', 'PC', 'HT', 'LI', 'TE', 'SI'])
      expect(runs).toContainEqual({ channel: id, runs: 'with' });
  });

  it('down the outside and back of the leg, up the inside, likewise; the stomach runs down the front', () => {
    expect(routeByChannel(['front of the hip', 'shin', 'top of the foot'])).toEqual([
      { channel: 'ST', runs: 'with' },
    ]);
    expect(routeByChannel(['kidneys', 'back of the knee', 'little toe'])).toContainEqual({
      channel: 'BL',
      runs: 'with',
    });
    expect(routeByChannel(['inner ankle', 'inner knee', 'groin']).every((row) => row.runs === 'with')).toBe(
      true,
    );
    expect(routeByChannel(['shin', 'front of the hip'])).toEqual([{ channel: 'ST', runs: 'against' }]);
  });

  it('down the outer line of the back to the knee is with the Bladder’s flow, though its numbers fall', () => {
    expect(routeByChannel(['BL52', 'BL40'])).toEqual([{ channel: 'BL', runs: 'with' }]);
    expect(routeByChannel(['buttock', 'back of the knee'])).toContainEqual({ channel: 'BL', runs: 'with' });
  });

  it('turned round run the other way, between any two places there are', () => {
    for (const from of ROUTE_REGION_IDS)
      for (const to of ROUTE_REGION_IDS) {
        const there = readRoute([from, to]).flatMap((leg) => leg.along);
        const back = readRoute([to, from]).flatMap((leg) => leg.along);
        const turned = back.map(({ channel, runs }) => `${channel} ${runs === 'with' ? 'against' : 'with'}`);
        expect({ from, to, turned: turned.sort() }).toEqual({
          from,
          to,
          turned: there.map(({ channel, runs }) => `${channel} ${runs}`).sort(),
        });
        if (from === to) expect(there).toEqual([]);
      }
  });

  it('the orbit’s breath goes up the back with the flow and down the front against it', () => {
    expect(routeByChannel(['tailbone', 'GV14', 'crown', 'chest', 'lower belly'])).toEqual(
      expect.arrayContaining([
        { channel: 'GV', runs: 'with' },
        { channel: 'CV', runs: 'against' },
      ]),
    );
  });

  it('know only points that are', () => {
    for (const codes of Object.values(ROUTE_REGIONS))
      for (const code of codes) expect(point(code).code).toBe(code);
  });
});

describe('finding a point', () => {
  it('by code, pinyin with or without tones, hanzi, English, class and phase', () => {
    for (const text of ['LU9', 'lu9', 'taiyuan', 'Tàiyuān', '太淵', 'great deep'])
      expect({ text, first: findPoints(text)[0]?.code }).toEqual({ text, first: 'LU9' });
    const sources = same(findPoints('source point'));
    for (const id of CHANNELS_OF_ORGANS) expect(sources).toContain(ORGAN_POINTS[id].source);
    expect(same(findPoints('mother lung'))).toContain('LU9');
    const water = same(findPoints('water point'));
    for (const code of ['KI10', 'LU5', 'BL66']) expect(water).toContain(code);
    expect([...same(findPoints('confluent'))].sort()).toEqual([
      'BL62',
      'GB41',
      'KI6',
      'LU7',
      'PC6',
      'SI3',
      'SP4',
      'TE5',
    ]);
    expect(findPoints('zzz')).toEqual([]);
    expect(findPoints('   ')).toEqual([]);
    expect(findPoints('(')).toEqual([]);
  });

  it('finds every point by its own code and its own name', () => {
    for (const row of POINTS) {
      expect(findPoints(row.code)[0]?.code).toBe(row.code);
      expect(same(findPoints(row.hanzi))).toContain(row.code);
      expect(same(findPoints(row.pinyin))).toContain(row.code);
    }
  });
});

test('a taller body has its points farther apart in proportion', () => {
  const gap = (statureM: number): number => {
    const body = solvePosture({}, { ...USUAL_BUILD, statureM });
    const [a, b] = (['LU5', 'LU9'] as const).map((code) => placePoint(body, code, 'left')[0]?.place);
    return a && b ? distance(a, b) : 0;
  };
  expect(gap(1.9) / gap(1.6)).toBeCloseTo(1.9 / 1.6, 2);
});
