'use client';

import dynamic from 'next/dynamic';
import { useCallback, useMemo } from 'react';
import { themePhase, type Brief } from '@/core/brief';
import type { People } from '@/core/compose';
import { toleranceMs } from '@/core/compose/tolerance';
import { compile, type Item, type Practice } from '@/core/practice';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { useSay } from '@/ui/kit/Said';
import { useStable } from '@/ui/kit/useStable';
import { afterPaint, usePainted } from '@/ui/kit/usePainted';
import { MinutesBar } from '@/ui/score/MinutesBar';
import { Score } from '@/ui/score/Score';
import { useBeside } from '@/ui/score/useLanes';
import { fitText } from '@/ui/words/fit';
import type { Asked } from '@/workers/compose.worker';
import type { Ground } from './ground';
import { Margin } from './Margin';
import type { Over } from './Overlays';
import { ProofLine } from './ProofLine';
import { RunningOrder } from './RunningOrder';
import { Toolbar } from './Toolbar';
import type { AtComposing } from './useComposing';
import { useNoteActions } from './useNoteActions';
import { useSelection } from './useSelection';

// These lie under or over everything else, so they come after.
const Overlays = dynamic(async () => (await import('./Overlays')).Overlays, { ssr: false });
const UnderOrder = dynamic(async () => (await import('./UnderOrder')).UnderOrder, { ssr: false });

export type Room = 'lead' | 'sheet' | 'aloud' | 'handout/practice';

interface Props {
  readonly at: AtComposing;
  readonly ground: Ground;
  readonly practice: Practice;
  readonly brief: Brief;
  readonly people: People;
  readonly asked: Asked;
  /** The item that is chosen when the room opens. */
  readonly first: string | undefined;
  readonly over: Over | undefined;
  readonly onOver: (over: Over | undefined) => void;
  readonly onOpenAt: (room: Room) => void;
}

/** The practice as it is written: its minutes, the score, the running order, the margin, and what lies over them. */
export function Written({
  at,
  ground,
  practice,
  brief,
  people,
  asked,
  first,
  over,
  onOver,
  onOpenAt,
}: Props) {
  const { state, happens, composer, edit, take, wish } = at;
  const { customs, own, today } = ground;
  const say = useSay();
  const timeline = useMemo(() => compile(practice), [practice]);
  // The score is the larger by far: it is drawn when the running order has answered the press. So is the margin, unless
  // the form it speaks of is the one that changed.
  const now = useMemo(() => ({ practice, timeline }), [practice, timeline]);
  const drawn = usePainted(now);
  const beside = useBeside(practice, customs, people, today);
  const selection = useSelection(practice, first, edit, say);
  const wishedMs = brief.minutes * 60_000;

  const fit = useCallback(async (): Promise<void> => {
    const { makeItFit } = await import('@/core/compose/fit');
    const result = makeItFit(practice);
    if (!result.ok) return say('Nothing short of a new draft brings this back to its minutes.');
    take(
      result.practice,
      fitText(result.changes, (id) => practice.forms[id]?.name ?? id, practice),
    );
  }, [practice, say, take]);
  const hinges = async (): Promise<void> => {
    const { hingeFor } = await import('./hinge');
    const hinge = hingeFor(practice, customs, own, people);
    if (hinge) edit({ kind: 'hinges', hinge }, 'Hinges put where blocks meet');
    else say('There is no hinge form that this group can do.');
  };
  const onFit = useCallback((): void => void fit(), [fit]);
  const noteActions = useNoteActions(practice, edit, onFit);
  const selected = practice.items.find((item) => item.id === selection.current);
  const isSame = selected !== undefined && drawn.practice.items.includes(selected);
  const beheld = isSame ? drawn : now;
  const askAbout = useStable(async (of: Practice) => composer.account(asked, of));
  const account = useCallback(async () => askAbout(beheld.practice), [askAbout, beheld]);
  const onAloud = useStable(() => onOpenAt('aloud'));
  const onSwap = useStable(({ id }: Item) => onOver({ kind: 'instead', itemId: id }));
  const onLeaveOut = useStable(({ formId }: Item) => {
    happens({ kind: 'wanted' });
    wish({ without: [...brief.without, formId] });
  });
  return (
    <>
      <div className="contents sm:sticky sm:top-0 sm:z-20 sm:-mx-1 sm:flex sm:flex-wrap sm:items-center sm:gap-x-4 sm:gap-y-1 sm:border-b sm:border-hairline sm:bg-paper sm:px-1 sm:py-2">
        <div className="min-w-0 flex-1 basis-80 max-sm:sticky max-sm:top-0 max-sm:z-20 max-sm:bg-paper max-sm:py-1.5">
          <MinutesBar timeline={timeline} wishedMs={wishedMs} />
        </div>
        <Toolbar
          canUndo={at.canUndo}
          canRedo={state.steps.future.length > 0}
          busy={state.drafting !== undefined}
          offTime={Math.abs(timeline.totalMs - wishedMs) > toleranceMs(brief.minutes)}
          many={selection.ids.size}
          onStep={at.step}
          onAnother={() => happens({ kind: 'another-wished' })}
          onFit={onFit}
          onDrafts={() => onOver({ kind: 'drafts' })}
          onWhyNot={() => onOver({ kind: 'why-not' })}
          onPasteOrder={() => onOver({ kind: 'paste' })}
          onHinges={() => void hinges()}
          onRepeat={selection.repeat}
          onTurned={selection.turned}
          onBookend={selection.bookend}
          onSheet={() => onOpenAt('sheet')}
          onHandOut={() => onOpenAt('handout/practice')}
          onLead={() => onOpenAt('lead')}
        />
      </div>
      <ProofLine
        proof={state.proof?.proof}
        busy={state.drafting !== undefined}
        edited={state.proof?.of !== practice}
      />
      <div className="mt-2">
        <Score
          practice={drawn.practice}
          timeline={drawn.timeline}
          lanes={beside.lanes}
          selectedId={selected?.id}
          chosen={selection.ids}
          ink={PHASE_VAR[themePhase(practice.brief.theme)]}
          wordsPerMin={customs.wordsPerMin}
          onSelect={selection.select}
          onEdit={edit}
        />
      </div>
      <div className="mt-5 grid gap-x-9 gap-y-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <div>
          <RunningOrder
            practice={practice}
            timeline={timeline}
            selection={selection}
            notes={beside.notes}
            noteActions={noteActions}
            onEdit={edit}
          />
          <UnderOrder
            practice={practice}
            drafted={state.proof?.of}
            isDraft={at.keeping.line.code === 'draft'}
            onAdd={() => onOver({ kind: 'add' })}
          />
        </div>
        <Margin
          practice={beheld.practice}
          timeline={beheld.timeline}
          selected={selected}
          beside={beside}
          noteActions={noteActions}
          layers={ground.layers}
          conditions={people.conditions}
          account={account}
          onSelect={selection.select}
          onEdit={edit}
          onAloud={onAloud}
          onSwap={onSwap}
          onLeaveOut={onLeaveOut}
        />
      </div>
      <Overlays
        over={over}
        onOver={onOver}
        practice={practice}
        asked={asked}
        composer={composer}
        selected={selected}
        customs={customs}
        own={own}
        people={people}
        onEdit={edit}
        onAdded={(formId) => {
          const added = at.now().steps.present.practice?.items.find((item) => item.formId === formId);
          if (added) selection.select(added.id);
        }}
        onTake={(taken, text) => {
          // The sheet goes at once; a whole other practice takes its moment to be drawn.
          onOver(undefined);
          afterPaint(() => take(taken, text));
        }}
      />
    </>
  );
}
