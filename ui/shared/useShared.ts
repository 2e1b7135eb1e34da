'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { readAnswer, type Answer } from '@/ui/kit/answer';
import { useSay } from '@/ui/kit/Said';

export type SharedKind = 'practice' | 'term';

type Asked =
  { readonly do: 'share' | 'stop' } | { readonly do: 'copy'; readonly groupId?: string | undefined };

/** Asks to share something, to stop, or for a copy; says what came of it, and what went wrong. */
export function useShared(kind: SharedKind) {
  const router = useRouter();
  const say = useSay();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const ask = async (id: string, asked: Asked, said: string): Promise<Answer<{ readonly id?: string }>> => {
    const answer = await readAnswer<{ readonly id?: string }>(() =>
      fetch(`/api/shared/${kind}/${encodeURIComponent(id)}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(asked),
      }),
    );
    setProblem(answer.ok ? undefined : answer.message);
    if (answer.ok) {
      say(said);
      router.refresh();
    }
    return answer;
  };
  return { problem, ask };
}
