import type { Form } from './model';
import type { VariantId } from './terms';

/**
 * What is worked out from a way of doing a form alone, worked out once: a repertoire has hundreds of forms, and is looked
 * at again and again. A form is never changed; one that is written anew is another.
 */
export function keptByWay<Found>(
  work: (form: Form, variant: VariantId) => Found,
): (form: Form, variant: VariantId) => Found {
  const kept = new WeakMap<Form, Map<VariantId, { readonly found: Found }>>();
  return (form, variant) => {
    const ways = kept.get(form) ?? new Map<VariantId, { readonly found: Found }>();
    kept.set(form, ways);
    const { found } = ways.get(variant) ?? { found: work(form, variant) };
    ways.set(variant, { found });
    return found;
  };
}
