import { useMemo } from 'react';
import { routeByChannel } from '@/core/channels';
import { asksOf, measureForm, type Form, type VariantId } from '@/core/forms';
import { furtherPoints, settleForm } from '@/core/forms/own/drafting';
import { noteWeight, type FormNote } from '@/core/forms/checks/formNotes';
import { cautionsOf } from '@/core/people';
import { asksText } from '@/ui/words/asks';
import { formNoteText } from '@/ui/words/formNotes';
import { FLOW_WORDS } from '@/ui/words/names';
import { AsksChart } from '../AsksChart';
import type { AtFormEditing } from './useFormEditing';

/** So many further points are offered. */
const MOST_OFFERED = 16;

interface Props {
  /** The form a moment ago: what is worked out follows the hand. */
  readonly form: Form;
  readonly variant: VariantId;
  /** Of the whole form, and of other ways than this one. */
  readonly notes: readonly FormNote[];
  readonly change: AtFormEditing['change'];
}

function Further({ form, change }: Pick<Props, 'form' | 'change'>) {
  const reached = useMemo(() => furtherPoints(form), [form]);
  return (
    <>
      <h3 className="caption mt-2">Palms and route also come to</h3>
      <p className="flex flex-wrap gap-x-3">
        {reached.length === 0 && 'no further point'}
        {reached.slice(0, MOST_OFFERED).map((code) => (
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
    </>
  );
}

/** What the form asks, whom it must mind, where it runs, and what the margin says of the whole. */
export function WhatItComesTo({ form, variant, notes, change }: Props) {
  const measured = useMemo(() => measureForm(form, variant), [form, variant]);
  const told = useMemo(() => settleForm(form), [form]);
  const flows = form.route ? routeByChannel(form.route) : [];
  const minded = cautionsOf(told, variant).filter((caution) => caution.weight !== 'watch');
  const cautions = [...new Set(minded.map((caution) => caution.conditionLabel))];
  return (
    <section className="mt-6" aria-label="In the margin">
      <h2>What it comes to</h2>
      {notes.map((note, place) => (
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
          <Further form={form} change={change} />
        </div>
      </div>
    </section>
  );
}
