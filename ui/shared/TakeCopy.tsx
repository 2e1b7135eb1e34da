'use client';

import { useRouter } from 'next/navigation';
import { useReady } from '@/ui/kit/useReady';
import { useShared } from './useShared';

/** Takes a copy of what another shares, and goes on to it. */
export function TakeCopy({ id, name }: { readonly id: string; readonly name: string }) {
  const ready = useReady();
  const router = useRouter();
  const { problem, ask } = useShared('practice');
  const take = async (): Promise<void> => {
    const answer = await ask(id, { do: 'copy' }, `A copy of “${name}” is on your shelf.`);
    if (answer.ok && answer.value.id !== undefined) router.push(`/compose/${answer.value.id}`);
  };
  return (
    <>
      <button type="button" className="press press-main" disabled={!ready} onClick={() => void take()}>
        Take a copy
      </button>
      {problem !== undefined && (
        <p role="alert" className="must self-center">
          {problem}
        </p>
      )}
    </>
  );
}
