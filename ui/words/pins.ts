import type { Pin } from '@/core/brief';
import { ROLE_NAMES } from './names';

const ORDINALS = [
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
  'ninth',
  'tenth',
  'eleventh',
  'twelfth',
] as const;

/** A place as it is said: "third", "last". */
export const placeWord = (place: number | 'last'): string =>
  place === 'last' ? 'last' : (ORDINALS[place - 1] ?? `number ${place}`);

export const timesText = (repetitions: number): string =>
  repetitions === 1 ? 'once' : repetitions === 2 ? 'twice' : `${repetitions} times`;

/** What is fixed of a form asked for: "third in Nourish, 9 times"; empty where nothing is. */
export function fixedText({ role, place, repetitions }: Omit<Pin, 'formId'>): string {
  const where =
    place === undefined
      ? role && `in ${ROLE_NAMES[role]}`
      : `${placeWord(place)} ${role ? `in ${ROLE_NAMES[role]}` : 'in its section'}`;
  return [where, repetitions === undefined ? undefined : timesText(repetitions)]
    .filter((part) => part !== undefined)
    .join(', ');
}

/** A form asked for with what is fixed of it: "Cloud hands (third in Nourish, 9 times)". */
export function pinText(pin: Pin, formName: (id: string) => string): string {
  const fixed = fixedText(pin);
  return fixed === '' ? formName(pin.formId) : `${formName(pin.formId)} (${fixed})`;
}
