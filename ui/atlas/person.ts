import { z } from 'zod';
import { cmOfLength, lengthName, lengthText } from '@/ui/words/region';
import { measure, type MeasureId, type PersonMeasures } from '@/core/channels';

/** What is typed into the cùn rule, as it was typed, in the unit one writes lengths in. */
export interface TypedMeasures {
  readonly stature: string;
  readonly segments: readonly { readonly id: MeasureId; readonly length: string }[];
}

export const NOTHING_MEASURED: TypedMeasures = {
  stature: '',
  segments: [
    { id: 'elbow-wrist', length: '' },
    { id: 'xiphoid-navel', length: '' },
  ],
};

type Read = { readonly person: PersonMeasures } | { readonly problems: readonly string[] };

/** What is wrong with one field, in words, or its length, cm. */
function readField(text: string, leastCm: number, mostCm: number, what: string): number | undefined | string {
  const bare = text.trim().replace(',', '.');
  if (bare === '') return undefined;
  const result = z.coerce
    .number()
    .transform(cmOfLength)
    .pipe(z.number().min(leastCm).max(mostCm))
    .safeParse(bare);
  if (result.success) return result.data;
  const between = `${lengthText(leastCm, 0)} and ${lengthText(mostCm, 0)}`;
  return `${what} is a number of ${lengthName()} between ${between}; “${text.trim().slice(0, 20)}” is not.`;
}

/** Reads the typed measures; bad ones are answered in words and none of them is used. */
export function readMeasures(typed: TypedMeasures): Read {
  const problems: string[] = [];
  const stature = readField(typed.stature, 50, 250, 'Stature');
  if (typeof stature === 'string') problems.push(stature);
  const segmentsCm: Partial<Record<MeasureId, number>> = {};
  for (const segment of typed.segments) {
    const what = measure(segment.id).what;
    const cm = readField(segment.length, 1, 120, what.charAt(0).toUpperCase() + what.slice(1));
    if (typeof cm === 'string') problems.push(cm);
    else if (cm !== undefined) segmentsCm[segment.id] = cm;
  }
  if (problems.length > 0) return { problems };
  return { person: { statureCm: typeof stature === 'number' ? stature : undefined, segmentsCm } };
}
