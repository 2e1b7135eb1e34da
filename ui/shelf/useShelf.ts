import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { z } from 'zod';
import { useSay } from '@/ui/kit/Said';

const answerSchema = z.looseObject({
  id: z.string().optional(),
  name: z.string().optional(),
  problem: z.looseObject({ message: z.string() }).optional(),
});

/** No honest practice file is larger, bytes. */
const LARGEST_BYTES = 2_000_000;

/** What can be done with what stands on the shelf; what went wrong is told. */
export function useShelf() {
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const router = useRouter();
  const say = useSay();
  const post = async (
    path: string,
    said: string,
    body?: string,
  ): Promise<z.infer<typeof answerSchema> | undefined> => {
    setProblem(undefined);
    try {
      const response = await fetch(path, {
        method: 'POST',
        ...(body === undefined ? {} : { body, headers: { 'content-type': 'application/json' } }),
      });
      const answer = answerSchema.parse(await response.json());
      if (!response.ok) {
        setProblem(answer.problem?.message ?? 'The server did not answer as expected; nothing was changed.');
        return undefined;
      }
      say(said);
      router.refresh();
      return answer;
    } catch {
      setProblem('The server cannot be reached; nothing was changed.');
      return undefined;
    }
  };

  const bringIn = async (chosen: File): Promise<void> => {
    if (chosen.size > LARGEST_BYTES) {
      setProblem(
        `“${chosen.name}” is ${(chosen.size / 1_000_000).toFixed(1)} MB; a practice is never larger than 2 MB. Nothing was changed.`,
      );
      return;
    }
    const answer = await post('/api/practices/import', 'The practice is on the shelf.', await chosen.text());
    if (answer?.id) router.push(`/compose/${answer.id}`);
  };

  return { problem, post, bringIn };
}
