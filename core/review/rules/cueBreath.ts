import { cycleOf } from '../../forms';
import { deedsIn, readBreathedDeeds, readBreaths, type Deed, type Way } from '../reading/breathWords';
import {
  cuesOf,
  ownWordsMend,
  ownWordsOf,
  type CueSaid,
  type Finding,
  type ItemView,
  type Rule,
} from '../rule';

/** Whether a cue names the breath it is not said on; both ways at once name none. */
function isAgainst({ cue, breath, own }: CueSaid): boolean {
  if (breath === undefined || breath === 'free') return false;
  const said = readBreaths(cue);
  if (breath === 'hold') return own && said.size > 0;
  return said.size > 0 && !said.has(breath);
}

/** On which breath a form does what it does, by its own words; what comes on both says nothing. */
function breathOfDeeds({ item, form }: ItemView): ReadonlyMap<Deed, Way> {
  const found = new Map<Deed, Way | 'both'>();
  for (const { breath, cue } of cycleOf(form, item.variant))
    if (breath === 'in' || breath === 'out')
      for (const deed of deedsIn(cue)) {
        const before = found.get(deed);
        found.set(deed, before === undefined || before === breath ? breath : 'both');
      }
  return new Map([...found].flatMap(([deed, way]) => (way === 'both' ? [] : [[deed, way]])));
}

/** What is announced to go in or out where the form does it the other way. */
function announcedAgainst(view: ItemView): readonly Finding[] {
  const goes = breathOfDeeds(view);
  return ownWordsOf(view)
    .filter(({ breath }) => breath === undefined)
    .flatMap(({ key, cue, said }): readonly Finding[] => {
      const wrong = readBreathedDeeds(cue).find(({ way, deed }) => goes.has(deed) && goes.get(deed) !== way);
      const breath = wrong && goes.get(wrong.deed);
      return breath === undefined
        ? []
        : [
            {
              weight: 'should',
              itemId: view.item.id,
              detail: key,
              said: {
                code: 'deed-against-breath',
                cue: said,
                form: view.form.name,
                deed: wrong?.deed ?? 'rise',
                breath,
              },
              mend: ownWordsMend(view.item.id, key),
            },
          ];
    });
}

export const cueBreath: Rule = {
  id: 'cue-breath',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => [
      ...cuesOf(view)
        .filter(isAgainst)
        .map(({ key, said, breath, own }): Finding => ({
          weight: 'should',
          itemId: view.item.id,
          detail: key,
          said: { code: 'cue-against-breath', cue: said, breath: breath ?? 'free' },
          ...(own ? { mend: ownWordsMend(view.item.id, key) } : {}),
        })),
      ...announcedAgainst(view),
    ]),
};
