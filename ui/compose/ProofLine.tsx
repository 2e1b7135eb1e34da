'use client';

import { gapOf, type Proof } from '@/core/compose/tolerance';
import { Explain } from '@/ui/kit/Explain';

/** How sure it is that no better draft can be made of this brief. */
export function ProofLine({
  proof,
  busy,
  edited,
}: {
  proof: Proof | undefined;
  busy: boolean;
  edited: boolean;
}) {
  if (busy) return <p className="quiet small">Looking for a better one …</p>;
  if (!proof || edited) return null;
  const gap = gapOf(proof);
  const said = proof.proved
    ? 'Proven: no better draft of this brief'
    : Number.isFinite(gap)
      ? `Within ${Math.max(0.1, gap * 100).toFixed(1)} % of the best there can be`
      : 'A good draft; how good is not known';
  return (
    <p className="quiet small">
      <Explain term={said}>
        By the composer’s own weights this draft is worth {proof.value.toFixed(1)} points
        {proof.proved
          ? ', and every other was ruled out.'
          : `; no other can be worth more than ${proof.bound.toFixed(1)}.`}{' '}
        The weights are yours to change in Customs.
      </Explain>
    </p>
  );
}
