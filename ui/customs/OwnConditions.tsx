'use client';

import { useFormContext, useWatch } from 'react-hook-form';
import type { Customs } from '@/core/customs';
import { ConditionTicks } from './ConditionTicks';

/** What to be careful of for oneself. */
export function OwnConditions() {
  const { control, setValue } = useFormContext<Customs>();
  const chosen = useWatch({ control, name: 'ownConditions' });
  return (
    <section aria-labelledby="alone" className="veiled-away">
      <h2 id="alone">Practising alone</h2>
      <ConditionTicks
        legend="To be careful of, for yourself"
        note="Kept here for practices of your own. Your own clinician decides what is right for you."
        chosen={chosen ?? []}
        onChosen={(conditions) => setValue('ownConditions', conditions, { shouldDirty: true })}
      />
    </section>
  );
}
