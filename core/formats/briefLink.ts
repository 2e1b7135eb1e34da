import { briefSchema, themeParts, themeSchema, type BriefWishes, type Theme, type ThemePart } from '../brief';

/** Under which name each kind of theme keeps its value. */
const VALUE_OF = {
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

function readTheme(text: string): unknown {
  const parts = text.split('~').map((one) => {
    const [kind = '', value] = one.split('.');
    const name = Object.hasOwn(VALUE_OF, kind) ? VALUE_OF[kind as ThemePart['kind']] : undefined;
    return name === undefined ? { kind } : { kind, [name]: value };
  });
  return parts.length === 1 ? parts[0] : { kind: 'mix', parts };
}

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
  ] as const) {
    const value = wishes[field];
    if (value !== undefined) query.set(field, String(value));
  }
  if (wishes.groupId) query.set('group', wishes.groupId);
  for (const formId of wishes.without ?? []) query.append('without', formId);
  for (const formId of wishes.withForms ?? []) query.append('with', formId);
  for (const limit of wishes.place ?? []) query.append('place', limit);
  return query.toString();
}

type Query = Readonly<Record<string, string | string[] | undefined>>;

/** Reads the wishes from an address; whatever is not understood is left for the almanac to fill. */
export function readBriefQuery(query: Query): BriefWishes {
  const all = (name: string): readonly string[] => [query[name] ?? []].flat();
  const one = (name: string): string | undefined => all(name)[0];
  const number = (name: string): number | undefined =>
    one(name) === undefined ? undefined : Number(one(name));
  const theme = themeSchema.safeParse(readTheme(one('theme') ?? ''));
  const said: Record<string, unknown> = {
    theme: theme.success ? theme.data : undefined,
    intent: one('intent'),
    dayPart: one('dayPart'),
    minutes: number('minutes'),
    posture: one('posture'),
    season: one('season'),
    familiarity: one('familiarity'),
    breathsPerMin: number('breathsPerMin'),
    groupId: one('group'),
    without: all('without').length > 0 ? all('without') : undefined,
    withForms: all('with').length > 0 ? all('with') : undefined,
    place: all('place').length > 0 ? all('place') : undefined,
  };
  // Each wish stands or falls alone: one that is wrong must not take the others with it.
  const entries = Object.entries(said).filter(
    ([field, value]) =>
      value !== undefined && briefSchema.shape[field as keyof BriefWishes].safeParse(value).success,
  );
  return briefSchema.partial().parse(Object.fromEntries(entries));
}
