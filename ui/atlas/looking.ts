import type { Posture } from '@/core/body';
import { findPoints, point, pointsForTheme, pointsOn, type ChannelId, type PointCode } from '@/core/channels';
import type { Reached, ReachWay } from '@/core/forms';
import type { NamedView } from '@/ui/figure/view';
import type { Looking } from './address';

/** A point in a list, with why it is there. */
export interface Listed {
  readonly code: PointCode;
  readonly why?: string;
}

/** A form that reaches a point, and by what. */
export interface Reaching {
  readonly id: string;
  readonly name: string;
  readonly way: ReachWay;
}

/** What the Atlas needs of a form. */
export interface AtlasForm {
  readonly id: string;
  readonly name: string;
  readonly view: NamedView;
  readonly channels: readonly { readonly channel: ChannelId; readonly how: string }[];
  readonly route: readonly string[];
  readonly reached: readonly Reached[];
  readonly strokes: readonly { readonly cue: string; readonly posture: Posture }[];
}

/** A search that finds more shows so many on the figure. */
export const MOST_FOUND = 60;

const HOW_WORDS = {
  named: 'on purpose',
  palm: 'under the palms',
  route: 'on the way',
  channel: 'by its channel',
} as const satisfies Record<ReachWay, string>;

/** How many forms work a point by name, palm or route. */
function reachCount(code: PointCode, forms: readonly AtlasForm[]): string {
  const count = forms.filter((form) => form.reached.some((row) => row.code === code)).length;
  if (count === 0) return 'no form reaches it: attention, or a press of the thumb';
  return `reached by ${count} ${count === 1 ? 'form' : 'forms'}`;
}

/** The points looked at, and the channels that go with them. */
export function look(
  looking: Looking,
  forms: readonly AtlasForm[],
): { points: readonly Listed[]; channels: readonly ChannelId[] } {
  switch (looking.by) {
    case 'channel':
      return { points: pointsOn(looking.channel), channels: [looking.channel] };
    case 'theme':
      return {
        points: pointsForTheme(looking.channel, looking.intent).map(({ code, why }) => ({
          code,
          why: `${why}; ${reachCount(code, forms)}`,
        })),
        channels: [looking.channel],
      };
    case 'search':
      return { points: findPoints(looking.text).map(({ code }) => ({ code })), channels: [] };
    case 'form': {
      const form = forms.find((candidate) => candidate.id === looking.form);
      return {
        points: form?.reached.map(({ code, way }) => ({ code, why: HOW_WORDS[way] })) ?? [],
        channels: form?.channels.map((reach) => reach.channel) ?? [],
      };
    }
    default:
      return looking satisfies never;
  }
}

/** The forms that reach a point, and by what. */
export function reachingOf(code: PointCode, forms: readonly AtlasForm[]): readonly Reaching[] {
  return forms.flatMap((form) => {
    const near = form.reached.find((row) => row.code === code);
    const own = point(code).channel;
    const way = near?.way ?? (form.channels.some((row) => row.channel === own) ? 'channel' : undefined);
    return way === undefined ? [] : [{ id: form.id, name: form.name, way }];
  });
}

/** What a look comes to. */
export type Looked = ReturnType<typeof look>;

export const counted = (points: number): string => `${points} ${points === 1 ? 'point' : 'points'}`;
