import { themeSchema, type BriefWishes, type Suggestion, type Theme } from '@/core/brief';
import { briefSchema } from '@/core/brief';

/** A brief in an address: `/compose?theme=organ.lung&minutes=20&…`; only what is said. */
export function composeLink(
  suggestion: Pick<Suggestion, 'theme' | 'intent' | 'dayPart' | 'minutes' | 'posture' | 'groupId'>,
): string {
  const query = new URLSearchParams({
    theme: themeText(suggestion.theme),
    intent: suggestion.intent,
    dayPart: suggestion.dayPart,
    minutes: String(suggestion.minutes),
    posture: suggestion.posture,
    ...(suggestion.groupId ? { group: suggestion.groupId } : {}),
  });
  return `/compose?${query.toString()}`;
}

const themeText = (theme: Theme): string =>
  theme.kind === 'phase' ? `phase.${theme.phase}` : `organ.${theme.organ}`;

const parts = briefSchema.shape;

/** Reads the wishes from an address; whatever is not understood is left for the almanac to fill. */
export function wishesFrom(query: Readonly<Record<string, string | string[] | undefined>>): BriefWishes {
  const one = (name: string): string | undefined => {
    const value = query[name];
    return Array.isArray(value) ? value[0] : value;
  };
  const [kind, id] = (one('theme') ?? '').split('.');
  const theme = themeSchema.safeParse(kind === 'phase' ? { kind, phase: id } : { kind, organ: id });
  const take = <Value>(
    schema: { safeParse(value: unknown): { success: boolean; data?: Value | undefined } },
    value: unknown,
  ): Value | undefined => {
    const parsed = schema.safeParse(value);
    return parsed.success ? parsed.data : undefined;
  };
  const found = {
    theme: theme.success ? theme.data : undefined,
    minutes: one('minutes') === undefined ? undefined : take(parts.minutes, Number(one('minutes'))),
    dayPart: take(parts.dayPart, one('dayPart')),
    intent: take(parts.intent, one('intent')),
    posture: take(parts.posture, one('posture')),
    breathsPerMin: one('pace') === undefined ? undefined : take(parts.breathsPerMin, Number(one('pace'))),
    groupId: one('group') === undefined ? undefined : take(parts.groupId, one('group')),
  };
  return Object.fromEntries(Object.entries(found).filter(([, value]) => value !== undefined));
}
