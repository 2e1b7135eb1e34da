import type { ChannelId } from './channels';
import { flowOrder, point, type PointCode } from './points';
import { ROUTE_REGIONS, type RouteRegion, type RouteStop } from './routeRegions';

/** What one leg of a route does: the channels it follows, each with or against its flow. */
export interface RouteLeg {
  readonly from: RouteStop;
  readonly to: RouteStop;
  readonly along: readonly Along[];
}

/** A stretch of one channel, by the places in its flow it runs between. */
interface Along {
  readonly channel: ChannelId;
  readonly runs: 'with' | 'against';
  readonly fromPlace: number;
  readonly toPlace: number;
}

const isRegion = (stop: RouteStop): stop is RouteRegion => stop in ROUTE_REGIONS;
const pointsAt = (stop: RouteStop): readonly PointCode[] => (isRegion(stop) ? ROUTE_REGIONS[stop] : [stop]);

/** The channels whose course passes both stops, and whether the leg runs with their flow. */
function legOf(from: RouteStop, to: RouteStop): RouteLeg {
  const along: Along[] = [];
  // Staying where one is follows no channel.
  if (from === to) return { from, to, along };
  for (const start of pointsAt(from).map((code) => point(code))) {
    for (const end of pointsAt(to).map((code) => point(code))) {
      if (!start.channel || start.channel !== end.channel) continue;
      if (along.some((row) => row.channel === start.channel)) continue;
      const [fromPlace, toPlace] = [flowOrder(start.code), flowOrder(end.code)];
      if (fromPlace === toPlace) continue;
      const runs = fromPlace < toPlace ? 'with' : 'against';
      along.push({ channel: start.channel, runs, fromPlace, toPlace });
    }
  }
  return { from, to, along };
}

/** Reads a tapping or tracing route leg by leg; a leg that follows no channel has none (e.g. a step across). */
export function readRoute(stops: readonly RouteStop[]): readonly RouteLeg[] {
  const legs: RouteLeg[] = [];
  stops.forEach((stop, index) => {
    const before = stops[index - 1];
    if (before !== undefined) legs.push(legOf(before, stop));
  });
  return legs;
}

/** A whole route, channel by channel: with its flow throughout, against it throughout, or partly both. */
export function routeByChannel(
  stops: readonly RouteStop[],
): readonly { readonly channel: ChannelId; readonly runs: 'with' | 'against' | 'both ways' }[] {
  const found = new Map<ChannelId, 'with' | 'against' | 'both ways'>();
  const legs = readRoute(stops);
  for (const leg of legs) {
    for (const { channel, runs } of leg.along) {
      const before = found.get(channel);
      found.set(channel, before === undefined || before === runs ? runs : 'both ways');
    }
  }
  return [...found].map(([channel, runs]) => ({ channel, runs }));
}
