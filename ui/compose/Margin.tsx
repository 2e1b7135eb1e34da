'use client';

import dynamic from 'next/dynamic';
import { memo } from 'react';
import type { ItemAccount } from '@/core/compose';
import type { ConditionId } from '@/core/people';
import type { Edit, Item, OwnLayers, Practice, Timeline } from '@/core/practice';
import type { Beside } from '@/ui/score/useLanes';
import type { NoteActions } from './noteActions';
import { ReadOver } from './ReadOver';

// Opened by a press, so they come when they are wanted and do not weigh on the first load.
const ItemMargin = dynamic(async () => (await import('./marginOpen')).ItemMargin, { ssr: false });
const StoryPanel = dynamic(async () => (await import('./marginOpen')).StoryPanel, { ssr: false });

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly selected: Item | undefined;
  readonly beside: Beside;
  readonly noteActions: NoteActions;
  readonly layers: OwnLayers;
  readonly conditions: readonly ConditionId[];
  readonly account: () => Promise<readonly ItemAccount[] | undefined>;
  readonly onSelect: (itemId: string) => void;
  readonly onEdit: (edit: Edit, said: string) => void;
  readonly onAloud: () => void;
  readonly onSwap: (item: Item) => void;
  readonly onLeaveOut: (item: Item) => void;
}

/** Beside score and running order: what there is to say against it, its story, and all of the form that is chosen. */
export const Margin = memo(function Margin({
  practice,
  timeline,
  selected,
  beside,
  noteActions,
  onSelect,
  onAloud,
  onSwap,
  onLeaveOut,
  ...rest
}: Props) {
  return (
    <aside aria-label="In the margin" className="drawn-apart small lg:border-l lg:border-hairline lg:pl-6">
      <ReadOver practice={practice} beside={beside} onSelect={onSelect} {...noteActions} />
      {practice.story && <StoryPanel story={practice.story} onEdit={rest.onEdit} onAloud={onAloud} />}
      {selected && (
        <div className="mt-4">
          <ItemMargin
            practice={practice}
            item={selected}
            events={timeline.events.filter((event) => event.itemId === selected.id)}
            onSwap={() => onSwap(selected)}
            onLeaveOut={() => onLeaveOut(selected)}
            {...rest}
          />
        </div>
      )}
    </aside>
  );
});
