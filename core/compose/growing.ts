import { type Form, type Role } from '../forms';
import { isLearnt } from '../measures';
import type { GrowthLayer, Item, Layer } from '../practice';
import type { Asking } from './asking';

/** A new form grows by a layer each class it is in, and is then known (common practice). */
const GROWTH: readonly GrowthLayer[] = ['body', 'breath', 'mind'];

/** Forms that are built up so: moved whole, with the breath. What is knocked, rubbed, held or voiced is learnt at once. */
const BUILT_UP: ReadonlySet<Form['family']> = new Set([
  'spinal wave',
  'twist and bend',
  'flowing pair',
  'brocade',
  'animal',
  'balance',
]);

/**
 * What is new in a form for a group this time; nothing where it is known, or where there is no log of them. Who
 * practises alone takes a form as far as they like.
 */
export function growthOf(
  { brief, people }: Pick<Asking, 'brief' | 'people'>,
  role: Role,
  form: Form,
): GrowthLayer | undefined {
  if (brief.groupId === null || !people.times || (people.known?.length ?? 0) === 0) return undefined;
  if (form.hinge || !isLearnt(form, role) || !BUILT_UP.has(form.family)) return undefined;
  return GROWTH[people.times[form.id] ?? 0];
}

/** The layer as an item has it: the body is taught in full, what comes after is announced as it is added. */
export function grownBy(growth: GrowthLayer | undefined): Pick<Item, 'layers'> {
  if (growth === undefined || growth === 'body') return {};
  const layer: Layer = growth;
  return { layers: [layer] };
}
