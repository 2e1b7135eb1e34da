import { cuesOf, type Rule } from '../rule';

export const riskUnsaid: Rule = {
  id: 'risk-unsaid',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => {
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
};
