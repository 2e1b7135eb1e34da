'use client';

import Link from 'next/link';
import dynamic from 'next/dynamic';
import { lazy, Suspense, useDeferredValue, useState } from 'react';
import type { Posture } from '@/core/body';
import type { Customs } from '@/core/customs';
import { phasesOfForm, type Form, type Stroke } from '@/core/forms';
import { postureBefore, strokesIn, variantOf, withStrokesIn } from '@/core/forms/own/drafting';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { ExportLinks } from '@/ui/kit/ExportLinks';
import { useReady } from '@/ui/kit/useReady';
import { EditorHead } from './EditorHead';
import { EditorStrokes } from './EditorStrokes';
import { useFormEditing } from './useFormEditing';
import { useFormNotes } from './useFormNotes';

// The body with its solver, and what is measured on it, come when the page stands; their places are kept.
const EditorFigure = dynamic(async () => (await import('./EditorFigure')).EditorFigure, {
  ssr: false,
  loading: () => <div className="min-h-[34rem]" aria-hidden />,
});
const PostureFields = dynamic(async () => (await import('./PostureFields')).PostureFields, { ssr: false });
const WhatItComesTo = dynamic(async () => (await import('./WhatItComesTo')).WhatItComesTo, { ssr: false });

/** What is not looked at first comes after. */
const FormFacts = lazy(async () => ({ default: (await import('./FormFacts')).FormFacts }));

interface Props {
  readonly start: Form;
  /** The version it was opened at; undefined for a form that is not kept yet. */
  readonly version: number | undefined;
  /** What tells this draft from others in this browser. */
  readonly place: string;
  readonly customs: Customs;
}

/** Writing a form: strokes in order, each posture set on the figure or in words, everything computed beside it. */
export function FormEditor({ start, version, place: draftPlace, customs }: Props) {
  const at = useFormEditing(draftPlace, start, version);
  const { state, form, change } = at;
  const { part } = state;
  const [isPlaying, setPlaying] = useState(false);
  const ready = useReady();

  // The margin follows a moment after the hand, so that leading a grip stays smooth.
  const settled = useDeferredValue(form);
  const notes = useFormNotes(settled, customs);
  const variant = variantOf(part);
  const isHere = (note: (typeof notes)[number]): boolean =>
    note.stroke !== undefined && note.variant === variant;

  const strokes = strokesIn(form, part);
  const index = Math.min(state.stroke, Math.max(0, strokes.length - 1));
  const stroke = strokes[index];
  const postures = stroke?.postures ?? [];
  const place = Math.min(state.posture, Math.max(0, postures.length - 1));
  const posture = postures[place] ?? postureBefore(form, variant, index);
  const setStrokes = (what: string, next: readonly Stroke[]): void =>
    change(what, (now) => withStrokesIn(now, part, next));
  const setPosture = (next: Posture, what: string): void => {
    if (!stroke) return;
    const list = postures.length === 0 ? [next] : postures.with(place, next);
    setStrokes(`${what} ${part} ${index} ${place}`, strokes.with(index, { ...stroke, postures: list }));
  };
  const phase = phasesOfForm(form, customs)[0];
  return (
    <fieldset disabled={!ready} className="min-w-0">
      <EditorHead at={at} />
      <div className="grid gap-x-9 gap-y-6 lg:grid-cols-[23rem_minmax(0,1fr)]">
        <EditorFigure
          form={form}
          variant={variant}
          customs={customs}
          posture={posture}
          sash={phase ? PHASE_VAR[phase] : 'var(--faded)'}
          isPlaying={isPlaying}
          onPlaying={setPlaying}
          onPosture={setPosture}
        />
        <div className="min-w-0">
          <EditorStrokes
            at={at}
            customs={customs}
            strokes={strokes}
            index={index}
            place={place}
            notes={notes.filter(isHere)}
            onStrokes={setStrokes}
          />
          {!isPlaying && stroke && (
            <section className="mt-4" aria-label="Posture">
              <h2>
                Stroke {index + 1}, posture {place + 1}
              </h2>
              <PostureFields posture={posture} onPosture={setPosture} />
            </section>
          )}
          <WhatItComesTo
            form={settled}
            variant={variant}
            notes={notes.filter((note) => !isHere(note))}
            change={change}
          />
          <details className="mt-6 border-t border-hairline pt-3" open={version === undefined}>
            <summary className="cursor-pointer font-serif text-[1.2rem]">What kind of form it is</summary>
            <div className="mt-3">
              <Suspense>
                <FormFacts form={form} onChange={change} />
              </Suspense>
            </div>
          </details>
          {state.version !== undefined && (
            <p className="small mt-6 flex flex-wrap gap-x-4">
              <Link className="press-plain" href={`/forms/${form.id}`}>
                See its page
              </Link>
              <ExportLinks of="forms" id={form.id} className="press-plain" />
              <button type="button" className="press-plain" onClick={() => at.happens({ kind: 'bin-asked' })}>
                Into the bin
              </button>
            </p>
          )}
        </div>
      </div>
    </fieldset>
  );
}
