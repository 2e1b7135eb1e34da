'use client';

import { Redo2, Undo2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useMemo, useState } from 'react';
import type { Posture } from '@/core/body';
import { routeByChannel } from '@/core/channels';
import type { Customs } from '@/core/customs';
import { asksOf, formSchema, measureForm, ownId, phasesOfForm, type Form } from '@/core/forms';
import {
  furtherPoints,
  PARTS,
  postureBefore,
  repeated,
  settleForm,
  strokesIn,
  variantOf,
  withMirrored,
  withoutWay,
  withStrokesIn,
  withWay,
  type Part,
} from '@/core/forms/drafting';
import { noteWeight, reviewForm } from '@/core/forms/review';
import { cautionsOf } from '@/core/people';
import { soundOf } from '@/core/sounds';
import { pathText } from '@/core/formats/file';
import { MovingFigure } from '@/ui/figure/MovingFigure';
import { playedForm } from '@/ui/figure/played';
import { ViewChoice } from '@/ui/figure/ViewChoice';
import { VIEWS } from '@/ui/figure/view';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { newId } from '@/ui/kit/newId';
import { useSay } from '@/ui/kit/Said';
import { useUndoKeys } from '@/ui/kit/useUndoKeys';
import { useReady } from '@/ui/kit/useReady';
import { asksText } from '@/ui/words/asks';
import { formNoteText } from '@/ui/words/formNotes';
import { FLOW_WORDS } from '@/ui/words/names';
import { readAnswer } from '../answer';
import { AsksChart } from '../AsksChart';
import { FormFacts } from './FormFacts';
import { PostureFields } from './PostureFields';
import { PostureStage } from './PostureStage';
import { StrokeList } from './StrokeList';
import { useDraft } from './useDraft';

const PART_NAMES = {
  entry: 'coming in',
  cycle: 'one repetition',
  exit: 'coming out',
  smaller: 'smaller',
  seated: 'seated',
} as const;

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
  const { form, canUndo, canRedo, restored, change, step, forget } = useDraft(
    draftPlace,
    start,
    version ?? 0,
  );
  const [part, setPart] = useState<Part>('cycle');
  const [selected, setSelected] = useState({ stroke: 0, place: 0 });
  const [view, setView] = useState(VIEWS.front);
  const [alone, setAlone] = useState(false);
  const [playing, setPlaying] = useState(false);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [base, setBase] = useState(version);
  const ready = useReady();
  const router = useRouter();
  const say = useSay();

  useUndoKeys(step, true);

  // The margin follows a moment after the hand, so that leading a grip stays smooth.
  const settled = useDeferredValue(form);
  const notes = useMemo(() => reviewForm(settled, customs), [customs, settled]);
  const variant = variantOf(part);
  const measured = useMemo(() => measureForm(settled, variant), [settled, variant]);
  const told = useMemo(() => settleForm(settled), [settled]);
  const reached = useMemo(() => furtherPoints(settled), [settled]);
  const flows = settled.route ? routeByChannel(settled.route) : [];

  const strokes = strokesIn(form, part);
  const index = Math.min(selected.stroke, Math.max(0, strokes.length - 1));
  const stroke = strokes[index];
  const postures = stroke?.postures ?? [];
  const at = Math.min(selected.place, Math.max(0, postures.length - 1));
  const posture = postures[at] ?? postureBefore(form, variant, index);
  const setStrokes = (what: string, next: typeof strokes): void =>
    change(what, (now) => withStrokesIn(now, part, next));
  const setPosture = (next: Posture, what: string): void => {
    if (!stroke) return;
    const list = postures.length === 0 ? [next] : postures.with(at, next);
    setStrokes(`${what} ${part} ${index} ${at}`, strokes.with(index, { ...stroke, postures: list }));
  };
  const choose = (next: Part): void => {
    if ((next === 'smaller' || next === 'seated') && !form[next]) change('way', (now) => withWay(now, next));
    setPart(next);
    setSelected({ stroke: 0, place: 0 });
  };

  const save = async (): Promise<void> => {
    setProblem(undefined);
    const parsed = formSchema.safeParse({ ...told, ...form, asks: told.asks });
    if (!parsed.success) {
      const issue = parsed.error.issues[0];
      setProblem(
        `${pathText(issue?.path ?? [])}: ${issue?.message ?? 'not as expected'}. Nothing was kept yet.`,
      );
      return;
    }
    const whole = settleForm(parsed.data);
    const { least, usual, most } = whole.repetitions;
    if (least > usual || usual > most) {
      setProblem('repetitions: least, usual and most must rise. Nothing was kept yet.');
      return;
    }
    const fresh = base === undefined;
    const id = fresh ? ownId(whole.name, newId().slice(0, 8)) : whole.id;
    const document = { ...whole, id };
    const answer = await readAnswer<{ version: number }>(() =>
      fetch(fresh ? '/api/forms' : `/api/forms/${id}`, {
        method: fresh ? 'POST' : 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(fresh ? { form: document } : { form: document, baseVersion: base }),
      }),
    );
    if (!answer.ok) {
      setProblem(answer.message);
      return;
    }
    forget();
    say(`${whole.name} is kept.`);
    if (fresh) router.push(`/forms/own/${id}`);
    else {
      setBase(answer.value.version);
      router.refresh();
    }
  };
  const bin = async (): Promise<void> => {
    const answer = await readAnswer(() => fetch(`/api/forms/${form.id}/bin`, { method: 'POST' }));
    if (!answer.ok) {
      setProblem(answer.message);
      return;
    }
    forget();
    say(`${form.name} is in the bin; practices keep it as it was.`);
    router.push('/forms');
  };

  const phase = phasesOfForm(form, customs)[0];
  const sash = phase ? PHASE_VAR[phase] : 'var(--faded)';
  const whole = notes.filter((note) => note.stroke === undefined || note.variant !== variant);
  const here = notes.filter((note) => note.stroke !== undefined && note.variant === variant);
  const cautions = [
    ...new Set(
      cautionsOf(told, variant)
        .filter((caution) => caution.weight !== 'watch')
        .map((caution) => caution.conditionLabel),
    ),
  ];
  return (
    <fieldset disabled={!ready} className="min-w-0">
      <div className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h1 className="sr-only">Write a form</h1>
        <label className="min-w-48 flex-1">
          <span className="sr-only">Name of the form</span>
          <input
            className="w-full border-b border-hairline bg-transparent font-serif text-[1.44rem] focus:border-ink"
            value={form.name}
            maxLength={120}
            onChange={(event) => change('name', (now) => ({ ...now, name: event.target.value }))}
          />
        </label>
        <span className="flex flex-wrap gap-1.5">
          <button type="button" className="press" disabled={!canUndo} onClick={() => step('undo')}>
            <Undo2 size={15} aria-hidden /> Undo
          </button>
          <button type="button" className="press" disabled={!canRedo} onClick={() => step('redo')}>
            <Redo2 size={15} aria-hidden /> Redo
          </button>
          <button type="button" className="press press-main" onClick={() => void save()}>
            Keep this form
          </button>
        </span>
      </div>
      {restored && (
        <p className="watch mb-2 small">
          This is the draft this browser kept from before; undo returns to the form as it was opened.
        </p>
      )}
      {problem && (
        <p role="alert" className="must mb-2">
          {problem}
        </p>
      )}
      <div className="grid gap-x-9 gap-y-6 lg:grid-cols-[23rem_minmax(0,1fr)]">
        <section aria-label="Figure" className="lg:sticky lg:top-2 lg:self-start">
          {playing ? (
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
              <PostureStage posture={posture} view={view} sash={sash} alone={alone} onPosture={setPosture} />
              <ViewChoice view={view} onChoose={setView} />
            </>
          )}
          <p className="small mt-1 flex flex-wrap justify-center gap-x-4">
            <button
              type="button"
              className="press-plain"
              aria-pressed={playing}
              onClick={() => setPlaying(!playing)}
            >
              {playing ? 'back to posing' : 'see it move'}
            </button>
            {!playing && (
              <button
                type="button"
                className="press-plain"
                aria-pressed={alone}
                onClick={() => setAlone(!alone)}
              >
                one hand alone
              </button>
            )}
          </p>
        </section>
        <div className="min-w-0">
          <p className="flex flex-wrap items-baseline gap-x-4" role="group" aria-label="Part of the form">
            {PARTS.map((one) => (
              <button
                key={one}
                type="button"
                className="press-plain"
                aria-pressed={one === part}
                onClick={() => choose(one)}
              >
                {(one === 'smaller' || one === 'seated') && !form[one] ? `add a ${one} way` : PART_NAMES[one]}
              </button>
            ))}
            {(part === 'smaller' || part === 'seated') && (
              <button
                type="button"
                className="press-plain"
                onClick={() => {
                  change('way', (now) => withoutWay(now, part));
                  setPart('cycle');
                }}
              >
                take the {part} way away
              </button>
            )}
          </p>
          {(part === 'smaller' || part === 'seated') && (
            <label className="mt-2 block">
              <span className="quiet small">What is different, as you would say it</span>
              <input
                className="field"
                maxLength={240}
                value={form[part]?.change ?? ''}
                onChange={(event) => {
                  const said = event.target.value;
                  change('change', (now) => {
                    const way = now[part];
                    return way ? { ...now, [part]: { ...way, change: said } } : now;
                  });
                }}
              />
            </label>
          )}
          <div className="mt-2">
            <StrokeList
              form={form}
              part={part}
              strokes={strokes}
              sound={form.soundOrgan ? soundOf(form.soundOrgan, customs.soundSchool) : undefined}
              notes={part === 'entry' || part === 'exit' ? [] : here}
              selected={index}
              place={at}
              onSelect={(next, place) =>
                setSelected({
                  stroke: next,
                  place: place ?? Math.max(0, (strokes[next]?.postures?.length ?? 1) - 1),
                })
              }
              onStrokes={setStrokes}
            />
            {form.sides !== 'symmetric' && (
              <p className="quiet small">
                Cues are written as said for the left; the other side follows by itself.
              </p>
            )}
            <p className="small flex flex-wrap gap-x-4">
              <button
                type="button"
                className="press-plain"
                disabled={strokes.length === 0 || strokes.length > 12}
                onClick={() => setStrokes('mirrored', withMirrored(strokes))}
              >
                Repeat all on the other side
              </button>
              <button
                type="button"
                className="press-plain"
                disabled={strokes.length === 0 || strokes.length > 12}
                onClick={() => setStrokes('repeated', repeated(strokes))}
              >
                Repeat all once more
              </button>
            </p>
          </div>
          {!playing && stroke && (
            <section className="mt-4" aria-label="Posture">
              <h2>
                Stroke {index + 1}, posture {at + 1}
              </h2>
              <PostureFields posture={posture} onPosture={setPosture} />
            </section>
          )}
          <section className="mt-6" aria-label="In the margin">
            <h2>What it comes to</h2>
            {whole.map((note, place) => (
              <p key={place} className={`mt-1 ${noteWeight(note)}`}>
                {note.variant !== variant && <span className="quiet">{note.variant}: </span>}
                {formNoteText(note)}
              </p>
            ))}
            <div className="small mt-2 grid gap-x-8 gap-y-3 sm:grid-cols-2">
              <div>
                <h3 className="caption">Asks</h3>
                <p>{asksText(asksOf(told, variant)).join(', ') || 'very little'}</p>
                <AsksChart asked={measured} />
              </div>
              <div>
                <h3 className="caption">Change or leave out with</h3>
                <p>{cautions.join('; ') || 'nothing in particular'}</p>
                {flows.length > 0 && (
                  <>
                    <h3 className="caption mt-2">Its route runs along</h3>
                    <p>{flows.map(({ channel, runs }) => `${channel} ${FLOW_WORDS[runs]}`).join(', ')}</p>
                  </>
                )}
                <h3 className="caption mt-2">Palms and route also come to</h3>
                <p className="flex flex-wrap gap-x-3">
                  {reached.length === 0 && 'no further point'}
                  {reached.slice(0, 16).map((code) => (
                    <button
                      key={code}
                      type="button"
                      className="press-plain"
                      aria-label={`Name ${code} among the points`}
                      onClick={() => change('points', (now) => ({ ...now, points: [...now.points, code] }))}
                    >
                      {code}
                    </button>
                  ))}
                </p>
              </div>
            </div>
          </section>
          <details className="mt-6 border-t border-hairline pt-3" open={version === undefined}>
            <summary className="cursor-pointer font-serif text-[1.2rem]">What kind of form it is</summary>
            <div className="mt-3">
              <FormFacts form={form} onChange={change} />
            </div>
          </details>
          {base !== undefined && (
            <p className="small mt-6 flex flex-wrap gap-x-4">
              <Link className="press-plain" href={`/forms/${form.id}`}>
                See its page
              </Link>
              <a className="press-plain" href={`/api/forms/${form.id}/export`} download>
                As a file
              </a>
              <button type="button" className="press-plain" onClick={() => void bin()}>
                Into the bin
              </button>
            </p>
          )}
        </div>
      </div>
    </fieldset>
  );
}
