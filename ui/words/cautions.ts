import { anyOf } from '@/core/text/text';
import { cautionText } from './cautionSentences';
import { asksAsDone, type DoneSo, type Form } from '@/core/forms';
import { cautionsOf, type Caution, type CautionWeight, type ConditionId } from '@/core/people';

/** One thing to take care of, with everyone it is for; nobody named where it is for all. */
export interface CareLine {
  readonly say: string;
  readonly labels: readonly string[];
  readonly weight: CautionWeight;
}

const WEIGHTS = ['avoid', 'change', 'watch'] as const;

/** The same words once, however many conditions ask for them; the heaviest first. */
export function grouped(cautions: readonly Caution[]): readonly CareLine[] {
  const bySay = new Map<string, CareLine>();
  for (const { code, conditionLabel, weight } of cautions) {
    const say = cautionText(code);
    const before = bySay.get(say);
    const heavier =
      before && WEIGHTS.indexOf(before.weight) < WEIGHTS.indexOf(weight) ? before.weight : weight;
    const labels = [...new Set([...(before?.labels ?? []), conditionLabel])];
    bySay.set(say, { say, labels, weight: heavier });
  }
  return [...bySay.values()].toSorted((a, b) => WEIGHTS.indexOf(a.weight) - WEIGHTS.indexOf(b.weight));
}

const small = (say: string): string => `${say.charAt(0).toLowerCase()}${say.slice(1)}`;

/** "With knee trouble or new hip: no circles on bent knees." */
export const careText = ({ say, labels }: CareLine): string =>
  labels.length === 0 ? say : `With ${anyOf(labels)}: ${small(say)}`;

/**
 * What to take care of in a form as it is done: what is written on it, then what the present people have to mind,
 * each under its condition. With no people named, the usual conditions all speak.
 */
export function careOf(
  form: Form,
  done: DoneSo,
  conditions: readonly ConditionId[] | undefined,
  weights: readonly CautionWeight[] = ['avoid', 'change'],
): readonly CareLine[] {
  const cautions = cautionsOf(form, done.variant, conditions, asksAsDone(form, done)).filter(({ weight }) =>
    weights.includes(weight),
  );
  return [
    ...form.cautions.map((say): CareLine => ({ say, labels: [], weight: 'watch' })),
    ...grouped(cautions),
  ];
}

/** Care lines along a practice, each printed where it first comes; later forms point back by its number. */
export function careAlong(forms: readonly (readonly CareLine[])[]): readonly {
  readonly fresh: readonly { readonly number: number; readonly text: string }[];
  readonly again: readonly number[];
}[] {
  const numbers = new Map<string, number>();
  return forms.map((lines) => {
    const texts = [...new Set(lines.map(careText))];
    const again = texts.flatMap((text) => numbers.get(text) ?? []);
    const fresh = texts
      .filter((text) => !numbers.has(text))
      .map((text) => {
        const number = numbers.size + 1;
        numbers.set(text, number);
        return { number, text };
      });
    return { fresh, again: again.toSorted((a, b) => a - b) };
  });
}
