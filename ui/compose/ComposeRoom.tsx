'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useStore } from 'zustand';
import type { AlmanacReading, CalendarSeason } from '@/core/almanac';
import { fillBrief, themePhase, type BriefWishes } from '@/core/brief';
import { makeItFit } from '@/core/compose/fit';
import { toleranceMs } from '@/core/compose/tolerance';
import { writeBriefQuery } from '@/core/formats/briefQuery';
import type { Customs } from '@/core/customs';
import type { Form, OwnForms } from '@/core/forms';
import type { History } from '@/core/log';
import { compile, type Edit, type Practice } from '@/core/practice';
import { conditionLabel } from '@/core/seek/conditionWords';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { useSay } from '@/ui/kit/Said';
import { useStable } from '@/ui/kit/useStable';
import { useUndoKeys } from '@/ui/kit/useUndoKeys';
import { MinutesBar } from '@/ui/score/MinutesBar';
import { Score } from '@/ui/score/Score';
import { useBeside } from '@/ui/score/useLanes';
import { fitText } from '@/ui/words/fit';
import { BriefSentence } from './BriefSentence';
import { Heading } from './Heading';
import { Overlays, type Over } from './Overlays';
import { ProofLine } from './ProofLine';
import { ReadOver } from './ReadOver';
import { RunningOrder } from './RunningOrder';
import { createComposeStore } from './store';
import { Toolbar } from './Toolbar';
import { useComposer } from './useComposer';
import { askedFor, peopleOf, useDrafting, type ComposeGroup } from './useDrafting';
import { useNoteActions } from './useNoteActions';
import { KeptNewLine } from './KeptNewLine';
import { keepChosen } from './handWork';
import { readVersion } from './readVersion';
import { keptDraft, useSaving, type Stored } from './useSaving';
import { useSelection } from './useSelection';
import { useUnnamed } from './useUnnamed';

// Opened by a press, so they come when they are wanted and do not weigh on the first load.
const ItemMargin = dynamic(async () => (await import('./ItemMargin')).ItemMargin, { ssr: false });
const ChangedForms = dynamic(async () => (await import('./ChangedForms')).ChangedForms, { ssr: false });
const Failure = dynamic(async () => (await import('./Failure')).Failure, { ssr: false });

export type { ComposeGroup } from './useDrafting';

interface Props {
  readonly stored: Stored | undefined;
  readonly wishes: BriefWishes;
  readonly reading: AlmanacReading;
  /** Today's season by every calendar. */
  readonly today: readonly CalendarSeason[];
  readonly customs: Customs;
  readonly groups: readonly ComposeGroup[];
  /** Own forms and own words, which the composer chooses among too. */
  readonly own: OwnForms;
  /** What the log tells of those a practice may be for. */
  readonly history: History;
  readonly changedForms: readonly Form[];
  /** Names of all forms by id: what a brief leaves out is told by name. */
  readonly formNames: Readonly<Record<string, string>>;
}

/** The heart of the application: the brief, its draft, the score, the running order and the margin. */
export function ComposeRoom({
  stored,
  wishes: firstWishes,
  reading,
  today,
  customs,
  groups,
  own,
  history,
  changedForms,
  formNames,
}: Props) {
  const [store] = useState(() =>
    createComposeStore(stored?.practice, stored ? stored.practice.brief : firstWishes),
  );
  const { practice: named, wishes, change, replace } = useStore(store);
  const practice = useUnnamed(named);
  const { pastStates, futureStates } = useStore(store.temporal);
  const {
    state: saveState,
    setState: setSaveState,
    savedId,
    save,
    saveNow,
    saveAsCopy,
    resumeNew,
    takeTheirs,
  } = useSaving(stored);
  const composer = useComposer();
  const say = useSay();
  const router = useRouter();
  const [over, setOver] = useState<Over | undefined>(undefined);
  /** The composer failed before it had an answer. */
  const [stopped, setStopped] = useState(false);
  const ground = useMemo(
    () => ({ reading, customs, groups, own, history }),
    [reading, customs, groups, own, history],
  );
  const { busy, failure, setFailure, proof, redraft } = useDrafting(
    store,
    composer,
    ground,
    stored === undefined,
  );
  const touched = useRef(stored !== undefined);
  const asked = useRef(wishes);

  const filled = useMemo(
    () => fillBrief(wishes, reading, customs, groups),
    [wishes, reading, customs, groups],
  );
  const people = useMemo(() => peopleOf(ground, filled.brief.groupId), [ground, filled.brief.groupId]);
  const { conditions } = people;
  const minding = useMemo(() => conditions.map(conditionLabel), [conditions]);
  const timeline = useMemo(() => (practice ? compile(practice) : undefined), [practice]);
  const { lanes, notes, readOver } = useBeside(practice, customs, people, today);

  const onEdit = useCallback(
    (edit: Edit, said: string): void => {
      touched.current = true;
      change(edit);
      if (edit.kind !== 'rename') say(said);
    },
    [change, say],
  );
  const selection = useSelection(practice, stored?.practice.items[0]?.id, onEdit, say);
  const { select } = selection;

  /** Puts a practice made elsewhere (a draft taken, a fit, a pasted order) in the place of this one. */
  const take = useCallback(
    (next: Practice, said: string): void => {
      touched.current = true;
      const kept = keepChosen(next);
      replace({ ...kept, name: store.getState().practice?.name ?? next.name }, store.getState().wishes);
      setOver(undefined);
      say(said);
    },
    [replace, say, store],
  );

  // The first draft of a new practice, once the worker is there; it is not a step to undo.
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current || stored) return undefined;
    begun.current = true;
    void redraft(firstWishes, 1, () => store.temporal.getState().clear()).then((outcome) =>
      setStopped(outcome === 'stopped'),
    );
    return () => {
      begun.current = false;
    };
  }, [firstWishes, redraft, store, stored]);

  // Saved as it is edited: a draft nobody has touched is not kept.
  useEffect(() => {
    return store.subscribe((now, before) => {
      if (now.practice && now.practice !== before.practice && touched.current) save(now.practice);
    });
  }, [save, store]);

  // What this browser still had to save from an earlier visit.
  useEffect(() => {
    if (!stored) return undefined;
    let wanted = true;
    void keptDraft(stored).then((kept) => {
      // Changed by hand already: what was kept must not write over it.
      if (!wanted || !kept || store.getState().practice !== stored.practice) return;
      // Made on top of an older version: shown, but never saved over the other; the line above says what can be done.
      touched.current = kept.fits;
      replace(kept.practice, kept.practice.brief);
      touched.current = true;
      asked.current = kept.practice.brief;
      if (!kept.fits) setSaveState({ code: 'changed-elsewhere', version: stored.version });
      say('Brought back what had not been saved yet.');
    });
    return () => {
      wanted = false;
    };
  }, [replace, say, setSaveState, store, stored]);

  const draftAgain = (next: BriefWishes, seed: number, said: string): void => {
    setStopped(false);
    void redraft(next, seed, () => say(said)).then((outcome) => {
      if (outcome === 'stopped') setStopped(true);
      // An impossible wish still stands in the sentence, so that it can be seen and changed.
      if (outcome === 'impossible') store.setState({ wishes: next });
    });
  };

  const wish = useStable((more: BriefWishes): void => {
    // Built on what was asked last, not on what has been drafted: presses may come faster than drafts.
    const next = { ...asked.current, ...more };
    asked.current = next;
    if (savedId === undefined && !touched.current)
      window.history.replaceState(null, '', `/compose?${writeBriefQuery(next)}`);
    draftAgain(next, practice?.seed ?? 1, 'Redrafted; undo brings back what was there.');
  });

  /** The oldest version this page has gone back to: undo goes on there once its own steps are used up. */
  const oldest = useRef(stored?.version ?? 1);
  const undoVersion = useCallback(async (): Promise<void> => {
    if (!stored || oldest.current <= 1) return;
    const version = oldest.current - 1;
    const former = await readVersion(stored.id, version);
    if (!former) return say('The version before this one could not be read; try again.');
    oldest.current = version;
    touched.current = true;
    const steps = store.temporal.getState();
    steps.pause();
    replace(former, former.brief);
    steps.resume();
    asked.current = former.brief;
    say(`Undone: as it was in version ${version}. Versions has the later ones.`);
  }, [replace, say, store, stored]);

  const step = useCallback(
    (way: 'undo' | 'redo'): void => {
      const steps = store.temporal.getState();
      if (way === 'undo' && steps.pastStates.length === 0) {
        void undoVersion();
        return;
      }
      if ((way === 'undo' ? steps.pastStates : steps.futureStates).length === 0) return;
      touched.current = true;
      setFailure(undefined);
      steps[way]();
      asked.current = store.getState().wishes;
      say(way === 'undo' ? 'Undone' : 'Done again');
    },
    [say, setFailure, store, undoVersion],
  );

  useUndoKeys(step);

  const openAt = async (room: 'lead' | 'sheet'): Promise<void> => {
    if (!named) return;
    touched.current = true;
    const id = await saveNow(named);
    if (id) router.push(`/${room}/${id}`);
  };

  const nameOf = (id: string): string => formNames[id] ?? practice?.forms[id]?.name ?? id;
  const fit = useCallback((): void => {
    const now = store.getState().practice;
    if (!now) return;
    const result = makeItFit(now);
    if (result.ok)
      take(
        result.practice,
        fitText(result.changes, (id) => now.forms[id]?.name ?? id, now),
      );
    else say('Nothing short of a new draft brings this back to its minutes.');
  }, [say, store, take]);

  const hinges = (): void => {
    void import('./hinge').then(({ hingeFor }) => {
      const hinge = practice && hingeFor(practice, customs, own, conditions);
      if (hinge) onEdit({ kind: 'hinges', hinge }, 'Hinges put where blocks meet');
      else say('There is no hinge form that this group can do.');
    });
  };

  const noteActions = useNoteActions(store, onEdit, fit);

  const askedNow = useMemo(
    () => practice && askedFor(ground, filled.brief, practice.seed, practice),
    [filled.brief, ground, practice],
  );
  const account = useCallback(
    async () => (practice && askedNow ? composer.account(askedNow, practice) : undefined),
    [askedNow, composer, practice],
  );
  const selected = practice?.items.find((item) => item.id === selection.current);
  const offTime =
    timeline !== undefined &&
    Math.abs(timeline.totalMs - filled.brief.minutes * 60_000) > toleranceMs(filled.brief.minutes);

  return (
    <div>
      <Heading
        practice={named}
        savedId={savedId}
        saveState={saveState}
        onRename={(name) => onEdit({ kind: 'rename', name }, '')}
        onRetry={(kept) => void saveNow(kept)}
        onCopy={(kept) => void saveAsCopy(kept)}
        onTakeTheirs={takeTheirs}
        onRestore={(restored) => {
          touched.current = true;
          replace(restored, restored.brief);
          asked.current = restored.brief;
          say('An earlier version is back; undo returns to the later one.');
        }}
      />
      {!stored && savedId === undefined && (
        <KeptNewLine
          onOpen={(one) => {
            touched.current = false;
            replace(one.unsaved.practice, one.unsaved.practice.brief);
            touched.current = true;
            asked.current = one.unsaved.practice.brief;
            void resumeNew(one);
          }}
        />
      )}
      <BriefSentence filled={filled} groups={groups} onWish={wish} minding={minding} formNames={formNames} />
      {failure && (
        <Failure
          failure={failure}
          brief={filled.brief}
          draftStands={practice !== undefined}
          nameOf={nameOf}
          onWish={wish}
          onUnlock={() => {
            if (practice)
              onEdit(
                { kind: 'lock', itemIds: practice.items.map((item) => item.id), locked: false },
                'All let go',
              );
            wish({});
          }}
        />
      )}
      {stopped && (
        <p role="alert" className="must my-3">
          The composer stopped before it had a draft; what is here stands as it was.{' '}
          <button type="button" className="press" onClick={() => wish({})}>
            Draft again
          </button>
        </p>
      )}
      {practice && changedForms.length > 0 && (
        <ChangedForms practice={practice} changed={changedForms} onEdit={onEdit} />
      )}
      {!practice || !timeline ? (
        <p className="quiet my-10">
          {busy ? 'Drafting …' : 'There is no draft yet; change a word of the brief.'}
        </p>
      ) : (
        <>
          <div className="contents sm:sticky sm:top-0 sm:z-20 sm:-mx-1 sm:flex sm:flex-wrap sm:items-center sm:gap-x-4 sm:gap-y-1 sm:border-b sm:border-hairline sm:bg-paper sm:px-1 sm:py-2">
            <div className="min-w-0 flex-1 basis-80 max-sm:sticky max-sm:top-0 max-sm:z-20 max-sm:bg-paper max-sm:py-1.5">
              <MinutesBar timeline={timeline} wishedMs={filled.brief.minutes * 60_000} />
            </div>
            <Toolbar
              canUndo={pastStates.length > 0 || (stored?.version ?? 1) > 1}
              canRedo={futureStates.length > 0}
              busy={busy}
              offTime={offTime}
              many={selection.ids.size}
              onStep={step}
              onAnother={() =>
                draftAgain(
                  wishes,
                  (practice.seed + 1) % 4294967296,
                  'Another draft; undo brings back the one before.',
                )
              }
              onFit={fit}
              onDrafts={() => setOver({ kind: 'drafts' })}
              onWhyNot={() => setOver({ kind: 'why-not' })}
              onPasteOrder={() => setOver({ kind: 'paste' })}
              onHinges={hinges}
              onRepeat={selection.repeat}
              onBookend={selection.bookend}
              onSheet={() => void openAt('sheet')}
              onLead={() => void openAt('lead')}
            />
          </div>
          <ProofLine proof={proof?.proof} busy={busy} edited={proof?.of !== practice} />
          <div className="mt-2">
            <Score
              practice={practice}
              timeline={timeline}
              lanes={lanes}
              selectedId={selected?.id}
              chosen={selection.ids}
              ink={PHASE_VAR[themePhase(practice.brief.theme)]}
              onSelect={select}
              onEdit={onEdit}
            />
          </div>
          <div className="mt-5 grid gap-x-9 gap-y-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
            <div>
              <RunningOrder
                practice={practice}
                timeline={timeline}
                selection={selection}
                notes={notes}
                noteActions={noteActions}
                onEdit={onEdit}
              />
              <p className="mt-3 flex flex-wrap gap-2">
                <button type="button" className="press" onClick={() => setOver({ kind: 'add' })}>
                  Add a form
                </button>
                {practice.items.length === 0 && (
                  <span className="quiet">Nothing is left; add a form, undo, or take another draft.</span>
                )}
              </p>
            </div>
            <aside aria-label="In the margin" className="small lg:border-l lg:border-hairline lg:pl-6">
              <ReadOver
                practice={practice}
                notes={notes}
                reading={readOver !== practice}
                onSelect={select}
                {...noteActions}
              />
              {selected && (
                <div className="mt-4">
                  <ItemMargin
                    practice={practice}
                    item={selected}
                    events={timeline.events.filter((event) => event.itemId === selected.id)}
                    conditions={conditions}
                    account={account}
                    onEdit={onEdit}
                    onSwap={() => setOver({ kind: 'instead', itemId: selected.id })}
                    onLeaveOut={() => {
                      touched.current = true;
                      wish({ without: [...filled.brief.without, selected.formId] });
                    }}
                  />
                </div>
              )}
            </aside>
          </div>
          <Overlays
            over={over}
            onOver={setOver}
            practice={practice}
            asked={askedNow}
            composer={composer}
            selected={selected}
            customs={customs}
            own={own}
            people={people}
            onEdit={onEdit}
            onAdded={(formId) => {
              const added = store.getState().practice?.items.find((item) => item.formId === formId);
              if (added) select(added.id);
            }}
            onTake={take}
          />
        </>
      )}
      {practice && saveState.code === 'draft' && (
        <p className="quiet small mt-6">
          A draft is kept as soon as you change, lead or print it. Kept practices stand on the{' '}
          <Link className="press-plain" href="/shelf">
            shelf
          </Link>
          .
        </p>
      )}
    </div>
  );
}
