import { isFixed, type Brief } from '../brief';
import type { Practice, Timeline } from '../practice';
import type { Asking } from './asking';

/** What the practitioner asked for that can stand in the way. */
export const WISHES = [
  'minutes',
  'posture',
  'people',
  'place',
  'pace',
  'theme',
  'without',
  'pins',
  'kept',
] as const;
export type Wish = (typeof WISHES)[number];

/** A change that was tried and found to work, with what it would give. Worded in the interface. */
export type Help = { readonly forms: number; readonly givesMs: number } & (
  | { readonly code: 'other-minutes'; readonly minutes: number }
  | { readonly code: 'allow-left-out'; readonly count: number }
  | { readonly code: 'other-posture'; readonly posture: Brief['posture'] }
  | { readonly code: 'other-pace'; readonly breathsPerMin: number }
  | { readonly code: 'any-place' }
  | { readonly code: 'any-theme' }
  | { readonly code: 'let-go'; readonly formIds: readonly string[] }
  | { readonly code: 'free-pins'; readonly formIds: readonly string[] }
  | { readonly code: 'unlock'; readonly count: number }
);

type HelpCode = Help extends infer One ? (One extends Help ? Omit<One, 'forms' | 'givesMs'> : never) : never;
interface Relaxed {
  readonly asking: Asking;
  readonly help: HelpCode | undefined;
}

const withBrief = (asking: Asking, over: Partial<Brief>): Asking => ({
  ...asking,
  brief: { ...asking.brief, ...over },
});
const MINUTES = [5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 45, 50, 55, 60, 75, 90] as const;
/** Shorter and longer, nearest first, so that the least change is found first. */
const nearMinutes = (minutes: number): readonly number[] =>
  MINUTES.filter((one) => one !== minutes).toSorted((a, b) => Math.abs(a - minutes) - Math.abs(b - minutes));

/** The ways a wish can be loosened, the least first; none where it was never made. */
// eslint-disable-next-line max-lines-per-function -- a flat exhaustive switch
function relaxed(asking: Asking, wish: Wish): readonly Relaxed[] {
  const { brief } = asking;
  switch (wish) {
    case 'minutes':
      return nearMinutes(brief.minutes).map((minutes) => ({
        asking: withBrief(asking, { minutes }),
        help: { code: 'other-minutes', minutes },
      }));
    case 'posture': {
      const posture = brief.posture === 'standing' ? 'seated' : 'standing';
      return [{ asking: withBrief(asking, { posture }), help: { code: 'other-posture', posture } }];
    }
    case 'people':
      // Looked at to name what is in the way; never offered, as nobody is put at risk for a draft.
      return asking.people.conditions.length === 0 && (asking.people.mayNot ?? []).length === 0
        ? []
        : [
            {
              asking: { ...asking, people: { ...asking.people, conditions: [], mayNot: [] } },
              help: undefined,
            },
          ];
    case 'place':
      return (brief.place ?? []).length === 0
        ? []
        : [{ asking: withBrief(asking, { place: [] }), help: { code: 'any-place' } }];
    case 'pace':
      return [2, -2, 4]
        .map((by) => brief.breathsPerMin + by)
        .filter((pace) => pace >= 3 && pace <= 9)
        .map((breathsPerMin) => ({
          asking: withBrief(asking, { breathsPerMin }),
          help: { code: 'other-pace', breathsPerMin },
        }));
    case 'theme':
      // The season is a theme that asks for no form in particular.
      return brief.theme.kind === 'season'
        ? []
        : [
            {
              asking: withBrief(asking, { theme: { kind: 'season', season: brief.season } }),
              help: { code: 'any-theme' },
            },
          ];
    case 'without':
      return brief.without.length === 0
        ? []
        : [
            {
              asking: withBrief(asking, { without: [] }),
              help: { code: 'allow-left-out', count: brief.without.length },
            },
          ];
    case 'pins': {
      const pins = brief.pins ?? [];
      const wanted = pins.map((pin) => pin.formId);
      if (wanted.length === 0) return [];
      // A form that may stand anywhere, as often as fits, is less to give up than the form.
      const held = pins.filter(isFixed).map((pin) => pin.formId);
      const freed: readonly Relaxed[] =
        held.length === 0
          ? []
          : [
              {
                asking: withBrief(asking, { pins: wanted.map((formId) => ({ formId })) }),
                help: { code: 'free-pins', formIds: held },
              },
            ];
      const each = wanted.length > 1 ? wanted.map((id) => [id]) : [];
      const without = [...each, wanted].map((formIds): Relaxed => ({
        asking: withBrief(asking, { pins: pins.filter((pin) => !formIds.includes(pin.formId)) }),
        help: { code: 'let-go', formIds },
      }));
      return [...freed, ...without];
    }
    case 'kept': {
      const { kept, ...rest } = asking;
      return kept && kept.items.length > 0
        ? [{ asking: rest, help: { code: 'unlock', count: kept.items.length } }]
        : [];
    }
    default:
      return wish satisfies never;
  }
}

type Found = { readonly practice: Practice; readonly timeline: Timeline } | undefined;

/** Everything but the wishes held is loosened as far as it goes. */
function loosened(asking: Asking, held: readonly Wish[]): readonly Asking[] {
  let askings: readonly Asking[] = [asking];
  for (const wish of WISHES) {
    if (held.includes(wish)) continue;
    const ways = relaxed(asking, wish);
    if (ways.length === 0) continue;
    // Minutes have many ways: a few short and long ones say whether any would do.
    const tried = wish === 'minutes' ? [5, 10, 20, 40] : [undefined];
    askings = askings.flatMap((one) =>
      tried.flatMap((minutes) => {
        if (minutes !== undefined) return [withBrief(one, { minutes })];
        const last = relaxed(one, wish).at(-1);
        return last ? [last.asking] : [one];
      }),
    );
  }
  return askings;
}

/**
 * The smallest set of wishes that cannot stand together (no wish of it can be dropped and it still fails),
 * and for each of them what loosening it alone would give, tried.
 */
export function conflictOf(
  asking: Asking,
  attempt: (asking: Asking) => Found,
): { readonly wishes: readonly Wish[]; readonly helps: readonly Help[] } {
  const made = WISHES.filter((wish) => relaxed(asking, wish).length > 0);
  const possible = (held: readonly Wish[]): boolean =>
    loosened(asking, held).some((one) => attempt(one) !== undefined);
  let held: readonly Wish[] = made;
  if (possible([])) {
    for (const wish of made) {
      const fewer = held.filter((one) => one !== wish);
      if (!possible(fewer)) held = fewer;
    }
  } else held = [];
  const helps = (held.length > 0 ? held : made).flatMap((wish): readonly Help[] => {
    for (const { asking: changed, help } of relaxed(asking, wish)) {
      const found = help ? attempt(changed) : undefined;
      if (found && help)
        return [{ ...help, forms: found.practice.items.length, givesMs: found.timeline.totalMs } as Help];
    }
    return [];
  });
  return { wishes: held, helps };
}
