'use client';

import { useState } from 'react';
import { MOST_TOLD, STORY_PARTS, type Edit, type Story, type StoryPart } from '@/core/practice';
import { KeptText } from '@/ui/kit/KeptText';

const PART_NAMES: Readonly<Record<StoryPart, string>> = {
  intention: 'what it is for',
  opening: 'said at the beginning',
  image: 'the image, as it is first met',
  midway: 'touched in the middle',
  virtue: 'the feeling of the phase',
  closing: 'said at the end',
};

interface Props {
  readonly story: Story;
  readonly onEdit: (edit: Edit, said: string) => void;
  readonly onAloud: () => void;
}

/** What the practice says of itself: to be read at once, and rewritten part by part. */
export function StoryPanel({ story, onEdit, onAloud }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <section aria-labelledby="story" className="mt-4 border-b border-hairline pb-3">
      <div className="flex items-baseline justify-between gap-3">
        <h2 id="story">Story</h2>
        <button type="button" className="press-plain" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Done' : 'Rewrite'}
        </button>
      </div>
      {open ? (
        <div className="mt-1 space-y-2">
          {STORY_PARTS.map((part) => (
            <KeptText
              key={part}
              label={`${PART_NAMES[part]}${story.own?.includes(part) ? ' · your words' : ''}`}
              value={story[part]}
              most={MOST_TOLD}
              mayBeEmpty
              onKeep={(text) => onEdit({ kind: 'story', story, part, text }, 'Story changed')}
            />
          ))}
          <p className="quiet">What you have written stays when the rest is drafted anew.</p>
        </div>
      ) : (
        <div className="space-y-1.5 font-serif text-[1.08rem] leading-snug italic">
          {[story.opening, story.image, story.midway, story.closing]
            .filter((text) => text !== '')
            .map((text, index) => (
              // The parts stand in one order and may be alike.
              <p key={index}>{text}</p>
            ))}
        </div>
      )}
      <p className="mt-1.5">
        <button type="button" className="press-plain" onClick={onAloud}>
          Read it aloud
        </button>
      </p>
    </section>
  );
}
