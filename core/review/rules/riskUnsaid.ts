import { cuesOf, type Rule } from '../rule';

export const riskUnsaid: Rule = {
  id: 'risk-unsaid',
  why: 'A hold, a fold with the head down, the head back on the toes, pounding: each needs its word of care.',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => {
      const { item, form, asks } = view;
      const risks = [
        asks.breathHold && !item.omitHolds ? 'a breath held' : undefined,
        asks.headBelowHeart ? 'the head below the heart' : undefined,
        asks.neck === 'tip-back' && asks.impact !== 'none' ? 'the head back on the toes' : undefined,
        asks.impact === 'firm' ? 'a hard drop of the heels' : undefined,
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
              say: `“${form.name}” asks for ${risks.join(' and ')} and says no word of care.`,
            },
          ];
    }),
};
