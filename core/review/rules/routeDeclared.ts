import { point, ROUTE_REGIONS, routeByChannel, type PointCode, type RouteStop } from '../../channels';
import type { Form } from '../../forms';
import type { Rule } from '../rule';

const pointsAt = (stop: RouteStop): readonly PointCode[] =>
  Object.hasOwn(ROUTE_REGIONS, stop)
    ? ROUTE_REGIONS[stop as keyof typeof ROUTE_REGIONS]
    : [stop as PointCode];

/** Channels a route comes by: those it follows, those of its stops, and those of the points the form names. */
function touchedBy(form: Form): ReadonlySet<string> {
  const route = form.route ?? [];
  return new Set([
    ...routeByChannel(route).map(({ channel }) => channel),
    ...[...route.flatMap(pointsAt), ...form.points].map((code) => point(code).channel ?? ''),
  ]);
}

export const routeDeclared: Rule = {
  id: 'route-declared',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form }) => {
      if (!form.route) return [];
      const touched = touchedBy(form);
      const missed = form.channels
        .filter(({ how, channel }) => (how === 'tap' || how === 'trace') && !touched.has(channel))
        .map(({ channel }) => channel);
      if (missed.length === 0) return [];
      return [
        {
          weight: 'should' as const,
          itemId: item.id,
          said: { code: 'route-misses-channel' as const, form: form.name, channels: missed },
        },
      ];
    }),
};
