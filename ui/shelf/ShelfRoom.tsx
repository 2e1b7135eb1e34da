'use client';

import { useState } from 'react';
import { plainText } from '@/core/forms';
import { briefLine } from '@/ui/words/names';
import { UnreadableRows, type UnreadableShown } from '@/ui/kit/Unreadable';
import { ShelfHead } from './ShelfHead';
import { ShelfRow, type ShelfPractice } from './ShelfRow';
import { useShelf } from './useShelf';

export type { ShelfPractice } from './ShelfRow';

/** Everything kept, to be found again; the bin beside it. */
export function ShelfRoom({
  practices,
  where,
  zone,
  unreadable,
}: {
  practices: readonly ShelfPractice[];
  where: 'shelf' | 'bin';
  zone: string;
  unreadable: readonly UnreadableShown[];
}) {
  const [sought, setSought] = useState('');
  const { problem, post, bringIn } = useShelf();

  const words = plainText(sought)
    .split(/\s+/)
    .filter((word) => word !== '');
  const found = practices.filter((practice) => {
    const text = plainText(`${practice.name} ${briefLine(practice.brief)} ${practice.groupName ?? ''}`);
    return words.every((word) => text.includes(word));
  });
  return (
    <div>
      <ShelfHead where={where} bringIn={bringIn} />
      {problem && (
        <p role="alert" className="must my-3">
          {problem}
        </p>
      )}
      {practices.length > 0 && (
        <>
          <label className="sr-only" htmlFor="seek-practice">
            Search the practices
          </label>
          <input
            id="seek-practice"
            className="field my-3"
            placeholder="a name, an organ, a group, “seated” …"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
        </>
      )}
      {found.length === 0 && (
        <p className="reading my-6 quiet">
          {practices.length > 0
            ? 'No practice fits these words.'
            : where === 'bin'
              ? 'The bin is empty. What you put here can be taken out again.'
              : 'Practices you compose stand here. Begin with what the almanac suggests today, or with a new brief.'}
        </p>
      )}
      <UnreadableRows rows={unreadable} />
      <ul className="border-t border-ink">
        {found.map((practice) => (
          <ShelfRow key={practice.id} practice={practice} where={where} zone={zone} post={post} />
        ))}
      </ul>
    </div>
  );
}
