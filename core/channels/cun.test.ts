import {
  ANATOMICAL,
  distance,
  dot,
  share,
  solvePosture,
  sub,
  unit,
  USUAL_BUILD,
  type Posture,
  type Skeleton,
  type Vec,
} from '../body';
import {
  countsOf,
  cunCm,
  measure,
  MEASURES,
  placePoint,
  point,
  POINTS,
  vertebraLevel,
  type PointCode,
} from '.';

/**
 * Published distances (WHO Standard Acupuncture Point Locations in the Western Pacific Region, 2008),
 * typed here from the standard, from memory, and measured on the placed points of solved bodies.
 */
type Row = readonly [from: PointCode, to: PointCode, cun: number];

// prettier-ignore
const FOREARM: readonly Row[] = [
  ['LU5', 'LU9', 12], ['PC3', 'PC7', 12], ['HT3', 'HT7', 12], ['PC6', 'PC7', 2], ['PC5', 'PC7', 3], ['PC4', 'PC7', 5],
  ['LU6', 'LU9', 7], ['LU7', 'LU9', 1.5], ['LU8', 'LU9', 1], ['HT4', 'HT7', 1.5], ['HT5', 'HT7', 1], ['HT6', 'HT7', 0.5],
  ['TE5', 'TE4', 2], ['TE6', 'TE4', 3], ['TE7', 'TE4', 3], ['TE8', 'TE4', 4], ['TE9', 'TE4', 7], ['LI6', 'LI5', 3],
  ['LI7', 'LI5', 5], ['LI10', 'LI11', 2], ['LI9', 'LI11', 3], ['LI8', 'LI11', 4], ['SI7', 'SI5', 5], ['SI6', 'SI5', 1],
];
// prettier-ignore
const UPPER_ARM: readonly Row[] = [
  ['HT2', 'HT3', 3], ['LI13', 'LI11', 3], ['LI14', 'LI11', 7], ['LU3', 'LU5', 6], ['LU4', 'LU5', 5], ['LU3', 'LU4', 1],
  ['TE11', 'TE10', 1], ['TE12', 'TE10', 4], ['PC2', 'PC3', 7],
];
// prettier-ignore
const LOWER_LEG: readonly Row[] = [
  ['ST36', 'ST35', 3], ['ST37', 'ST35', 6], ['ST38', 'ST35', 8], ['ST39', 'ST35', 9], ['ST40', 'ST38', 0],
  ['SP9', 'SP8', 3], ['SP6', 'KI3', 3], ['SP7', 'KI3', 6], ['KI7', 'KI3', 2], ['KI8', 'KI3', 2], ['KI9', 'KI3', 5],
  ['LR5', 'KI3', 5], ['LR6', 'KI3', 7], ['SP9', 'KI3', 13], ['BL59', 'BL60', 3], ['BL58', 'BL60', 7], ['GB39', 'BL60', 3],
  ['GB38', 'BL60', 4], ['GB37', 'BL60', 5], ['GB36', 'BL60', 7], ['GB35', 'BL60', 7], ['BL57', 'BL40', 8],
  ['BL56', 'BL40', 5], ['BL55', 'BL40', 2], ['BL40', 'BL60', 16], ['LR7', 'SP9', 0],
];
/** Front of the thigh, from the upper border of the pubic bone to the kneecap: 18 cùn. */
const FRONT_THIGH: readonly Row[] = [
  ['ST33', 'ST34', 1],
  ['ST32', 'ST34', 4],
  ['SP10', 'ST34', 0],
  ['LR9', 'SP10', 2],
  ['LR10', 'LR11', 1],
];
const BACK_THIGH: readonly Row[] = [
  ['BL36', 'BL40', 14],
  ['BL37', 'BL36', 6],
];
const OUTER_THIGH: readonly Row[] = [
  ['GB32', 'BL40', 7],
  ['BL38', 'BL39', 1],
];
// prettier-ignore
const UNDER_NAVEL: readonly Row[] = [
  ['CV6', 'CV8', 1.5], ['CV7', 'CV8', 1], ['CV5', 'CV8', 2], ['CV4', 'CV8', 3], ['CV3', 'CV8', 4], ['CV2', 'CV8', 5],
  ['ST29', 'ST25', 4], ['ST30', 'ST25', 5], ['SP13', 'SP15', 4.3], ['SP14', 'SP15', 1.3], ['KI12', 'KI16', 4],
];
// prettier-ignore
const OVER_NAVEL: readonly Row[] = [
  ['CV9', 'CV8', 1], ['CV10', 'CV8', 2], ['CV11', 'CV8', 3], ['CV12', 'CV8', 4], ['CV13', 'CV8', 5], ['CV14', 'CV8', 6],
  ['CV15', 'CV8', 7], ['CV16', 'CV8', 8], ['ST19', 'ST25', 6], ['KI21', 'KI16', 6], ['SP16', 'SP15', 3],
];
/** Out from the midline, by points at the same level between. */
const ACROSS_FRONT: readonly (readonly [readonly PointCode[], number])[] = [
  [['CV8', 'KI16', 'ST25'], 2],
  [['CV8', 'KI16', 'ST25', 'SP15'], 4],
  [['CV8', 'KI16'], 0.5],
  [['CV2', 'KI11', 'ST30'], 2],
  [['CV17', 'KI23'], 2],
  [['CV17', 'KI23', 'ST17'], 4],
  [['CV17', 'KI23', 'ST17', 'PC1', 'SP18'], 6],
  [['CV20', 'KI26', 'ST14', 'LU1'], 6],
];
const ACROSS_BACK: readonly (readonly [readonly PointCode[], number])[] = [
  [['GV4', 'BL23'], 1.5],
  [['GV4', 'BL23', 'BL52'], 3],
  [['GV12', 'BL13'], 1.5],
  [['GV12', 'BL13', 'BL42'], 3],
  [['GV9', 'BL17', 'BL46'], 3],
  [['GV13', 'BL11'], 1.5],
  [['GV13', 'BL11', 'SI14'], 3],
  [['GV13', 'EX-B2'], 0.5],
];
/** Over the head’s midline, by the points between. */
const OVER_HEAD: readonly (readonly [readonly PointCode[], number])[] = [
  [['GV24', 'GV23'], 0.5],
  [['GV24', 'GV23', 'GV22', 'GV21', 'GV20'], 4.5],
  [['GV20', 'GV19'], 1.5],
  [['GV20', 'GV19', 'GV18'], 3],
  [['GV18', 'GV17'], 1.5],
  [['GV17', 'GV16'], 1.5],
  [['GV16', 'GV15'], 0.5],
  [['GV24', 'GV23', 'GV22', 'GV21', 'GV20', 'GV19', 'GV18', 'GV17', 'GV16', 'GV15'], 11],
];

const STATURES = [1.5, 1.7, 1.92] as const;
const BENT: Posture = {
  sink: 40,
  trunk: { turn: 20 },
  hands: { both: { near: 'middle dantian', off: [5, -1, 12], elbow: 'out' } },
};

const bodies = STATURES.map((statureM) => solvePosture(ANATOMICAL, { ...USUAL_BUILD, statureM }));
const bent = STATURES.map((statureM) => solvePosture(BENT, { ...USUAL_BUILD, statureM }));
const at = (body: Skeleton, code: PointCode): Vec => {
  const place = placePoint(body, code, 'left')[0];
  if (!place) throw new Error(`no place for ${code}`);
  return place.place;
};

/** Distance along an axis in cùn of a segment so long, metres. */
const alongCun = (body: Skeleton, [from, to]: Row, axis: Vec, cunM: number): number =>
  Math.abs(dot(sub(at(body, from), at(body, to)), axis)) / cunM;

const chainCm = (body: Skeleton, codes: readonly PointCode[]): number =>
  codes
    .slice(1)
    .reduce((sum, code, index) => sum + distance(at(body, codes[index] ?? code), at(body, code)) * 100, 0);

describe('published distances hold on bodies of three statures', () => {
  const limb = (
    rows: readonly Row[],
    axis: (body: Skeleton) => Vec,
    lengthShare: number,
    cun: number,
    postures: readonly (readonly Skeleton[])[] = [bodies, bent],
  ): void => {
    for (const body of postures.flat())
      for (const row of rows) {
        const found = alongCun(body, row, axis(body), (lengthShare * body.build.statureM) / cun);
        expect({ row, off: Math.abs(found - row[2]) < 0.02 }).toEqual({ row, off: true });
      }
  };
  const bone = (pick: (body: Skeleton) => readonly [Vec, Vec]) => (body: Skeleton) => {
    const [from, to] = pick(body);
    return unit(sub(to, from));
  };
  const forearm = bone((body) => [body.arms.left.elbow, body.arms.left.wrist]);
  const upperArm = bone((body) => [body.arms.left.shoulder, body.arms.left.elbow]);
  const shank = bone((body) => [body.legs.left.knee, body.legs.left.ankle]);
  const thigh = bone((body) => [body.legs.left.hip, body.legs.left.knee]);

  it('on the forearm (12 cùn), arms hanging and arms before the chest', () =>
    limb(
      FOREARM.filter(([from]) => !['LU5', 'PC3', 'HT3'].includes(from)),
      forearm,
      share('forearm'),
      12,
      [bodies],
    ));
  it('from the elbow crease to the wrist crease', () => {
    for (const body of [...bodies, ...bent])
      for (const [from, to, cun] of FOREARM.slice(0, 3)) {
        // The crease lies on the skin of the elbow, half an arm’s thickness off the joint.
        const found = alongCun(
          body,
          [from, to, cun],
          forearm(body),
          (share('forearm') * body.build.statureM) / 12,
        );
        expect(Math.abs(found - cun)).toBeLessThan(body.arms.left.elbowBendDeg > 60 ? 2.6 : 0.6);
      }
  });
  it('on the upper arm (9 cùn from the fold of the armpit)', () =>
    limb(UPPER_ARM, upperArm, measure('axilla-elbow').share, 9));
  const crosses = (row: Row): boolean => row[0] === 'BL40' || row[1] === 'BL40';
  it('on the lower leg (16 cùn from knee crease to outer ankle)', () =>
    limb(
      LOWER_LEG.filter((row) => !crosses(row)),
      shank,
      share('shank'),
      15.5,
    ));
  it('below the knee crease, standing with soft knees', () => {
    for (const body of bodies)
      for (const row of LOWER_LEG.filter(crosses)) {
        // The crease lies on the back of the knee: a soft knee brings it half a cùn nearer.
        const found = alongCun(body, row, shank(body), (share('shank') * body.build.statureM) / 15.5);
        expect({ row, off: Math.abs(found - row[2]) < 0.5 }).toEqual({ row, off: true });
      }
  });
  it('on the front, back and outside of the thigh', () => {
    limb(FRONT_THIGH, thigh, measure('pubis-patella').share, 18);
    limb(BACK_THIGH, thigh, measure('gluteal-knee').share, 14);
    limb(OUTER_THIGH, thigh, share('thigh'), 19);
  });
  it('below the navel (5 cùn to the pubic bone) and above it (8 cùn to the breastbone’s end)', () => {
    const up = (): Vec => [0, 1, 0];
    limb(UNDER_NAVEL, up, measure('navel-pubis').share, 5, [bodies]);
    limb(OVER_NAVEL, up, measure('xiphoid-navel').share, 8, [bodies]);
  });
  it('out from the midline in front (8 cùn between the nipples) and behind (6 between the shoulder blades)', () => {
    for (const body of [...bodies, ...bent]) {
      const cm = body.build.statureM * 100;
      for (const [codes, cun] of ACROSS_FRONT)
        expect(Math.abs(chainCm(body, codes) / ((measure('nipples').share * cm) / 8) - cun)).toBeLessThan(
          0.03 * cun + 0.03,
        );
      for (const [codes, cun] of ACROSS_BACK)
        expect(Math.abs(chainCm(body, codes) / ((measure('scapulae').share * cm) / 6) - cun)).toBeLessThan(
          0.03 * cun + 0.03,
        );
    }
  });
  it('over the head (12 cùn between the hairlines)', () => {
    for (const body of bodies)
      for (const [codes, cun] of OVER_HEAD) {
        const unitCm = (measure('hairlines').share * body.build.statureM * 100) / 12;
        expect(Math.abs(chainCm(body, codes) / unitCm - cun)).toBeLessThan(0.03 * cun + 0.05);
      }
  });
  it('and are more than sixty', () => {
    const rows = [
      FOREARM,
      UPPER_ARM,
      LOWER_LEG,
      FRONT_THIGH,
      BACK_THIGH,
      OUTER_THIGH,
      UNDER_NAVEL,
      OVER_NAVEL,
    ];
    const count = rows.flat().length + ACROSS_FRONT.length + ACROSS_BACK.length + OVER_HEAD.length;
    expect(count).toBeGreaterThanOrEqual(60);
  });
});

describe('levels', () => {
  const level = (body: Skeleton, code: PointCode): number => at(body, code)[1] / body.build.statureM;

  it('back points lie under their vertebrae, spine and side alike', () => {
    const rows: readonly (readonly [PointCode, PointCode])[] = [
      ['BL13', 'GV12'],
      ['BL15', 'GV11'],
      ['BL17', 'GV9'],
      ['BL18', 'GV8'],
      ['BL19', 'GV7'],
      ['BL20', 'GV6'],
      ['BL22', 'GV5'],
      ['BL23', 'GV4'],
      ['BL25', 'GV3'],
    ];
    for (const body of bodies)
      for (const [beside, mid] of rows)
        expect(Math.abs(level(body, beside) - level(body, mid))).toBeLessThan(0.002);
  });

  it('vertebrae follow one another downwards, L2 within three finger-breadths of the navel’s level', () => {
    const order = [
      'C7',
      'T1',
      'T3',
      'T7',
      'T12',
      'L1',
      'L2',
      'L4',
      'L5',
      'S1',
      'S2',
      'S4',
      'coccyx',
    ] as const;
    order.slice(1).forEach((vertebra, index) => {
      expect(vertebraLevel(vertebra)).toBeLessThan(vertebraLevel(order[index] ?? 'C7'));
    });
    expect(Math.abs(vertebraLevel('L2') - 0.603) * 75).toBeLessThan(3);
  });

  it('points said to be level are: CV17 and the nipples, ST25 and the navel, BL40 and the knee', () => {
    for (const body of bodies) {
      expect(level(body, 'ST17')).toBeCloseTo(level(body, 'CV17'), 2);
      expect(level(body, 'ST25')).toBeCloseTo(level(body, 'CV8'), 2);
      expect(distance(at(body, 'BL40'), body.legs.left.knee) / body.build.statureM).toBeLessThan(0.05);
    }
  });
});

describe('the cùn rule', () => {
  it('counts centimetres from the person’s own segment where it was measured', () => {
    const person = { segmentsCm: { 'elbow-wrist': 24 } } as const;
    expect(cunCm(person, 'elbow-wrist')).toEqual({ cm: 2, by: 'measured' });
    // Two thumb-breadths above the wrist crease on such an arm: 4 cm.
    const site = point('PC6').sites[0];
    if (!site) throw new Error('expected a site');
    const [count] = countsOf(site);
    expect((count?.cun ?? 0) * cunCm(person, 'elbow-wrist').cm).toBe(4);
    expect(cunCm(person, 'axilla-elbow').by).toBe('carried over');
  });

  it('follows stature, and the measured segments carry over in proportion', () => {
    const of170 = cunCm({ statureCm: 170, segmentsCm: {} }, 'elbow-wrist').cm;
    expect(of170).toBeCloseTo((0.146 * 170) / 12, 6);
    const large = cunCm({ segmentsCm: { 'elbow-wrist': of170 * 12 * 1.1 } }, 'knee-lateral-malleolus').cm;
    expect(large / cunCm({ segmentsCm: {} }, 'knee-lateral-malleolus').cm).toBeCloseTo(1.1, 6);
  });

  it('refuses a length that is not one', () => {
    expect(() => cunCm({ statureCm: 0, segmentsCm: {} }, 'nipples')).toThrow(RangeError);
    expect(() => cunCm({ segmentsCm: { nipples: -3 } }, 'nipples')).toThrow(RangeError);
  });

  it('has the bone measures of the standard', () => {
    const cun = Object.fromEntries(MEASURES.map((row) => [row.id, row.cun]));
    expect(cun).toEqual({
      hairlines: 12,
      'glabella-hairline': 3,
      'hairline-corners': 9,
      mastoids: 9,
      'c7-hairline': 3,
      nipples: 8,
      'notch-xiphoid': 9,
      'xiphoid-navel': 8,
      'navel-pubis': 5,
      scapulae: 6,
      'axilla-elbow': 9,
      'elbow-wrist': 12,
      'pubis-patella': 18,
      'trochanter-knee': 19,
      'gluteal-knee': 14,
      'knee-lateral-malleolus': 16,
      'patella-medial-malleolus': 15,
      'condyle-medial-malleolus': 13,
      'malleolus-sole': 3,
    });
    for (const row of MEASURES) expect(row.share).toBeGreaterThan(0.01);
  });

  it('says in every place the cùn it is counted by', () => {
    for (const row of POINTS) {
      const site = row.sites[0];
      if (!site) throw new Error(`expected a site for ${row.code}`);
      for (const count of countsOf(site)) expect(row.where).toContain(`${count.cun} cùn`);
      expect(row.where.length).toBeGreaterThan(12);
      expect(row.where).toMatch(/^[A-Z0-9]/);
    }
  });
});
