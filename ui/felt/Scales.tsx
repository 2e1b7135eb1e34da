import { useId } from 'react';
import type { Felt } from '@/core/felt/felt';
import { SCALE_IDS, SCALES, type ScaleId } from '@/core/felt/terms';
import { SCALE_NAMES } from '@/ui/words/felt';

type Steps = NonNullable<Felt['scales']>;

/** One plain scale of five words; a second press on the one that is chosen lets it go. */
function Scale({
  id,
  step,
  onStep,
}: {
  id: ScaleId;
  step: number | undefined;
  onStep: (step: number | undefined) => void;
}) {
  const name = useId();
  return (
    <fieldset className="flex flex-wrap items-baseline gap-x-4">
      <legend className="sr-only">{SCALE_NAMES[id]}</legend>
      <span className="w-16" aria-hidden>
        {SCALE_NAMES[id]}
      </span>
      {SCALES[id].map((word, index) => (
        <label key={word} className="inline-flex items-baseline gap-1 py-1">
          <input
            type="radio"
            name={name}
            className="accent-ink"
            checked={step === index + 1}
            onChange={() => onStep(index + 1)}
            onClick={() => step === index + 1 && onStep(undefined)}
          />
          {word}
        </label>
      ))}
    </fieldset>
  );
}

/** Warmth, energy, mood, sleep, each optional. */
export function Scales({ scales, onScales }: { scales: Steps; onScales: (scales: Steps) => void }) {
  return (
    <div>
      {SCALE_IDS.map((id) => (
        <Scale
          key={id}
          id={id}
          step={scales[id]}
          onStep={(step) => {
            const { [id]: _former, ...rest } = scales;
            onScales(step === undefined ? rest : { ...rest, [id]: step });
          }}
        />
      ))}
    </div>
  );
}
