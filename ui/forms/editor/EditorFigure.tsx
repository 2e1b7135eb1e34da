import { useState } from 'react';
import type { Posture } from '@/core/body';
import type { Customs } from '@/core/customs';
import type { Form, VariantId } from '@/core/forms';
import { MovingFigure } from '@/ui/figure/MovingFigure';
import { playedForm } from '@/ui/figure/played';
import { VIEWS } from '@/ui/figure/view';
import { ViewChoice } from '@/ui/figure/ViewChoice';
import { PostureStage } from './PostureStage';

interface Props {
  readonly form: Form;
  readonly variant: VariantId;
  readonly customs: Customs;
  readonly posture: Posture;
  readonly sash: string;
  readonly isPlaying: boolean;
  readonly onPlaying: (isPlaying: boolean) => void;
  readonly onPosture: (posture: Posture, what: string) => void;
}

/** The figure: posed by its grips, or moving through the form. */
export function EditorFigure({
  form,
  variant,
  customs,
  posture,
  sash,
  isPlaying,
  onPlaying,
  onPosture,
}: Props) {
  const [view, setView] = useState(VIEWS.front);
  const [isAlone, setAlone] = useState(false);
  return (
    <section aria-label="Figure" className="lg:sticky lg:top-2 lg:self-start">
      {isPlaying ? (
        <MovingFigure
          strokes={playedForm(form, variant, customs)}
          startView={form.view ?? 'front'}
          sash={sash}
          height={420}
          name={form.name}
          compact
        />
      ) : (
        <>
          <PostureStage posture={posture} view={view} sash={sash} alone={isAlone} onPosture={onPosture} />
          <ViewChoice view={view} onChoose={setView} />
        </>
      )}
      <p className="small mt-1 flex flex-wrap justify-center gap-x-4">
        <button type="button" className="press-plain" onClick={() => onPlaying(!isPlaying)}>
          {isPlaying ? 'back to posing' : 'see it move'}
        </button>
        {!isPlaying && (
          <button
            type="button"
            className="press-plain"
            aria-pressed={isAlone}
            onClick={() => setAlone(!isAlone)}
          >
            one hand alone
          </button>
        )}
      </p>
    </section>
  );
}
