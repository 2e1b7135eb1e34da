import { briefSchema, themeSchema, type BriefWishes, type Theme } from '../brief';

const themeText = (theme: Theme): string =>
  theme.kind === 'phase' ? `phase.${theme.phase}` : `organ.${theme.organ}`;

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
  return query.toString();
}

type Query = Readonly<Record<string, string | string[] | undefined>>;

/** Reads the wishes from an address; whatever is not understood is left for the almanac to fill. */
export function readBriefQuery(query: Query): BriefWishes {
  const all = (name: string): readonly string[] => [query[name] ?? []].flat();
  const one = (name: string): string | undefined => all(name)[0];
  const number = (name: string): number | undefined =>
    one(name) === undefined ? undefined : Number(one(name));
  const [kind, id] = (one('theme') ?? '').split('.');
  const theme = themeSchema.safeParse(kind === 'phase' ? { kind, phase: id } : { kind, organ: id });
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
  };
  // Each wish stands or falls alone: one that is wrong must not take the others with it.
  const entries = Object.entries(said).filter(
    ([field, value]) =>
      value !== undefined && briefSchema.shape[field as keyof BriefWishes].safeParse(value).success,
  );
  return briefSchema.partial().parse(Object.fromEntries(entries));
}
