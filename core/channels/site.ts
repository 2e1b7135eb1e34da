/**
 * Where a point lies, said as the measuring hand would say it: in cùn along a segment from a landmark,
 * and around it. The numbers are those of the WHO standard; the body is any body (see `place.ts`).
 */

/** The named segments a limb point is counted from. */
export type LimbStart =
  | 'elbow crease'
  | 'wrist crease'
  | 'patella'
  | 'knee crease'
  | 'gluteal fold'
  | 'medial condyle'
  | 'medial malleolus'
  | 'lateral malleolus';

export type ChestLevel = 'manubrium' | 'collarbone' | 1 | 2 | 3 | 4 | 5 | 6 | 7;

// prettier-ignore
export const VERTEBRAE = [
  'C7', 'T1', 'T2', 'T3', 'T4', 'T5', 'T6', 'T7', 'T8', 'T9', 'T10', 'T11', 'T12',
  'L1', 'L2', 'L3', 'L4', 'L5', 'S1', 'S2', 'S3', 'S4', 'coccyx',
] as const;
export type Vertebra = (typeof VERTEBRAE)[number];

export type HandFace = 'palm' | 'back' | 'thumb edge' | 'little edge';
export type FootFace = 'top' | 'sole' | 'inner' | 'outer';
export type Bone = 'upper arm' | 'forearm' | 'thigh' | 'shank';

/**
 * One place. `outCun` is counted over the skin from the midline; `aroundDeg` around a limb from its front
 * (the palm side of the forearm), outwards (to the thumb) positive; on the trunk, neck and head from the
 * front to the side the point is on.
 */
export type Site =
  | { readonly on: 'belly'; readonly upCun: number; readonly outCun: number }
  | { readonly on: 'chest'; readonly level: ChestLevel; readonly outCun: number }
  | { readonly on: 'back'; readonly below: Vertebra; readonly outCun: number }
  | { readonly on: 'flank'; readonly upCun: number; readonly aroundDeg: number }
  | { readonly on: 'ribs'; readonly space: number; readonly aroundDeg: number }
  | { readonly on: 'perineum' }
  | { readonly on: 'neck'; readonly up: number; readonly aroundDeg: number }
  | { readonly on: 'shoulder'; readonly out: number; readonly aroundDeg: number }
  | { readonly on: 'scalp'; readonly behindHairlineCun: number; readonly outCun: number }
  | { readonly on: 'face'; readonly aroundDeg: number; readonly upDeg: number }
  | { readonly on: Bone; readonly from: LimbStart; readonly cun: number; readonly aroundDeg: number }
  | { readonly on: 'hand'; readonly along: number; readonly across: number; readonly face: HandFace }
  | {
      readonly on: 'foot';
      readonly along: number;
      readonly across: number;
      readonly face: FootFace;
      readonly up: number;
    };

/** Cùn above (or, negative, below) the navel; cùn out from the midline. */
export const belly = (upCun: number, outCun: number): Site => ({ on: 'belly', upCun, outCun });
/** A rib space (or the upper breastbone, or just under the collarbone); cùn out from the midline. */
export const chest = (level: ChestLevel, outCun: number): Site => ({ on: 'chest', level, outCun });
/** Below a spinous process (for S1–S4: level with that sacral opening); cùn out from the midline. */
export const back = (below: Vertebra, outCun: number): Site => ({ on: 'back', below, outCun });
/** Cùn above the navel's level, around the waist from the front. */
export const flank = (upCun: number, aroundDeg: number): Site => ({ on: 'flank', upCun, aroundDeg });
/** A rib space, around the chest from the front. */
export const ribs = (space: number, aroundDeg: number): Site => ({ on: 'ribs', space, aroundDeg });
/**
 * Share of the way up the neck: 0 at its foot (the notch above the breastbone, C7 behind), about 0.38 the ring of the
 * windpipe, 0.55 the Adam’s apple, 1 under the chin and at the back hairline (from memory of ordinary necks).
 */
export const neck = (up: number, aroundDeg: number): Site => ({ on: 'neck', up, aroundDeg });
/** Share of the way from the neck to the point of the shoulder; 0° in front, 90° on top, 180° behind. */
export const shoulder = (out: number, aroundDeg: number): Site => ({ on: 'shoulder', out, aroundDeg });
/** Cùn behind the front hairline (12 to the back hairline); cùn out from the midline. */
export const scalp = (behindHairlineCun: number, outCun: number): Site => ({
  on: 'scalp',
  behindHairlineCun,
  outCun,
});
/** A feature of the face or the side of the head: degrees from straight ahead, and up from the eyes. */
export const face = (aroundDeg: number, upDeg: number): Site => ({ on: 'face', aroundDeg, upDeg });
/** Cùn above the elbow crease. */
export const upperArm = (cun: number, aroundDeg: number): Site => ({
  on: 'upper arm',
  from: 'elbow crease',
  cun,
  aroundDeg,
});
/** Cùn above the wrist crease. */
export const forearm = (cun: number, aroundDeg: number): Site => ({
  on: 'forearm',
  from: 'wrist crease',
  cun,
  aroundDeg,
});
/** Cùn above the upper border of the patella or the knee crease, or below the gluteal fold. */
export const thigh = (
  from: 'patella' | 'knee crease' | 'gluteal fold',
  cun: number,
  aroundDeg: number,
): Site => ({
  on: 'thigh',
  from,
  cun,
  aroundDeg,
});
/** Cùn below the knee crease or the medial condyle, or above a malleolus. */
export const shank = (
  from: 'knee crease' | 'medial condyle' | 'medial malleolus' | 'lateral malleolus',
  cun: number,
  aroundDeg: number,
): Site => ({ on: 'shank', from, cun, aroundDeg });
/** Share of the way from the wrist to the tip of the middle finger; across: 1 thumb edge, −1 little edge. */
export const hand = (along: number, across: number, side: HandFace): Site => ({
  on: 'hand',
  along,
  across,
  face: side,
});
/** Share of the way from heel to toes; across: −1 inner edge, 1 outer; up: share of the ankle's height. */
export const foot = (along: number, across: number, side: FootFace, up = 0): Site => ({
  on: 'foot',
  along,
  across,
  face: side,
  up,
});

/** A row of the point tables; the code says the channel and the place in its order. */
export interface PointRecord {
  readonly code: string;
  readonly pinyin: string;
  readonly hanzi: string;
  /** English sense of the name, our own. */
  readonly sense: string;
  readonly site: Site;
  /** The landmark beside the measure; the whole place where it has no measure. */
  readonly by?: string;
  /** What practice turns to it for (from memory; nothing is promised). */
  readonly use: string;
}
