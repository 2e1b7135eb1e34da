import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useSay } from '@/ui/kit/Said';
import { readAnswer } from '@/ui/kit/answer';

/** Forms brought in from a file, and brought back out of the bin; what went wrong is told. */
export function useFormFiles() {
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const router = useRouter();
  const say = useSay();
  const bring = async (chosen: File): Promise<void> => {
    setProblem(undefined);
    const answer = await readAnswer<{ forms: readonly { id: string; name: string }[] }>(() =>
      chosen.text().then((body) => fetch('/api/forms/import', { method: 'POST', body })),
    );
    if (!answer.ok) {
      setProblem(`${chosen.name}: ${answer.message}`);
      return;
    }
    say(`Brought in: ${answer.value.forms.map((form) => form.name).join(', ')}.`);
    router.refresh();
  };
  const bringBack = async (id: string, called: string): Promise<void> => {
    setProblem(undefined);
    const answer = await readAnswer(() => fetch(`/api/forms/${id}/bin`, { method: 'DELETE' }));
    if (!answer.ok) {
      setProblem(answer.message);
      return;
    }
    say(`${called} is back.`);
    router.refresh();
  };
  return { problem, bring, bringBack };
}
