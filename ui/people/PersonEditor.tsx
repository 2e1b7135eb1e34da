'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { ConditionId } from '@/core/people';
import type { Person } from '@/core/people/person';
import { readAnswer } from '@/ui/kit/answer';
import { useSay } from '@/ui/kit/Said';
import { useReady } from '@/ui/kit/useReady';
import { ComesTo, type GroupOfPerson } from './ComesTo';
import { Conditions } from './Conditions';
import { Consent } from './Consent';
import { FormList, Knows, type NamedForm } from './FormsOfPerson';
import { Measures, type MeasureOfPerson } from './Measures';
import { OneToOne } from './OneToOne';
import { sendPerson } from './sendPerson';

export interface PersonEditorProps {
  readonly person: Person;
  readonly version: number;
  readonly groups: readonly GroupOfPerson[];
  readonly conditions: readonly { readonly id: ConditionId; readonly label: string }[];
  /** Where a practice for one of their own groups is begun, by group. */
  readonly composeFor: Readonly<Record<string, string>>;
  readonly forms: readonly NamedForm[];
  readonly measures: readonly MeasureOfPerson[];
  /** In how many of the classes they were at each form was. */
  readonly times: Readonly<Record<string, number>>;
  /** "2026-11-29". */
  readonly today: string;
}

/** A page that is left with something unsaved asks first. */
function useAsksFirst(isUnsaved: boolean): void {
  useEffect(() => {
    if (!isUnsaved) return undefined;
    const leaving = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener('beforeunload', leaving);
    return () => window.removeEventListener('beforeunload', leaving);
  }, [isUnsaved]);
}

/** Going to another room with something unsaved saves it: nothing that was typed is lost on the way. */
function useSavesOnLeaving(person: Person, base: number, isUnsaved: boolean): void {
  const last = useRef({ person, base, isUnsaved });
  useEffect(() => {
    last.current = { person, base, isUnsaved };
  });
  useEffect(
    () => () => {
      const left = last.current;
      if (left.isUnsaved) void sendPerson(left.person, left.base, true);
    },
    [],
  );
}

/** Saves, or deletes for good; what went wrong is told. */
function usePersonSending(draft: Person, version: number) {
  const [base, setBase] = useState(version);
  const [saved, setSaved] = useState(draft);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const router = useRouter();
  const say = useSay();
  const isUnsaved = JSON.stringify(draft) !== JSON.stringify(saved);
  useAsksFirst(isUnsaved);
  useSavesOnLeaving(draft, base, isUnsaved);
  const save = async (whole: Person): Promise<void> => {
    setProblem(undefined);
    const sent = await sendPerson(whole, base);
    if (!sent.ok) return setProblem(sent.message);
    setBase(sent.value.version);
    setSaved(whole);
    say(`${whole.name}: saved.`);
    router.refresh();
  };
  const remove = async (): Promise<void> => {
    const told = `Delete everything that is kept of ${draft.name}, for good? It cannot be brought back. The classes stay in the log, and that somebody came is still counted.`;
    if (!window.confirm(told)) return;
    const gone = await readAnswer(() => fetch(`/api/people/${draft.id}`, { method: 'DELETE' }));
    if (!gone.ok) return setProblem(gone.message);
    setSaved(draft);
    say('Deleted for good.');
    router.push('/people');
  };
  return { problem, isUnsaved, save, remove };
}

/** Name and year of birth. */
function Who({ draft, change }: { draft: Person; change: (next: Partial<Person>) => void }) {
  const [year, setYear] = useState(draft.birthYear === undefined ? '' : String(draft.birthYear));
  return (
    <div className="flex flex-wrap gap-4">
      <label className="basis-72">
        <span className="caption block">Name, or initials</span>
        <input
          className="field"
          value={draft.name}
          maxLength={80}
          required
          autoComplete="off"
          onChange={(event) => change({ name: event.target.value })}
        />
      </label>
      <label>
        <span className="caption block">Born in</span>
        <input
          className="field figures w-24"
          inputMode="numeric"
          placeholder="year"
          maxLength={4}
          value={year}
          onChange={(event) => {
            setYear(event.target.value);
            const typed = Number(event.target.value);
            change({
              birthYear: event.target.value.trim() === '' || Number.isNaN(typed) ? undefined : typed,
            });
          }}
        />
      </label>
    </div>
  );
}

/** Everything that is known of one person, to be changed and saved. */
export function PersonEditor({ person, version, ...of }: PersonEditorProps) {
  const [draft, setDraft] = useState(person);
  const change = (next: Partial<Person>): void => setDraft((present) => ({ ...present, ...next }));
  const { problem, isUnsaved, save, remove } = usePersonSending(draft, version);
  const ready = useReady();
  const line = (label: string, field: 'can' | 'note', most: number) => (
    <label className="block">
      <span className="caption block">{label}</span>
      <textarea
        className="field"
        rows={field === 'note' ? 3 : 1}
        maxLength={most}
        value={draft[field]}
        onChange={(event) => change({ [field]: event.target.value })}
      />
    </label>
  );
  return (
    <form
      className="space-y-5"
      onSubmit={(event) => {
        event.preventDefault();
        void save(draft);
      }}
    >
      <Who draft={draft} change={change} />
      <ComesTo groups={of.groups} comesTo={draft.comesTo} onComesTo={(comesTo) => change({ comesTo })} />
      <OneToOne
        person={draft}
        hrefs={of.composeFor}
        onMade={(groupId) => {
          const next = { ...draft, comesTo: [...draft.comesTo, { groupId, weekdays: [] }] };
          setDraft(next);
          void save(next);
        }}
      />
      <Conditions
        all={of.conditions}
        conditions={draft.conditions}
        onConditions={(conditions) => change({ conditions })}
      />
      <FormList
        legend="May not do"
        note="Left out of drafts for a class they are expected at; where a practice has it, the margin says that someone may not."
        forms={of.forms}
        chosen={draft.mayNot}
        onChosen={(mayNot) => change({ mayNot })}
      />
      <FormList
        legend="Likes"
        note="Comes more often in homework and in drafts for a class they are expected at, where it suits what the class is for and a third of those expected like it."
        forms={of.forms}
        chosen={draft.likes}
        onChosen={(likes) => change({ likes })}
      />
      {line('Can', 'can', 400)}
      {line('A note', 'note', 2000)}
      <Knows forms={of.forms} knows={draft.knows} times={of.times} onKnows={(knows) => change({ knows })} />
      <Measures
        rows={of.measures}
        measures={draft.measures}
        onMeasures={(measures) => change({ measures })}
      />
      <Consent consent={draft.consent} today={of.today} onConsent={(consent) => change({ consent })} />
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
      <p className="flex flex-wrap items-baseline gap-2">
        <button type="submit" className="press press-main" disabled={!ready || !isUnsaved}>
          Save
        </button>
        <a className="press" href={`/api/people/${person.id}`} download>
          All that is kept, as a file for them
        </a>
        <button type="button" className="press" onClick={() => void remove()}>
          Delete for good
        </button>
        <span className="quiet" role="status">
          {isUnsaved ? 'Not saved yet.' : ''}
        </span>
      </p>
    </form>
  );
}
