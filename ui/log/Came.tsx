'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { countOf, Others, Ticks, type TickedPerson } from '@/ui/people/Ticks';
import { readAnswer } from '@/ui/kit/answer';
import { useReady } from '@/ui/kit/useReady';

interface Props {
  readonly classId: string;
  readonly people: readonly TickedPerson[];
  readonly present: readonly string[];
  readonly others: number;
}

/** Who came to a class that is in the log, to be said or corrected afterwards. */
export function Came({ classId, people, ...before }: Props) {
  const [present, setPresent] = useState<ReadonlySet<string>>(new Set(before.present));
  const [others, setOthers] = useState(String(before.others));
  const [said, setSaid] = useState<string | undefined>(undefined);
  const [isOpen, setIsOpen] = useState(false);
  const ready = useReady();
  const router = useRouter();
  const keep = async (): Promise<void> => {
    const kept = await readAnswer(() =>
      fetch(`/api/classes/${classId}/came`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ present: [...present], others: countOf(others) }),
      }),
    );
    setSaid(kept.ok ? 'Kept.' : kept.message);
    if (kept.ok) router.refresh();
  };
  return (
    <div className="mt-1">
      <button
        type="button"
        className="press-plain small"
        aria-expanded={isOpen}
        onClick={() => setIsOpen((open) => !open)}
      >
        who came
      </button>
      {isOpen && (
        <form
          className="my-2 max-w-2xl space-y-2"
          onSubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          {people.length > 0 && (
            <Ticks legend="Here" people={people} present={present} onPresent={setPresent} />
          )}
          <p>
            <Others others={others} onOthers={setOthers} />
          </p>
          <p className="flex items-baseline gap-3">
            <button type="submit" className="press" disabled={!ready}>
              Keep who came
            </button>
            <span role="status">{said}</span>
          </p>
        </form>
      )}
    </div>
  );
}
