import { isStanding, type Asks } from '../../forms';
import { cautionsOf } from '../../people';
import { readRisks, type RiskSaid } from '../reading/risks';
import {
  cuesOf,
  ownWordsMend,
  ownWordsOf,
  type Finding,
  type ItemView,
  type ReviewPeople,
  type Rule,
} from '../rule';

/** What words ask of the body beyond what the form does; nothing where it does so anyway, or can do it safely. */
function askedBeyond({ asks, item, stance }: ItemView, risk: RiskSaid): Partial<Asks> | undefined {
  switch (risk) {
    case 'breath-held':
      return asks.breathHold && !item.omitHolds ? undefined : { breathHold: true };
    case 'head-back':
      return asks.neck === 'tip-back' && asks.heelsUp === 'none' ? undefined : { neck: 'tip-back' };
    case 'head-low':
      return asks.headBelowHeart ? undefined : { headBelowHeart: true };
    case 'eyes-closed': {
      const isSteady =
        !isStanding(stance.start) || (asks.heelsUp === 'none' && asks.oneLegSec === 0 && !asks.unsteady);
      return isSteady ? undefined : {};
    }
    case 'pounding':
      return { impact: 'firm' };
    default:
      return risk satisfies never;
  }
}

/** What one's own words ask that needs care, and harms where someone here must not. */
function askedInWords(view: ItemView, { conditions }: ReviewPeople): readonly Finding[] {
  const { item, form, asks } = view;
  return ownWordsOf(view).flatMap(({ key, cue, said }) =>
    readRisks(cue).flatMap((risk): readonly Finding[] => {
      const more = askedBeyond(view, risk);
      if (more === undefined) return [];
      const before = new Set(
        cautionsOf(form, item.variant, conditions, asks).map(({ condition, code }) => `${condition}/${code}`),
      );
      const forbidden = cautionsOf(form, item.variant, conditions, { ...asks, ...more }).some(
        ({ weight, condition, code }) => weight !== 'watch' && !before.has(`${condition}/${code}`),
      );
      return [
        {
          weight: forbidden ? 'must' : 'should',
          itemId: item.id,
          detail: `${key}/${risk}`,
          said: { code: 'risk-asked', cue: said, form: form.name, risk },
          mend: ownWordsMend(item.id, key),
        },
      ];
    }),
  );
}

export const riskUnsaid: Rule = {
  id: 'risk-unsaid',
  source: 'common-practice',
  find: ({ items, people }) => [
    ...items.flatMap((view) => askedInWords(view, people)),
    ...items.flatMap((view) => {
      const { item, form, asks } = view;
      const risks = [
        asks.breathHold && !item.omitHolds ? ('breath-held' as const) : undefined,
        asks.headBelowHeart ? ('head-low' as const) : undefined,
        asks.neck === 'tip-back' && asks.impact !== 'none' ? ('head-back' as const) : undefined,
        asks.impact === 'firm' ? ('hard-heels' as const) : undefined,
      ].filter((one) => one !== undefined);
      if (risks.length === 0 || form.cautions.length > 0) return [];
      const said = cuesOf(view).some(({ cue }) =>
        /gently|soft|slow|easy|only as|never|stop|without strain|if you/i.test(cue),
      );
      return said
        ? []
        : [
            {
              weight: 'should' as const,
              itemId: item.id,
              said: { code: 'risk-unsaid' as const, form: form.name, risks },
            },
          ];
    }),
  ],
};
