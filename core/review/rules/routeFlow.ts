import { routeByChannel } from '../../channels';
import type { Rule } from '../rule';

export const routeFlow: Rule = {
  id: 'route-flow',
  source: 'ling-shu-38',
  find: ({ items }) =>
    items.flatMap(({ item, form }) => {
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
};
