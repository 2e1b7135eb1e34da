import { readRoute, routeByChannel } from '../../channels';
import { strokesOf, type Form, type VariantId } from '../../forms';
import { placesIn, type Place } from '../reading/places';
import { CHANNEL_WAYS, readFromTo, readWays, type WaySaid } from '../reading/ways';
import { ownWordsMend, ownWordsOf, type Finding, type ItemView, type Rule } from '../rule';

/** The ways a form goes: by its own words, and by the channels its route follows. */
function waysOf(form: Form, variant: VariantId): readonly WaySaid[] {
  const opposite = { up: 'down', down: 'up' } as const;
  const routed = readRoute(form.route ?? [])
    .flatMap(({ along }) => along)
    .map(({ channel, runs }) => {
      const { way, face } = CHANNEL_WAYS[channel];
      return { face, way: runs === 'with' ? way : opposite[way] };
    });
  return [...strokesOf(form, variant).flatMap(({ cue }) => readWays(cue)), ...routed];
}

/** Whether a text goes from one place to another that come the other way round in what is done. */
function isBackwards(cue: string, done: readonly Place[]): boolean {
  return readFromTo(cue).some(({ from, to }) => {
    const [start] = placesIn(from);
    const end = placesIn(to).at(-1);
    if (start === undefined || end === undefined) return false;
    const [first, last] = [done.indexOf(start), done.lastIndexOf(end)];
    return first >= 0 && last >= 0 && first > last && done.indexOf(end) < done.lastIndexOf(start);
  });
}

/** Words that turn a route round. */
function turnedRound(view: ItemView): readonly Finding[] {
  const { item, form } = view;
  const ways = waysOf(form, item.variant);
  const all = strokesOf(form, item.variant).flatMap(({ cue }) => placesIn(cue));
  return ownWordsOf(view).flatMap(({ key, cue, said, written }): readonly Finding[] => {
    const other = readWays(cue).some(({ way, face }) => {
      const there = ways.filter((one) => one.face === face).map((one) => one.way);
      return there.length > 0 && !there.includes(way);
    });
    if (!other && !isBackwards(cue, key === 'setup' ? all : placesIn(written))) return [];
    return [
      {
        weight: 'should',
        itemId: item.id,
        detail: key,
        said: { code: 'way-turned-round', cue: said, form: form.name },
        mend: ownWordsMend(item.id, key),
      },
    ];
  });
}

export const routeFlow: Rule = {
  id: 'route-flow',
  source: 'ling-shu-38',
  find: ({ items }) => [
    ...items.flatMap(turnedRound),
    ...items.flatMap(({ item, form }) => {
      if (!form.route) return [];
      const worked = form.channels
        .filter(({ how }) => how === 'tap' || how === 'trace')
        .map(({ channel }) => channel);
      const against = routeByChannel(form.route).filter(
        ({ channel, runs }) => runs === 'against' && worked.includes(channel),
      );
      if (against.length === 0) return [];
      return [
        {
          weight: 'consider' as const,
          itemId: item.id,
          said: {
            code: 'route-against-flow' as const,
            form: form.name,
            channels: against.map(({ channel }) => channel),
          },
        },
      ];
    }),
  ],
};
