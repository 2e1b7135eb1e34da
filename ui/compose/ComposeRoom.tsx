'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { fillBrief, type BriefWishes } from '@/core/brief';
import { conditionLabel } from '@/core/seek/conditionWords';
import { BriefSentence } from './BriefSentence';
import { askedFor, peopleOf, type Ground } from './ground';
import { Heading } from './Heading';
import type { Over } from './Overlays';
import { useComposing } from './useComposing';
import type { Stored } from './useSaving';
import { useUnnamed } from './useUnnamed';
import { Written, type Room } from './Written';

// Seldom there, so they come when they are wanted and do not weigh on the first load.
const ChangedForms = dynamic(async () => (await import('./seldom')).ChangedForms, { ssr: false });
const Failure = dynamic(async () => (await import('./seldom')).Failure, { ssr: false });
const Stopped = dynamic(async () => (await import('./seldom')).Stopped, { ssr: false });
const LeftLine = dynamic(async () => (await import('./seldom')).LeftLine, { ssr: false });

/** The ground as long as nothing of it is another. */
function useGround({
  reading,
  firstSeed,
  today,
  customs,
  groups,
  own,
  layers,
  history,
  changedForms,
  formNames,
}: Ground): Ground {
  return useMemo(
    () => ({ reading, firstSeed, today, customs, groups, own, layers, history, changedForms, formNames }),
    [reading, firstSeed, today, customs, groups, own, layers, history, changedForms, formNames],
  );
}

interface Props extends Ground {
  readonly stored: Stored | undefined;
  readonly wishes: BriefWishes;
}

/** The heart of the application: the brief, its draft, the score, the running order and the margin. */
export function ComposeRoom({ stored, wishes: firstWishes, ...given }: Props) {
  const ground = useGround(given);
  const { reading, customs, groups, formNames, changedForms } = ground;
  const at = useComposing(stored, firstWishes, ground);
  const { state, happens, keeping, wish, edit } = at;
  const { practice: named, wishes } = state.steps.present;
  const practice = useUnnamed(named);
  const [over, setOver] = useState<Over | undefined>(undefined);
  const router = useRouter();

  const filled = useMemo(
    () => fillBrief(wishes, reading, customs, groups),
    [wishes, reading, customs, groups],
  );
  const people = useMemo(() => peopleOf(ground, filled.brief.groupId), [ground, filled.brief.groupId]);
  const minding = useMemo(() => people.conditions.map(conditionLabel), [people]);
  const asked = useMemo(
    () => practice && askedFor(ground, filled.brief, practice.seed, practice),
    [filled.brief, ground, practice],
  );
  const nameOf = (id: string): string => formNames[id] ?? practice?.forms[id]?.name ?? id;

  const openAt = async (room: Room): Promise<void> => {
    if (!named) return;
    happens({ kind: 'wanted' });
    const id = await keeping.saved(named);
    if (id !== undefined) router.push(`/${room}/${id}`);
  };

  return (
    <div>
      <Heading
        practice={named}
        savedId={keeping.savedId}
        line={keeping.line}
        onRename={(name) => edit({ kind: 'rename', name }, '')}
        onRetry={keeping.saveNow}
        onCopy={keeping.keepAsCopy}
        onMineOnTop={keeping.putMineOnTop}
        onTakeTheirs={(theirs) => {
          keeping.takeTheirs(theirs);
          happens({ kind: 'theirs-shown', practice: theirs });
        }}
        onRestore={(restored) => happens({ kind: 'restored', practice: restored })}
      />
      {at.left.left.length > 0 && <LeftLine left={at.left.left} onOpen={at.openLeft} onDrop={at.left.drop} />}
      <BriefSentence
        filled={filled}
        groups={groups}
        customs={customs}
        layers={ground.layers}
        onWish={wish}
        minding={minding}
        formNames={formNames}
        hasLast={(peopleOf(ground, filled.brief.groupId).recent ?? []).length > 0}
      />
      {state.failure && (
        <Failure
          failure={state.failure}
          brief={filled.brief}
          draftStands={practice !== undefined}
          nameOf={nameOf}
          onWish={wish}
          onUnlock={at.unlockAll}
        />
      )}
      {state.hasStopped && <Stopped onAgain={() => wish({})} />}
      {practice && changedForms.length > 0 && (
        <ChangedForms practice={practice} changed={changedForms} onEdit={edit} />
      )}
      {practice && asked ? (
        <Written
          at={at}
          ground={ground}
          practice={practice}
          brief={filled.brief}
          people={people}
          asked={asked}
          first={stored?.practice.items[0]?.id}
          over={over}
          onOver={setOver}
          onOpenAt={(room) => void openAt(room)}
        />
      ) : (
        <p className="quiet my-10">
          {state.drafting ? 'Drafting …' : 'There is no draft yet; change a word of the brief.'}
        </p>
      )}
    </div>
  );
}
