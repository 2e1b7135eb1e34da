import { ANATOMICAL, goalsOf } from '@/core/body';
import { CHANNEL_IDS, type ChannelId } from '@/core/channels/channels';
import type { TensionRegion } from '@/core/felt/terms';
import type { TermJoint } from '@/core/term/coverage';
import { tensionPicture, type Face } from '@/ui/felt/tensionPlaces';
import { figureMarkup } from '@/ui/figure/markup';
import { overlayMarkup } from '@/ui/figure/overlay';
import { VIEWS } from '@/ui/figure/view';
import { timesUntil, type CoverView } from './view';

/** Where a joint is inked on the figure. */
const PLACES: Readonly<Record<TermJoint, readonly TensionRegion[]>> = {
  ankles: ['left-foot', 'right-foot'],
  knees: ['left-knee', 'right-knee'],
  hips: ['left-hip', 'right-hip'],
  spine: ['chest', 'belly', 'upper-back', 'low-back'],
  shoulders: ['left-shoulder', 'right-shoulder'],
  wrists: ['left-hand', 'right-hand'],
  neck: ['neck'],
};

const isChannel = (id: string): id is ChannelId => (CHANNEL_IDS as readonly string[]).includes(id);

/** So often is wholly inked. */
const WHOLE = 6;

/** The figure as a term has filled it up to a week: a joint darker the more often it comes, the channels that are reached as lines. */
export function coverPicture(cover: readonly CoverView[], until: number, face: Face): string {
  const channels = cover.flatMap((one) =>
    one.kind === 'channel' && timesUntil(one, until) > 0 && isChannel(one.id) ? [one.id] : [],
  );
  const times = new Map(
    cover.flatMap((one) => (one.kind === 'joint' ? [[one.id, timesUntil(one, until)] as const] : [])),
  );
  const spots = new Map(tensionPicture(face).places.map((place) => [place.region, place]));
  const inked = Object.entries(PLACES).flatMap(([joint, regions]) =>
    regions.flatMap((region) => {
      const [place, often] = [spots.get(region), times.get(joint) ?? 0];
      if (!place || often === 0) return [];
      const { spot, half } = place;
      const ink = Math.min(1, often / WHOLE);
      return [
        `<ellipse cx="${spot.x.toFixed(1)}" cy="${spot.y.toFixed(1)}" rx="${half[0]}" ry="${half[1]}" fill="var(--ink)" fill-opacity="${(0.12 + 0.5 * ink).toFixed(2)}"/>`,
      ];
    }),
  );
  return (
    figureMarkup(goalsOf(ANATOMICAL), VIEWS[face], {
      line: 3.2,
      detail: 'folds',
      over: (skeleton, camera) => overlayMarkup(skeleton, camera, { channels, points: [], fine: 0.7 }),
    }) + inked.join('')
  );
}
