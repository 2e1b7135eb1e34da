'use client';

import { useState } from 'react';
import type { Practice } from '@/core/practice';
import { Compare } from './Compare';
import { readVersion } from './readVersion';

interface Props {
  readonly id: string;
  readonly version: number;
  readonly mine: Practice;
  readonly onCopy: (practice: Practice) => void;
  readonly onMineOnTop: () => void;
  readonly onTakeTheirs: (theirs: Practice) => void;
}

/**
 * Another window saved this practice in between: the two can be laid side by side, and each way on keeps both, as
 * versions of one practice or as two practices.
 */
export function Elsewhere({ id, version, mine, onCopy, onMineOnTop, onTakeTheirs }: Props) {
  const [theirs, setTheirs] = useState<Practice | 'unread' | undefined>(undefined);
  const [isOpen, setOpen] = useState(false);
  const read = async (): Promise<Practice | undefined> => {
    const found = await readVersion(id, version);
    setTheirs(found ?? 'unread');
    return found;
  };
  const take = async (): Promise<void> => {
    const found = typeof theirs === 'object' ? theirs : await read();
    if (found) onTakeTheirs(found);
  };
  const ways = (
    <>
      <button type="button" className="press" onClick={onMineOnTop}>
        Put mine on top
      </button>{' '}
      <button type="button" className="press" onClick={() => void take()}>
        Take theirs
      </button>{' '}
      <button type="button" className="press" onClick={() => onCopy(mine)}>
        Keep mine as a copy
      </button>
    </>
  );
  return (
    <span className="must block text-ink">
      Changed in another window (version {version}); nothing was overwritten, and what is here is kept too.{' '}
      {theirs === 'unread' && 'That version could not be read just now; try again. '}
      <button
        type="button"
        className="press"
        onClick={() => {
          setOpen(true);
          void read();
        }}
      >
        Compare
      </button>{' '}
      {ways}
      {isOpen && theirs !== 'unread' && (
        <Compare
          mine={mine}
          theirs={theirs}
          called={{ mine: 'Here', theirs: `Version ${version}, of the other window` }}
          onClose={() => setOpen(false)}
        >
          {ways}
        </Compare>
      )}
    </span>
  );
}
