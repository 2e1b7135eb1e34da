import {
  ANATOMICAL,
  distance,
  dot,
  HEAD,
  ringAt,
  solvePosture,
  sub,
  unit,
  trunkAt,
  USUAL_BUILD,
  type Skeleton,
  type Vec,
} from '../body';
import { measure, placePoint, POINTS, type MeasureId, type PointCode } from '.';

/**
 * What a card says of a neighbour ("1 cùn below CV22") holds on the drawn body: read off the cards themselves and
 * measured on placed points, so that neither can change alone. The cùn of each part is the standard's own segment
 * (WHO 2008, from memory).
 */
const SAID = /(\d+(?:\.\d+)?) cùn (below|above|in front of|behind) ([A-Z]{2}\d+)/;

const CUN_OF: Readonly<Record<string, MeasureId>> = {
  chest: 'notch-xiphoid',
  neck: 'notch-xiphoid',
  ribs: 'nipples',
  belly: 'navel-pubis',
  'upper arm': 'axilla-elbow',
  forearm: 'elbow-wrist',
  thigh: 'pubis-patella',
  shank: 'knee-lateral-malleolus',
  foot: 'malleolus-sole',
};

/** Which way is down along the part a point lies on: along its bone, or straight down. */
function downOf(skeleton: Skeleton, on: string): Vec {
  const [arm, leg] = [skeleton.arms.left, skeleton.legs.left];
  switch (on) {
    case 'upper arm':
      return unit(sub(arm.elbow, arm.shoulder));
    case 'forearm':
      return unit(sub(arm.wrist, arm.elbow));
    case 'thigh':
      return unit(sub(leg.knee, leg.hip));
    case 'shank':
      return unit(sub(leg.ankle, leg.knee));
    default:
      return [0, -1, 0];
  }
}

interface Claim {
  readonly on: string;
  readonly code: PointCode;
  readonly cun: number;
  readonly way: string;
  readonly from: PointCode;
  readonly of: MeasureId;
}
const claims: readonly Claim[] = POINTS.flatMap((row): Claim[] => {
  const said = SAID.exec(row.where);
  const site = row.sites[0];
  if (!said || !site) return [];
  const of = CUN_OF[site.on];
  if (!of) throw new RangeError(`${row.code}: no cùn for the ${site.on}`);
  return [
    { on: site.on, code: row.code, cun: Number(said[1]), way: said[2] ?? '', from: said[3] as PointCode, of },
  ];
});

// Feet under the hips: a leg held out would turn what is level on the thigh out of level with the trunk.
const body = solvePosture({ ...ANATOMICAL, feet: { ...ANATOMICAL.feet, apart: 0.475 } });
const at = (code: PointCode): Vec => {
  const [found] = placePoint(body, code, 'left');
  if (!found) throw new RangeError(code);
  return found.place;
};
const statureM = USUAL_BUILD.statureM;

describe('what a card says of a neighbour', () => {
  it('is said by at least ten cards', () => {
    expect(claims.length).toBeGreaterThanOrEqual(10);
  });

  it.each(claims)('$code: $cun cùn $way $from, within a twentieth', ({ on, code, cun, way, from, of }) => {
    const one = (measure(of).share * statureM) / measure(of).cun;
    const gap = sub(at(code), at(from));
    // Above and below are counted along the limb, which hangs; before and behind over the skin.
    const down = dot(gap, downOf(body, on));
    const along = way === 'below' ? down : way === 'above' ? -down : distance(at(code), at(from));
    expect(along / one).toBeGreaterThan(cun * 0.95);
    expect(along / one).toBeLessThan(cun * 1.05);
  });

  it('GV4 and BL23 lie level with the navel (common practice)', () => {
    for (const code of ['GV4', 'BL23'] as const)
      expect(Math.abs(at(code)[1] - at('CV8')[1])).toBeLessThan(0.01);
  });
});

/** How deep a place lies in the head: under 1 inside its skin. */
function inHead(skeleton: Skeleton, place: Vec): number {
  const { head, headFrame } = skeleton.trunk;
  const gap = sub(place, head);
  return Math.hypot(
    dot(gap, headFrame.left) / (HEAD.breadth * statureM),
    dot(gap, headFrame.up) / (HEAD.height * statureM),
    dot(gap, headFrame.fwd) / (HEAD.depth * statureM),
  );
}

/** How deep a place lies in the trunk at its own height, up to the collarbones. */
function inTrunk(skeleton: Skeleton, place: Vec): number {
  const level = place[1] / statureM;
  if (level < 0.52 || level > 0.79) return Infinity;
  const { centre, frame } = trunkAt(skeleton.trunk, level);
  const ring = ringAt(level);
  const gap = sub(place, centre);
  return Math.hypot(
    dot(gap, frame.left) / (ring.breadth * statureM),
    dot(gap, frame.fwd) / (ring.depth * statureM),
  );
}

describe('no point lies inside another part', () => {
  it('none lies in the head, and none of head and neck in the trunk', () => {
    const inside = POINTS.flatMap((row) => {
      const place = at(row.code);
      const on = row.sites[0]?.on;
      const head = inHead(body, place) < 0.97;
      const trunk = (on === 'scalp' || on === 'face' || on === 'neck') && inTrunk(body, place) < 0.95;
      return head || trunk ? [row.code] : [];
    });
    expect(inside).toEqual([]);
  });

  it('the throat’s points stand between notch and chin, in their order, and the nape’s below the hair', () => {
    const heights = (['CV22', 'ST11', 'ST10', 'ST9', 'CV23', 'CV24'] as const).map((code) => at(code)[1]);
    expect(heights).toEqual(heights.toSorted((a, b) => a - b));
    // The chin is the lowest of the head in front.
    for (const code of ['ST9', 'ST10', 'ST11', 'ST12', 'LI17', 'LI18', 'SI16', 'CV22', 'CV23'] as const)
      expect(at(code)[1]).toBeLessThan(at('CV24')[1] - 0.02);
    expect(at('GV14')[1]).toBeLessThan(at('GV15')[1]);
    expect(at('BL10')[1]).toBeLessThanOrEqual(at('GB20')[1]);
  });
});
