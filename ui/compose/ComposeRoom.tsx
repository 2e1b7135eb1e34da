'use client';

import { Redo2, Undo2 } from 'lucide-react';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useStore } from 'zustand';
import type { AlmanacReading } from '@/core/almanac';
import { fillBrief, themePhase, type Brief, type BriefWishes, type GroupCalendar } from '@/core/brief';
import type { ComposeResult, Help } from '@/core/compose';
import { writeBriefQuery } from '@/core/formats';
import type { Customs } from '@/core/customs';
import { ROLES, type Form, type OwnForms, type Role } from '@/core/forms';
import type { ConditionId } from '@/core/people';
import { compile, formOf, type Edit, type Item, type NewItem, type Practice } from '@/core/practice';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { useSay } from '@/ui/kit/Said';
import { clockText, plural } from '@/ui/kit/time';
import { useUndoKeys } from '@/ui/kit/useUndoKeys';
import { MinutesBar } from '@/ui/score/MinutesBar';
import { Score } from '@/ui/score/Score';
import { themeName } from '@/ui/words/names';
import { conflictText, helpText, obstacleText } from '@/ui/words/obstacles';
import { BriefSentence } from './BriefSentence';
import type { Pick } from './FormPicker';
import { ItemMargin } from './ItemMargin';
import { RunningOrder } from './RunningOrder';
import { SaveLine } from './SaveLine';
import { createComposeStore } from './store';
import { useComposer } from './useComposer';
import { keptDraft, useSaving } from './useSaving';

// Opened by a press, so they come when they are wanted and do not weigh on the first load.
const FormPicker = dynamic(async () => (await import('./FormPicker')).FormPicker, { ssr: false });
const ChangedForms = dynamic(async () => (await import('./ChangedForms')).ChangedForms, { ssr: false });
const Versions = dynamic(async () => (await import('./Versions')).Versions, { ssr: false });

export interface ComposeGroup extends GroupCalendar {
  readonly conditions: readonly ConditionId[];
}

interface Props {
  readonly stored: { readonly id: string; readonly version: number; readonly practice: Practice } | undefined;
  readonly wishes: BriefWishes;
  readonly reading: AlmanacReading;
  readonly customs: Customs;
  readonly groups: readonly ComposeGroup[];
  /** Own forms and own words, which the composer chooses among too. */
  readonly own: OwnForms;
  readonly changedForms: readonly Form[];
  /** Names of all forms by id: what a brief leaves out is told by name. */
  readonly formNames: Readonly<Record<string, string>>;
}

type Picking = { readonly kind: 'add' } | { readonly kind: 'swap'; readonly itemId: string };

/** A name for a practice nobody has named yet. */
const nameFor = (practice: Practice): string =>
  `${capital(themeName(practice.brief.theme).replace(/^the /, ''))}, ${practice.brief.minutes} minutes`;
const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** The words of the brief that a help would change. */
function wishesOf(help: Help, brief: Brief): BriefWishes {
  switch (help.code) {
    case 'other-minutes':
      return { minutes: help.minutes };
    case 'other-posture':
      return { posture: help.posture };
    case 'other-pace':
      return { breathsPerMin: help.breathsPerMin };
    case 'allow-left-out':
      return { without: [] };
    case 'any-place':
      return { place: [] };
    case 'any-theme':
      return { theme: { kind: 'all-phases' } };
    case 'let-go':
      return { withForms: (brief.withForms ?? []).filter((id) => !help.formIds.includes(id)) };
    case 'unlock':
    case 'more-new-forms':
      return {};
    default:
      return help satisfies never;
  }
}

/** Where a form of a role belongs in the running order: after the last item of that section or an earlier one. */
function placeFor(practice: Practice, role: Item['role']): number {
  const order = ROLES.indexOf(role);
  return practice.items.findLastIndex((item) => ROLES.indexOf(item.role) <= order) + 1;
}

function newItem(
  pick: Pick,
  customs: Customs,
  practice: Practice,
  by: 'chosen-by-hand' | 'swapped-by-hand',
): NewItem {
  const { form, fitting } = pick.alternative;
  return {
    form,
    role: pick.role,
    variant: fitting.variant,
    omitHolds: fitting.omitHolds,
    exhaleByMouth: fitting.exhaleByMouth,
    familiarity: practice.brief.familiarity,
    firstSide: customs.firstSide,
    reasons: [{ code: by }, ...pick.alternative.reasons, ...fitting.reasons],
  };
}

/** The heart of the application: the brief, its draft, the score, the running order and the margin. */
export function ComposeRoom({
  stored,
  wishes: firstWishes,
  reading,
  customs,
  groups,
  own,
  changedForms,
  formNames,
}: Props) {
  const [store] = useState(() =>
    createComposeStore(stored?.practice, stored ? stored.practice.brief : firstWishes),
  );
  const { practice, wishes, change, replace } = useStore(store);
  const { pastStates, futureStates } = useStore(store.temporal);
  const { state: saveState, savedId, save, saveNow, saveAsCopy } = useSaving(stored);
  const compose = useComposer();
  const say = useSay();
  const router = useRouter();
  const [selectedId, setSelectedId] = useState<string | undefined>(stored?.practice.items[0]?.id);
  const [picking, setPicking] = useState<Picking | undefined>(undefined);
  const [failure, setFailure] = useState<Extract<ComposeResult, { ok: false }> | undefined>(undefined);
  const [busy, setBusy] = useState(stored === undefined);
  const touched = useRef(stored !== undefined);
  const asked = useRef(wishes);

  const filled = useMemo(
    () => fillBrief(wishes, reading, customs, groups),
    [wishes, reading, customs, groups],
  );
  const conditions = useMemo(
    () => groups.find((group) => group.id === filled.brief.groupId)?.conditions ?? [],
    [groups, filled.brief.groupId],
  );
  const timeline = useMemo(() => (practice ? compile(practice) : undefined), [practice]);

  const redraft = useCallback(
    async (next: BriefWishes, seed: number): Promise<'drafted' | 'impossible' | 'overtaken'> => {
      setBusy(true);
      const { brief } = fillBrief(next, reading, customs, groups);
      const people = groups.find((group) => group.id === brief.groupId)?.conditions ?? [];
      const result = await compose(brief, customs, people, seed, own);
      if (!result) return 'overtaken';
      setBusy(false);
      if (!result.ok) {
        setFailure(result);
        return 'impossible';
      }
      setFailure(undefined);
      const before = store.getState().practice;
      const name = before && before.name !== nameFor(before) ? before.name : nameFor(result.practice);
      replace({ ...result.practice, name }, next);
      setSelectedId(result.practice.items[0]?.id);
      return 'drafted';
    },
    [compose, customs, groups, own, reading, replace, store],
  );

  // The first draft of a new practice, once the worker is there; it is not a step to undo.
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current || stored) return undefined;
    begun.current = true;
    void redraft(firstWishes, 1).then(() => store.temporal.getState().clear());
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
    const kept = stored ? keptDraft(stored.id, stored.version) : undefined;
    if (!kept) return;
    replace(kept, kept.brief);
    asked.current = kept.brief;
    say('Brought back what had not been saved yet.');
  }, [replace, say, stored]);

  const onEdit = useCallback(
    (edit: Edit, said: string): void => {
      touched.current = true;
      change(edit);
      if (edit.kind !== 'rename') say(said);
    },
    [change, say],
  );

  const wish = (more: BriefWishes): void => {
    // Built on what was asked last, not on what has been drafted: presses may come faster than drafts.
    const next = { ...asked.current, ...more };
    asked.current = next;
    if (savedId === undefined && !touched.current)
      window.history.replaceState(null, '', `/compose?${writeBriefQuery(next)}`);
    void redraft(next, practice?.seed ?? 1).then((outcome) => {
      if (outcome === 'drafted') say('Redrafted; undo brings back what was there.');
      // An impossible wish still stands in the sentence, so that it can be seen and changed.
      if (outcome === 'impossible') store.setState({ wishes: next });
    });
  };

  const step = useCallback(
    (way: 'undo' | 'redo'): void => {
      const steps = store.temporal.getState();
      if ((way === 'undo' ? steps.pastStates : steps.futureStates).length === 0) return;
      touched.current = true;
      setFailure(undefined);
      steps[way]();
      asked.current = store.getState().wishes;
      say(way === 'undo' ? 'Undone' : 'Done again');
    },
    [say, store],
  );

  useUndoKeys(step);

  const sought = useMemo((): readonly Role[] => {
    const item =
      picking?.kind === 'swap'
        ? practice?.items.find((candidate) => candidate.id === picking.itemId)
        : undefined;
    return item ? [item.role] : ROLES;
  }, [picking, practice]);

  const pick = (chosen: Pick): void => {
    if (!practice || !picking) return;
    const name = chosen.alternative.form.name;
    if (picking.kind === 'swap')
      onEdit(
        { kind: 'swap', itemId: picking.itemId, item: newItem(chosen, customs, practice, 'swapped-by-hand') },
        `${name} put in`,
      );
    else
      onEdit(
        {
          kind: 'add',
          at: placeFor(practice, chosen.role),
          item: newItem(chosen, customs, practice, 'chosen-by-hand'),
        },
        `${name} added`,
      );
    const now = store.getState().practice;
    setSelectedId(now?.items.find((item) => item.formId === chosen.alternative.form.id)?.id);
    setPicking(undefined);
  };

  const nameOf = (id: string): string => formNames[id] ?? practice?.forms[id]?.name ?? id;
  const takeHelp = (help: Help): void => wish(wishesOf(help, filled.brief));

  const openAt = async (room: 'lead' | 'sheet'): Promise<void> => {
    if (!practice) return;
    touched.current = true;
    const id = await saveNow(practice);
    if (id) router.push(`/${room}/${id}`);
  };

  const selected = practice?.items.find((item) => item.id === selectedId) ?? practice?.items[0];

  return (
    <div>
      <div className="mb-2 flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <h1 className="sr-only">Compose</h1>
        {practice && (
          <label className="flex min-w-0 flex-1 items-baseline gap-2">
            <span className="sr-only">Name of the practice</span>
            <input
              className="min-w-40 flex-1 border-b border-transparent bg-transparent font-serif text-[1.2rem] italic hover:border-hairline focus:border-ink"
              value={practice.name}
              maxLength={120}
              onChange={(event) => {
                if (event.target.value.trim() !== '')
                  onEdit({ kind: 'rename', name: event.target.value }, '');
              }}
            />
          </label>
        )}
        <SaveLine
          state={saveState}
          onRetry={() => void (practice && saveNow(practice))}
          onCopy={() => void (practice && saveAsCopy(practice))}
        />
        {savedId && (
          <Versions
            id={savedId}
            onRestore={(restored) => {
              touched.current = true;
              replace(restored, restored.brief);
              asked.current = restored.brief;
              say('An earlier version is back; undo returns to the later one.');
            }}
          />
        )}
      </div>
      <BriefSentence filled={filled} groups={groups} onWish={wish} formName={(id) => formNames[id] ?? id} />
      {failure && (
        <div role="alert" className="must my-3">
          <p>
            <strong>This cannot be composed.</strong>{' '}
            {failure.obstacles.map((one) => obstacleText(one, nameOf)).join(' ')}{' '}
            {conflictText(failure.wishes)} {practice && 'The former draft still stands below.'}
          </p>
          <p className="mt-2 flex flex-wrap gap-2">
            {failure.helps.length > 0 ? (
              <span>What would help:</span>
            ) : (
              <span>No single change would help; allow more forms.</span>
            )}
            {failure.helps.map((help) => (
              <button key={help.code} type="button" className="press" onClick={() => takeHelp(help)}>
                {helpText(help, nameOf)}{' '}
                <span className="quiet figures">
                  {plural(help.forms, 'form')}, {clockText(help.givesMs)}
                </span>
              </button>
            ))}
          </p>
        </div>
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
            <span className="flex flex-wrap gap-1.5">
              <button
                type="button"
                className="press"
                disabled={pastStates.length === 0}
                onClick={() => step('undo')}
              >
                <Undo2 size={15} aria-hidden /> Undo
              </button>
              <button
                type="button"
                className="press"
                disabled={futureStates.length === 0}
                onClick={() => step('redo')}
              >
                <Redo2 size={15} aria-hidden /> Redo
              </button>
              <button
                type="button"
                className="press"
                disabled={busy}
                onClick={() => void redraft(wishes, (practice.seed + 1) % 4294967296)}
              >
                Another draft
              </button>
              <button type="button" className="press" onClick={() => void openAt('sheet')}>
                Cue sheet
              </button>
              <button type="button" className="press press-main" onClick={() => void openAt('lead')}>
                Lead it
              </button>
            </span>
          </div>
          <div className="mt-3">
            <Score
              practice={practice}
              timeline={timeline}
              selectedId={selected?.id}
              ink={PHASE_VAR[themePhase(practice.brief.theme)]}
              onSelect={setSelectedId}
            />
          </div>
          <div className="mt-5 grid gap-x-9 gap-y-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
            <div>
              <RunningOrder
                practice={practice}
                timeline={timeline}
                conditions={conditions}
                selectedId={selected?.id}
                onSelect={setSelectedId}
                onEdit={onEdit}
              />
              <p className="mt-3 flex flex-wrap gap-2">
                <button type="button" className="press" onClick={() => setPicking({ kind: 'add' })}>
                  Add a form
                </button>
                {practice.items.length === 0 && (
                  <span className="quiet">Nothing is left; add a form, undo, or take another draft.</span>
                )}
              </p>
            </div>
            <aside aria-label="In the margin" className="small lg:border-l lg:border-hairline lg:pl-6">
              {selected && (
                <ItemMargin
                  practice={practice}
                  item={selected}
                  events={timeline.events.filter((event) => event.itemId === selected.id)}
                  conditions={conditions}
                  onEdit={onEdit}
                  onSwap={() => setPicking({ kind: 'swap', itemId: selected.id })}
                  onLeaveOut={() => {
                    touched.current = true;
                    wish({ without: [...filled.brief.without, selected.formId] });
                  }}
                />
              )}
            </aside>
          </div>
          {picking && (
            <FormPicker
              title={
                picking?.kind === 'swap' && selected
                  ? `In place of ${formOf(practice, selected).name}`
                  : 'Add a form'
              }
              open
              practice={practice}
              roles={sought}
              customs={customs}
              own={own}
              conditions={conditions}
              onOpenChange={(open) => !open && setPicking(undefined)}
              onPick={pick}
            />
          )}
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
