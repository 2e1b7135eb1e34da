'use client';

import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { useReady } from '@/ui/kit/useReady';
import { useShared } from './useShared';

export interface OthersTerm {
  readonly id: string;
  readonly name: string;
  readonly when: string;
  readonly aim: string;
  readonly teacher: string;
}

interface Props {
  readonly terms: readonly OthersTerm[];
  readonly groups: readonly { readonly id: string; readonly name: string }[];
}

/** Terms the others share, each to be taken over for a group of one’s own. */
export function OthersTerms({ terms, groups }: Props) {
  const ready = useReady();
  const router = useRouter();
  const id = useId();
  const { problem, ask } = useShared('term');
  const [groupId, setGroupId] = useState(groups[0]?.id ?? '');
  if (terms.length === 0) return null;
  const take = async (term: OthersTerm): Promise<void> => {
    const answer = await ask(term.id, { do: 'copy', groupId }, `“${term.name}” is yours now.`);
    if (answer.ok && answer.value.id !== undefined) router.push(`/term/${answer.value.id}`);
  };
  return (
    <section aria-labelledby="of-others" className="mt-10">
      <h2 id="of-others">Shared by others who teach here</h2>
      {groups.length === 0 ? (
        <p className="quiet mt-1">Name a group of your own first; then a term can be taken over for it.</p>
      ) : (
        <div className="mt-2 max-w-xs">
          <label htmlFor={id}>Taken over for</label>
          <select
            id={id}
            className="field"
            value={groupId}
            onChange={(event) => setGroupId(event.target.value)}
          >
            {groups.map((group) => (
              <option key={group.id} value={group.id}>
                {group.name}
              </option>
            ))}
          </select>
        </div>
      )}
      {problem !== undefined && (
        <p role="alert" className="must my-2">
          {problem}
        </p>
      )}
      <ul className="mt-3 border-t border-ink">
        {terms.map((term) => (
          <li key={term.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-hairline py-2">
            <span className="font-serif text-[1.2rem]">{term.name}</span>
            <span className="quiet figures">{term.when}</span>
            <span className="quiet grow">
              {term.aim}, by {term.teacher}
            </span>
            <button
              type="button"
              className="press"
              disabled={!ready || groupId === ''}
              onClick={() => void take(term)}
            >
              Take it over<span className="sr-only">, {term.name}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
