import { HEAD, LENGTHS, LEVELS, share } from '../body';
import type { SourceId } from '../sources';
import type { Site } from './site';

/**
 * The bone measures that give a cùn: each person's own segment, divided into its fixed number of cùn
 * (WHO 2008). The share of stature says how long the segment is on the body this application draws.
 */
export const MEASURE_IDS = [
  'hairlines',
  'glabella-hairline',
  'hairline-corners',
  'mastoids',
  'c7-hairline',
  'nipples',
  'notch-xiphoid',
  'xiphoid-navel',
  'navel-pubis',
  'scapulae',
  'axilla-elbow',
  'elbow-wrist',
  'pubis-patella',
  'trochanter-knee',
  'gluteal-knee',
  'knee-lateral-malleolus',
  'patella-medial-malleolus',
  'condyle-medial-malleolus',
  'malleolus-sole',
] as const;
export type MeasureId = (typeof MEASURE_IDS)[number];

/** Degrees over the top of the head, from straight ahead: glabella, front and back hairline (from memory). */
export const HEAD_LINE = { glabellaDeg: 12, frontDeg: 42, backDeg: 207 } as const;
/** Degrees over the head's side that make one cùn of its breadth (from memory of ordinary heads). */
export const HEAD_SIDE_DEG = 9;

/** Length over the head's midline between two angles, as a share of stature. */
export function headArc(fromDeg: number, toDeg: number): number {
  const at = (deg: number): readonly [number, number] => {
    const [s, c] = [Math.sin((deg * Math.PI) / 180), Math.cos((deg * Math.PI) / 180)];
    const r = 1 / Math.hypot(s / HEAD.height, c / HEAD.depth);
    return [s * r, c * r];
  };
  let sum = 0;
  let [y, z] = at(fromDeg);
  const steps = Math.max(1, Math.ceil(Math.abs(toDeg - fromDeg)));
  for (let step = 1; step <= steps; step += 1) {
    const [ny, nz] = at(fromDeg + ((toDeg - fromDeg) * step) / steps);
    sum += Math.hypot(ny - y, nz - z);
    [y, z] = [ny, nz];
  }
  return sum;
}

/** Where the segments begin and end along their bones, as shares of the bone (from memory). */
export const AXILLA_ALONG = 0.355;
export const GLUTEAL_ALONG = 0.245;
/** Knee to ankle joint in cùn: the lateral malleolus lies half a cùn below the joint, the medial above. */
export const ANKLE_JOINT_CUN = 15.5;
/** The patella's upper border over the knee crease, in cùn of the outer thigh (19). */
export const PATELLA_CUN = 2;

const thighCun = share('thigh') / 19;
const shankCun = share('shank') / ANKLE_JOINT_CUN;
const kneeHeight = share('hipHeight') - share('thigh');
export const patellaHeight = kneeHeight + PATELLA_CUN * thighCun;

interface MeasureRow {
  readonly id: MeasureId;
  readonly cun: number;
  readonly what: string;
  /** How many cùn it counts. */
  readonly source: SourceId;
  /** Length on this body, as a share of stature. */
  readonly share: number;
  readonly shareSource: SourceId;
}

// prettier-ignore
export const MEASURES: readonly MeasureRow[] = [
  { id: 'hairlines', cun: 12, what: 'front hairline to back hairline', share: headArc(HEAD_LINE.frontDeg, HEAD_LINE.backDeg), source: 'who-points-2008', shareSource: 'body-from-memory' },
  { id: 'glabella-hairline', cun: 3, what: 'between the brows to the front hairline', share: headArc(HEAD_LINE.glabellaDeg, HEAD_LINE.frontDeg), source: 'who-points-2008', shareSource: 'body-from-memory' },
  { id: 'hairline-corners', cun: 9, what: 'between the corners of the forehead', share: (9 * HEAD_SIDE_DEG * Math.PI / 180) * (HEAD.breadth + HEAD.height) / 2, source: 'who-points-2008', shareSource: 'body-from-memory' },
  { id: 'mastoids', cun: 9, what: 'between the bones behind the ears', share: (9 * HEAD_SIDE_DEG * Math.PI / 180) * (HEAD.breadth + HEAD.depth) / 2, source: 'who-points-2008', shareSource: 'body-from-memory' },
  { id: 'c7-hairline', cun: 3, what: 'below C7 to the back hairline', share: 0.045, source: 'who-points-2008', shareSource: 'body-from-memory' },
  { id: 'nipples', cun: 8, what: 'between the nipples', share: 0.11, source: 'who-points-2008', shareSource: 'body-from-memory' },
  { id: 'notch-xiphoid', cun: 9, what: 'notch above the breastbone to its lower end', share: LEVELS.sternalNotch - LEVELS.sternumEnd, source: 'who-points-2008', shareSource: 'body-from-memory' },
  { id: 'xiphoid-navel', cun: 8, what: 'lower end of the breastbone to the navel', share: LEVELS.sternumEnd - LEVELS.navel, source: 'who-points-2008', shareSource: 'body-from-memory' },
  { id: 'navel-pubis', cun: 5, what: 'navel to the upper border of the pubic bone', share: LEVELS.navel - LEVELS.pubis, source: 'who-points-2008', shareSource: 'body-from-memory' },
  { id: 'scapulae', cun: 6, what: 'between the inner edges of the shoulder blades', share: 0.085, source: 'who-points-2008', shareSource: 'body-from-memory' },
  { id: 'axilla-elbow', cun: 9, what: 'fold of the armpit to the elbow crease', share: LENGTHS.upperArm.share * (1 - AXILLA_ALONG), source: 'who-points-2008', shareSource: 'drillis-contini' },
  { id: 'elbow-wrist', cun: 12, what: 'elbow crease to wrist crease', share: LENGTHS.forearm.share, source: 'who-points-2008', shareSource: 'drillis-contini' },
  { id: 'pubis-patella', cun: 18, what: 'upper border of the pubic bone to the top of the kneecap', share: LEVELS.pubis - patellaHeight, source: 'who-points-2008', shareSource: 'body-from-memory' },
  { id: 'trochanter-knee', cun: 19, what: 'top of the thigh bone to the knee crease', share: share('thigh'), source: 'who-points-2008', shareSource: 'drillis-contini' },
  { id: 'gluteal-knee', cun: 14, what: 'fold of the buttock to the knee crease', share: share('thigh') * (1 - GLUTEAL_ALONG), source: 'who-points-2008', shareSource: 'drillis-contini' },
  { id: 'knee-lateral-malleolus', cun: 16, what: 'knee crease to the outer ankle', share: 16 * shankCun, source: 'who-points-2008', shareSource: 'drillis-contini' },
  { id: 'patella-medial-malleolus', cun: 15, what: 'lower end of the kneecap to the inner ankle', share: 15 * shankCun, source: 'who-points-2008', shareSource: 'drillis-contini' },
  { id: 'condyle-medial-malleolus', cun: 13, what: 'under the inner knob of the shin bone to the inner ankle', share: 13 * shankCun, source: 'who-points-2008', shareSource: 'drillis-contini' },
  { id: 'malleolus-sole', cun: 3, what: 'inner ankle to the sole', share: share('ankleHeight') + 0.5 * shankCun, source: 'who-points-2008', shareSource: 'drillis-contini' },
];

const table = new Map(MEASURES.map((row) => [row.id, row]));

/** The row of one bone measure. */
export function measure(id: MeasureId): MeasureRow {
  const row = table.get(id);
  if (!row) throw new RangeError(`unknown measure: expected one of ${MEASURE_IDS.join(', ')}, got ${id}`);
  return row;
}

/** One distance a place is counted by: so many cùn, of which measure, said in words. */
export interface Count {
  readonly cun: number;
  readonly of: MeasureId;
  readonly from: string;
}

const VERTEBRA_WORDS = { C: 'neck', T: 'thoracic', L: 'lumbar', S: 'sacral' } as const;

function ordinal(n: number): string {
  const tail = n % 10 === 1 && n !== 11 ? 'st' : n % 10 === 2 && n !== 12 ? 'nd' : n % 10 === 3 ? 'rd' : 'th';
  return `${n}${tail}`;
}

function vertebraWords(site: Site & { on: 'back' }): string {
  if (site.below === 'coccyx') return 'at the tailbone';
  const part = VERTEBRA_WORDS[site.below.charAt(0) as 'C' | 'T' | 'L' | 'S'];
  const which = `${ordinal(Number(site.below.slice(1)))} ${part}`;
  return part === 'sacral' ? `level with the ${which} opening` : `below the ${which} vertebra`;
}

const aside = (cun: number, of: MeasureId, line: string): readonly Count[] =>
  cun === 0 ? [] : [{ cun, of, from: `to the side of the ${line}` }];

/** The distances in cùn that fix a place; empty where it is fixed by its landmarks alone. */
// eslint-disable-next-line max-lines-per-function -- a flat exhaustive switch
export function countsOf(site: Site): readonly Count[] {
  switch (site.on) {
    case 'belly': {
      const of = site.upCun > 0 ? 'xiphoid-navel' : 'navel-pubis';
      const up =
        site.upCun === 0
          ? []
          : [
              {
                cun: Math.abs(site.upCun),
                of,
                from: `${site.upCun > 0 ? 'above' : 'below'} the navel`,
              } as const,
            ];
      return [...up, ...aside(site.outCun, 'nipples', 'midline')];
    }
    case 'chest':
      return aside(site.outCun, 'nipples', 'midline');
    case 'back':
      return aside(site.outCun, 'scapulae', 'spine');
    case 'scalp':
      return [
        { cun: site.behindHairlineCun, of: 'hairlines', from: 'behind the front hairline' },
        ...aside(site.outCun, site.behindHairlineCun > 6 ? 'mastoids' : 'hairline-corners', 'midline'),
      ];
    case 'upper arm':
      return site.cun === 0 ? [] : [{ cun: site.cun, of: 'axilla-elbow', from: 'above the elbow crease' }];
    case 'forearm':
      return site.cun === 0 ? [] : [{ cun: site.cun, of: 'elbow-wrist', from: 'above the wrist crease' }];
    case 'thigh':
      if (site.cun === 0) return [];
      if (site.from === 'patella')
        return [{ cun: site.cun, of: 'pubis-patella', from: 'above the kneecap’s upper border' }];
      return site.from === 'gluteal fold'
        ? [{ cun: site.cun, of: 'gluteal-knee', from: 'below the fold of the buttock' }]
        : [{ cun: site.cun, of: 'trochanter-knee', from: 'above the knee crease' }];
    case 'shank':
      if (site.cun === 0) return [];
      if (site.from === 'knee crease')
        return [{ cun: site.cun, of: 'knee-lateral-malleolus', from: 'below the knee crease' }];
      if (site.from === 'lateral malleolus')
        return [{ cun: site.cun, of: 'knee-lateral-malleolus', from: 'above the outer ankle’s tip' }];
      return site.from === 'medial malleolus'
        ? [{ cun: site.cun, of: 'condyle-medial-malleolus', from: 'above the inner ankle’s tip' }]
        : [{ cun: site.cun, of: 'condyle-medial-malleolus', from: 'below the inner knob of the shin bone' }];
    case 'flank':
      return site.upCun === 0
        ? []
        : [
            {
              cun: Math.abs(site.upCun),
              of: site.upCun > 0 ? 'xiphoid-navel' : 'navel-pubis',
              from: `${site.upCun > 0 ? 'above' : 'below'} the navel’s level`,
            },
          ];
    case 'ribs':
    case 'perineum':
    case 'neck':
    case 'shoulder':
    case 'face':
    case 'hand':
    case 'foot':
      return [];
    default:
      return site satisfies never;
  }
}

const ARM_SIDES = [
  [22, 'palm side'],
  [66, 'palm side towards the thumb'],
  [100, 'thumb side'],
  [158, 'back towards the thumb'],
  [202, 'back'],
] as const;

function armSide(deg: number): string {
  if (deg < -22 && deg > -90) return 'palm side towards the little finger';
  if (deg <= -90 && deg > -158) return 'back towards the little finger';
  return ARM_SIDES.find(([most]) => Math.abs(deg) <= most)?.[1] ?? 'back';
}

function limbSide(deg: number): string {
  const side = deg < 0 ? 'inner' : 'outer';
  const size = Math.abs(deg);
  if (size <= 15) return 'front';
  if (size < 65) return `${side} front`;
  if (size <= 115) return `${side} side`;
  return size < 165 ? `${side} back` : 'back';
}

function opening(site: Site): string | undefined {
  switch (site.on) {
    case 'belly':
      return site.upCun === 0 ? 'level with the navel' : undefined;
    case 'chest':
      if (site.level === 'manubrium') return 'on the breastbone';
      return site.level === 'collarbone'
        ? 'just under the collarbone'
        : `level with the ${ordinal(site.level)} rib space`;
    case 'back':
      return vertebraWords(site);
    case 'ribs':
      return `in the ${ordinal(site.space)} rib space, at the side`;
    case 'upper arm':
      return `upper arm, ${limbSide(site.aroundDeg)}${site.cun === 0 ? ', at the elbow crease' : ''}`;
    case 'forearm':
      return `forearm, ${armSide(site.aroundDeg)}${site.cun === 0 ? ', at the wrist crease' : ''}`;
    case 'thigh':
      if (site.cun > 0) return `thigh, ${limbSide(site.aroundDeg)}`;
      return site.from === 'gluteal fold'
        ? 'in the middle of the fold under the buttock'
        : `knee, ${limbSide(site.aroundDeg)}, at its crease`;
    case 'shank':
      if (site.cun > 0) return `lower leg, ${limbSide(site.aroundDeg)}`;
      if (site.from === 'medial condyle') return 'under the inner knob of the shin bone';
      return site.from === 'knee crease'
        ? `knee, ${limbSide(site.aroundDeg)}`
        : `ankle, ${limbSide(site.aroundDeg)}`;
    case 'flank':
      return site.upCun === 0 ? 'at the side of the waist, level with the navel' : 'at the side of the waist';
    case 'hand':
    case 'foot':
    case 'face':
    case 'scalp':
    case 'neck':
    case 'shoulder':
    case 'perineum':
      return undefined;
    default:
      return site satisfies never;
  }
}

/** The part of the body a place belongs to. */
export function regionOf(site: Site): string {
  switch (site.on) {
    case 'ribs':
    case 'flank':
      return 'side of the trunk';
    case 'scalp':
      return 'head';
    case 'face':
      return site.aroundDeg > 55 ? 'side of the head' : 'face';
    case 'perineum':
      return 'pelvic floor';
    case 'shank':
      return 'lower leg';
    case 'belly':
    case 'chest':
    case 'back':
    case 'neck':
    case 'shoulder':
    case 'upper arm':
    case 'forearm':
    case 'hand':
    case 'thigh':
    case 'foot':
      return site.on;
    default:
      return site satisfies never;
  }
}

/** Where a place lies, in words with its cùn; the landmark beside it last. */
export function siteWords(site: Site, by: string | undefined): string {
  const counts = countsOf(site).map((count) => `${count.cun} cùn ${count.from}`);
  const onMidline =
    'outCun' in site && site.outCun === 0
      ? [site.on === 'back' ? 'on the midline of the back' : 'on the midline']
      : [];
  const parts = [opening(site), ...counts, ...onMidline, by].filter((part) => part !== undefined);
  const text = parts.join(', ');
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** What of a person has been measured, centimetres. */
export interface PersonMeasures {
  readonly statureCm?: number | undefined;
  readonly segmentsCm: Readonly<Partial<Record<MeasureId, number>>>;
}

/** Centimetres of one cùn of a measure, and whether it was measured on this person or carried over. */
export interface CunCm {
  readonly cm: number;
  readonly by: 'measured' | 'carried over' | 'stature';
}

const USUAL_STATURE_CM = 170;

/**
 * The length of one cùn on a person: from the segment itself where it was measured; otherwise from
 * stature; otherwise from the segments that were measured, in the proportions of the usual body.
 * Lengths in cm; throws RangeError for a length that is not positive.
 */
export function cunCm(person: PersonMeasures, of: MeasureId): CunCm {
  const row = measure(of);
  const own = person.segmentsCm[of];
  const lengths = Object.entries(person.segmentsCm) as [MeasureId, number][];
  for (const length of [...lengths.map(([, cm]) => cm), person.statureCm ?? 1])
    if (!(length > 0)) throw new RangeError(`a length must be over 0 cm, got ${length}`);
  if (own !== undefined) return { cm: own / row.cun, by: 'measured' };
  if (person.statureCm !== undefined) return { cm: (row.share * person.statureCm) / row.cun, by: 'stature' };
  if (lengths.length === 0) return { cm: (row.share * USUAL_STATURE_CM) / row.cun, by: 'stature' };
  const ratios = lengths.map(([id, cm]) => cm / (measure(id).share * USUAL_STATURE_CM));
  const ratio = ratios.reduce((sum, value) => sum + value, 0) / ratios.length;
  return { cm: (ratio * row.share * USUAL_STATURE_CM) / row.cun, by: 'carried over' };
}

/** Finger measures, in cùn of the person's own hand (WHO 2008). */
// prettier-ignore
export const FINGER_MEASURES = [
  { what: 'the thumb’s breadth at its joint', cun: 1, source: 'who-points-2008' },
  { what: 'index and middle finger side by side', cun: 1.5, source: 'who-points-2008' },
  { what: 'four fingers side by side, at the middle joint', cun: 3, source: 'who-points-2008' },
] as const satisfies readonly { what: string; cun: number; source: SourceId }[];
