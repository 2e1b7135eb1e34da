import type { SourceId } from '../sources';

/** Ranges of motion in degrees. The trunk's are those of the whole thoracolumbar spine. */
interface RangeRow {
  readonly id: string;
  readonly joint: string;
  readonly motion: string;
  readonly least: number;
  readonly most: number;
  readonly source: SourceId;
}

/**
 * American Academy of Orthopaedic Surgeons, *Joint Motion* (from memory). The ankle carries weight in
 * every standing posture: the bent-knee, weight-bearing range (lunge test, about 40°) is used there
 * instead of the 20° measured on a bench.
 */
// prettier-ignore
export const RANGES = [
  { id: 'hip-flexion', joint: 'hip', motion: 'bent forward', least: -30, most: 120, source: 'aaos-ranges' },
  { id: 'hip-abduction', joint: 'hip', motion: 'opened', least: -30, most: 45, source: 'aaos-ranges' },
  { id: 'hip-rotation', joint: 'hip', motion: 'turned out', least: -45, most: 45, source: 'aaos-ranges' },
  { id: 'knee-flexion', joint: 'knee', motion: 'bent', least: 0, most: 135, source: 'aaos-ranges' },
  { id: 'ankle-flexion', joint: 'ankle', motion: 'toes up', least: -50, most: 40, source: 'weight-bearing-ankle' },
  { id: 'spine-flexion', joint: 'spine', motion: 'rounded', least: -25, most: 80, source: 'aaos-ranges' },
  { id: 'spine-side', joint: 'spine', motion: 'bent to the side', least: -35, most: 35, source: 'aaos-ranges' },
  { id: 'spine-turn', joint: 'spine', motion: 'turned', least: -45, most: 45, source: 'aaos-ranges' },
  { id: 'neck-flexion', joint: 'neck', motion: 'bowed', least: -45, most: 45, source: 'aaos-ranges' },
  { id: 'neck-side', joint: 'neck', motion: 'tilted', least: -45, most: 45, source: 'aaos-ranges' },
  { id: 'neck-turn', joint: 'neck', motion: 'turned', least: -60, most: 60, source: 'aaos-ranges' },
  { id: 'shoulder-back', joint: 'shoulder', motion: 'drawn back', least: 0, most: 60, source: 'aaos-ranges' },
  { id: 'shoulder-across', joint: 'shoulder', motion: 'drawn across', least: 0, most: 50, source: 'body-from-memory' },
  { id: 'elbow-flexion', joint: 'elbow', motion: 'bent', least: 0, most: 150, source: 'aaos-ranges' },
  { id: 'forearm-turn', joint: 'forearm', motion: 'turned', least: -80, most: 80, source: 'aaos-ranges' },
  { id: 'wrist-bend', joint: 'wrist', motion: 'bent', least: 0, most: 75, source: 'aaos-ranges' },
] as const satisfies readonly RangeRow[];

export type RangeId = (typeof RANGES)[number]['id'];

const rangeTable = Object.fromEntries(RANGES.map((row) => [row.id, row])) as Record<RangeId, RangeRow>;

/** The row of one range. */
export const rangeOf = (id: RangeId): RangeRow => rangeTable[id];

/** Degrees by which an angle leaves its range; 0 inside it. */
export function overDeg(id: RangeId, angleDeg: number): number {
  const row = rangeTable[id];
  return angleDeg > row.most ? angleDeg - row.most : angleDeg < row.least ? row.least - angleDeg : 0;
}

/** Share of the range on the side the angle lies, 0–1 and beyond. */
export function shareOfRange(id: RangeId, angleDeg: number): number {
  const row = rangeTable[id];
  const limit = angleDeg >= 0 ? row.most : -row.least;
  return limit === 0 ? 0 : Math.abs(angleDeg) / limit;
}
