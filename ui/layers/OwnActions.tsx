'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { readAnswer } from '@/ui/kit/answer';
import { useSay } from '@/ui/kit/Said';

export interface Binned {
  readonly id: string;
  readonly name: string;
}

/** Putting own breaths or sounds into the bin, and bringing them back. */
export function useLayerBin(kind: 'breath' | 'sound') {
  const router = useRouter();
  const say = useSay();
  const move = async (id: string, name: string, method: 'POST' | 'DELETE'): Promise<void> => {
    const answer = await readAnswer(() => fetch(`/api/layers/${kind}/${id}/bin`, { method }));
    say(
      answer.ok
        ? method === 'POST'
          ? `${name}: in the bin; practices keep what they carry`
          : `${name}: brought back`
        : answer.message,
    );
    router.refresh();
  };
  return {
    throwOut: (id: string, name: string) => void move(id, name, 'POST'),
    bringBack: (id: string, name: string) => move(id, name, 'DELETE'),
  };
}

/** What can be done with one breath or sound of the room: hold it beside another, make it one's own, change it. */
export function LayerActions({
  room,
  id,
  name,
  isOwn,
  isHeld,
  onHold,
  onThrowOut,
}: {
  readonly room: string;
  readonly id: string;
  readonly name: string;
  readonly isOwn: boolean;
  readonly isHeld: boolean;
  readonly onHold: () => void;
  readonly onThrowOut: () => void;
}) {
  return (
    <p className="no-print small mt-1 flex flex-wrap gap-x-4">
      <button
        type="button"
        className="press-plain"
        aria-pressed={isHeld}
        aria-label={`Hold ${name} beside another`}
        onClick={onHold}
      >
        hold beside
      </button>
      {isOwn && (
        <>
          <Link className="press-plain" href={`${room}/own/${id}`} aria-label={`Change ${name}`}>
            change
          </Link>
          <button
            type="button"
            className="press-plain"
            aria-label={`Put ${name} into the bin`}
            onClick={onThrowOut}
          >
            into the bin
          </button>
        </>
      )}
      <Link
        className="press-plain"
        href={`${room}/own/new?from=${id}`}
        aria-label={`Write one’s own from ${name}`}
      >
        my own of it
      </Link>
    </p>
  );
}
