import { paceKind } from '@/core/breath';
import type { Customs } from '@/core/customs';
import { strokesOf, type Form, type VariantId } from '@/core/forms';
import { fillCue } from '@/core/forms/words/cueText';
import { BREATH_WORDS, SIDE_WORDS } from '@/ui/words/asks';

interface BreathProps {
  readonly form: Form;
  readonly variant: VariantId;
  readonly customs: Customs;
  readonly sound: string | undefined;
}

/** What is said, stroke by stroke, and how often and how long it is breathed. */
export function OnTheBreath({ form, variant, customs, sound }: BreathProps) {
  const say = (cue: string) =>
    fillCue(cue, { side: customs.firstSide, way: form.ways?.[0] ?? customs.firstSide }, sound);
  const strokes = strokesOf(form, variant);
  return (
    <section>
      <h2>On the breath</h2>
      <ol className="reading mt-1">
        {strokes.map((stroke, index) => (
          <li key={`${index}-${stroke.cue}`} className="grid grid-cols-[4rem_minmax(0,1fr)]">
            <span className="quiet italic">{BREATH_WORDS[stroke.breath]}</span>
            {say(stroke.cue)}
          </li>
        ))}
      </ol>
      <p className="quiet mt-1">
        {SIDE_WORDS[form.sides]}; {form.repetitions.least}–{form.repetitions.most} repetitions, usually{' '}
        {form.repetitions.usual};{' '}
        {form.cycle.every((stroke) => stroke.breath === 'free')
          ? 'breath free'
          : `a breath of ${paceKind(form.pace).leastSec}–${paceKind(form.pace).mostSec} s (${paceKind(form.pace).label})`}
        ; {form.exhale === 'mouth' ? 'in by the nose, out by the mouth' : 'by the nose'}.
      </p>
    </section>
  );
}

/** Images, what goes wrong, and the parts it is taught in. */
export function Teaching({ form }: { form: Form }) {
  return (
    <>
      {form.images.length > 0 && (
        <section>
          <h2>Images</h2>
          {form.images.map((image) => (
            <p key={image} className="reading italic">
              {image}
            </p>
          ))}
        </section>
      )}
      {form.mistakes.length > 0 && (
        <section>
          <h2>What goes wrong, and how to put it right</h2>
          <ul>
            {form.mistakes.map((row) => (
              <li key={row.mistake}>
                {row.mistake}: <span className="quiet">{row.mend}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {form.parts.length > 0 && (
        <section>
          <h2>Taught in parts</h2>
          <ol className="list-decimal pl-6">
            {form.parts.map((one) => (
              <li key={typeof one === 'string' ? one : one.part}>
                {typeof one === 'string' ? (
                  one
                ) : (
                  <>
                    {one.part} <span className="quiet">watch: {one.watch}</span>
                  </>
                )}
              </li>
            ))}
          </ol>
        </section>
      )}
    </>
  );
}
