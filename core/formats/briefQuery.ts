import { themeParts, type BriefWishes, type Pin, type Theme, type ThemePart } from '../brief';

/** Under which name each kind of theme keeps its value. */
export const VALUE_OF = {
  phase: 'phase',
  organ: 'organ',
  season: 'season',
  channel: 'channel',
  point: 'point',
  hour: 'organ',
  aim: 'aim',
  set: 'set',
  lesson: 'formId',
  'all-phases': undefined,
} as const satisfies Record<ThemePart['kind'], string | undefined>;

function partText(part: ThemePart): string {
  const name = VALUE_OF[part.kind];
  return name === undefined
    ? part.kind
    : `${part.kind}.${(part as Readonly<Record<string, string>>)[name] ?? ''}`;
}

/** Several themes stand joined by tildes, which need no escaping in an address. */
const themeText = (theme: Theme): string => themeParts(theme).map(partText).join('~');

const PIN_FIELDS = ['role', 'place', 'repetitions'] as const;

/** A form asked for, with what is fixed of it: `cloud-hands~place.2~repetitions.9`. */
const pinText = (pin: Pin): string =>
  [
    pin.formId,
    ...PIN_FIELDS.flatMap((field) => (pin[field] === undefined ? [] : [`${field}.${pin[field]}`])),
  ].join('~');

/** A brief as the query of an address: `theme=organ.lung&minutes=20&…`; only what is said. */
export function writeBriefQuery(wishes: BriefWishes): string {
  const query = new URLSearchParams();
  if (wishes.theme) query.set('theme', themeText(wishes.theme));
  for (const field of [
    'intent',
    'dayPart',
    'minutes',
    'posture',
    'season',
    'familiarity',
    'breathsPerMin',
    'voice',
    'breath',
    'atHand',
    'again',
  ] as const) {
    const value = wishes[field];
    if (value !== undefined) query.set(field, String(value));
  }
  if (wishes.groupId) query.set('group', wishes.groupId);
  for (const formId of wishes.without ?? []) query.append('without', formId);
  for (const pin of wishes.pins ?? []) query.append('with', pinText(pin));
  for (const limit of wishes.place ?? []) query.append('place', limit);
  return query.toString();
}
