import type { Audience } from '@/core/handout/audience';
import type { HandoutKind, OptionId } from '@/core/handout/kinds';

/** What is chosen of the options, as it stands in an address. */
export type Chosen = Readonly<Partial<Record<OptionId, string>>>;

interface Choice {
  readonly id: OptionId;
  readonly label: string;
  /** The first is the usual one. */
  readonly values: readonly { readonly value: string; readonly label: string }[];
}

/** Options that are one of a few. */
// prettier-ignore
export const CHOICES: readonly Choice[] = [
  { id: 'density', label: 'How much', values: [{ value: 'full', label: 'full, with figures' }, { value: 'one-page', label: 'one page' }, { value: 'large', label: 'large print, to be read standing' }] },
  { id: 'paper', label: 'Paper', values: [{ value: 'a4', label: 'A4' }, { value: 'letter', label: 'US Letter' }] },
  { id: 'poster', label: 'Paper', values: [{ value: 'a3', label: 'A3' }, { value: 'a2', label: 'A2' }, { value: 'strip', label: 'a strip' }] },
  { id: 'turn', label: 'The figure', values: [{ value: 'mirror', label: 'as in a mirror' }, { value: 'own', label: 'its own left and right' }] },
  { id: 'light', label: 'Light', values: [{ value: 'day', label: 'daylight' }, { value: 'lamp', label: 'lamplight' }] },
  { id: 'view', label: 'Seen from', values: [{ value: 'front', label: 'the front' }, { value: 'side', label: 'the side' }, { value: 'back', label: 'the back' }] },
  { id: 'width', label: 'Width', values: [{ value: '1200', label: '1200 px' }, { value: '600', label: '600 px' }, { value: '2400', label: '2400 px' }] },
  { id: 'alarm', label: 'Reminder', values: [{ value: '', label: 'none' }, { value: '0', label: 'as it begins' }, { value: '30', label: 'half an hour before' }, { value: '1440', label: 'the day before' }] },
  { id: 'table', label: 'As', values: [{ value: 'csv', label: 'CSV, for a spreadsheet' }, { value: 'json', label: 'JSON' }] },
];

/** The address a handout is made at. */
export function handoutHref(
  of: string,
  id: string,
  kind: Pick<HandoutKind, 'id' | 'options'>,
  audience: Audience,
  chosen: Chosen,
  step?: string,
): string {
  const query = new URLSearchParams({ as: kind.id, for: audience });
  if (step !== undefined) query.set('step', step);
  for (const option of kind.options) {
    const value = chosen[option];
    if (value !== undefined && value !== '') query.set(option, value);
  }
  return `/api/handout/${of}/${encodeURIComponent(id)}?${query.toString()}`;
}
