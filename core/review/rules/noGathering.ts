import { comesHome, gathersIn } from '../../measures';
import type { ItemView, Rule } from '../rule';

/** What is done counts, whatever its section is called: hands that come home have gathered too. */
const gathers = ({ form }: ItemView): boolean => gathersIn(form) || comesHome(form);
const closes = ({ form }: ItemView): boolean => comesHome(form) || form.family === 'closing';

export const noGathering: Rule = {
  id: 'no-gathering',
  source: 'common-practice',
  find: ({ items }) => {
    if (items.length === 0) return [];
    const missing = (['gather', 'close'] as const).filter(
      (role) => !items.some(role === 'gather' ? gathers : closes),
    );
    if (missing.length === 0) return [];
    return [
      {
        weight: 'should' as const,
        said: { code: 'not-gathered' as const, missing },
      },
    ];
  },
};
