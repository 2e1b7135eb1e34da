import { asksOf, type Form, type VariantId } from '../forms';

/** Joints in the order of their bits. */
export const JOINTS = ['ankles', 'knees', 'hips', 'spine', 'shoulders', 'wrists', 'neck'] as const;
export type Joint = (typeof JOINTS)[number];

const bits = (joints: readonly string[]): number =>
  joints.reduce((sum, joint) => sum | (1 << Math.max(0, JOINTS.indexOf(joint as Joint))), 0);

/** The joints of a set of bits. */
export const jointsOf = (mask: number): readonly Joint[] =>
  JOINTS.filter((_, index) => (mask & (1 << index)) !== 0);

export const loosenedBy = (form: Form): number => bits(form.loosens);

/** The joints a form uses deeply, which must have been loosened before it (common practice). */
export function usedDeeply(form: Form, variant: VariantId): readonly Joint[] {
  const asks = asksOf(form, variant);
  const used = new Set<Joint>();
  if (asks.kneeBend === 'deep') used.add('knees').add('hips');
  if (asks.fold === 'deep') used.add('hips').add('spine');
  if (asks.twist === 'full' || asks.backBend === 'full' || asks.sideBend === 'full') used.add('spine');
  if (asks.neck === 'circle' || asks.neck === 'tip-back') used.add('neck');
  if (asks.oneLegSec > 0) used.add('hips');
  return [...used].filter((joint) => !form.loosens.includes(joint));
}

/** The joints a form moves at all, or asks something of: those a lesson in it is prepared by. */
export function usedAtAll(form: Form): readonly Joint[] {
  const asks = asksOf(form, 'full');
  const used = new Set<string>([...form.loosens, ...usedDeeply(form, 'full')]);
  if (asks.neck !== 'none') used.add('neck');
  if (asks.twist !== 'none' || asks.sideBend !== 'none' || asks.fold !== 'none') used.add('spine');
  if (asks.armsAboveShoulders) used.add('shoulders');
  if (asks.kneeBend !== 'none') used.add('knees');
  return JOINTS.filter((joint) => used.has(joint));
}

export const deepBits = (form: Form, variant: VariantId): number => bits(usedDeeply(form, variant));

const KNEES = { none: 0, slight: 0.12, moderate: 0.35, deep: 0.6 } as const;

/** How much effort a form asks, 0 (none) to 1 (much): a rough scale from what it asks (common practice). */
export function effortOf(form: Form, variant: VariantId): number {
  const asks = asksOf(form, variant);
  const sum =
    KNEES[asks.kneeBend] +
    (asks.vigorous ? 0.4 : 0) +
    (asks.oneLegSec > 0 ? 0.2 : 0) +
    (asks.armsAboveShoulders ? 0.12 : 0) +
    (asks.staticHold ? 0.1 : 0) +
    (asks.fold === 'deep' ? 0.2 : asks.fold === 'half' ? 0.1 : 0) +
    (asks.impact === 'firm' ? 0.15 : 0);
  return Math.min(1, sum);
}
