import { defined } from '../text/defined';
import { briefSchema, themeSchema, type BriefWishes, type ThemePart } from '../brief';
import { VALUE_OF } from './briefQuery';

function readTheme(text: string): unknown {
  const parts = text.split('~').map((one) => {
    const [kind = '', value] = one.split('.');
    const name = Object.hasOwn(VALUE_OF, kind) ? VALUE_OF[kind as ThemePart['kind']] : undefined;
    return name === undefined ? { kind } : { kind, [name]: value };
  });
  return parts.length === 1 ? parts[0] : { kind: 'mix', parts };
}

function readPin(text: string): unknown {
  const [formId, ...fixed] = text.split('~');
  const fields = fixed.map((one) => {
    const [field = '', value = ''] = one.split('.');
    return [field, /^\d+$/.test(value) ? Number(value) : value] as const;
  });
  return { formId, ...Object.fromEntries(fields) };
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
    voice: one('voice'),
    breath: one('breath'),
    atHand: one('atHand'),
    again: one('again'),
    groupId: one('group'),
    without: all('without').length > 0 ? all('without') : undefined,
    pins: all('with').length > 0 ? all('with').map(readPin) : undefined,
    place: all('place').length > 0 ? all('place') : undefined,
  };
  // Each wish stands or falls alone: one that is wrong must not take the others with it.
  const entries = Object.entries(said).filter(
    ([field, value]) =>
      value !== undefined && briefSchema.shape[field as keyof BriefWishes].safeParse(value).success,
  );
  return defined(briefSchema.partial().parse(Object.fromEntries(entries)));
}
