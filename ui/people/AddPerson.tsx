'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { newPerson } from '@/core/people/newPerson';
import { newId } from '@/ui/kit/newId';
import { useReady } from '@/ui/kit/useReady';
import { sendPerson } from './sendPerson';

interface Props {
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  /** Whether nobody is here yet. */
  readonly isFirst: boolean;
}

/** Somebody new: a name or initials, and the group they come to; the rest on their own page. */
export function AddPerson({ groups, isFirst }: Props) {
  const [name, setName] = useState('');
  const [groupId, setGroupId] = useState(groups[0]?.id ?? '');
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const ready = useReady();
  const router = useRouter();
  const add = async (): Promise<void> => {
    const id = newId();
    const comesTo = groupId === '' ? [] : [{ groupId, weekdays: [] }];
    const sent = await sendPerson({ ...newPerson(id, name.trim()), comesTo }, 0);
    if (!sent.ok) return setProblem(sent.message);
    router.push(`/people/${id}`);
  };
  return (
    <form
      className="my-4 flex flex-wrap items-end gap-x-4 gap-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        setProblem(undefined);
        void add();
      }}
    >
      <label className="basis-64">
        <span className="quiet small block">
          {isFirst ? 'the first: a name, or initials' : 'a name, or initials'}
        </span>
        <input
          className="field"
          value={name}
          maxLength={80}
          required
          autoComplete="off"
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <label>
        <span className="quiet small block">comes to</span>
        <select
          className="field"
          aria-label="comes to which group"
          value={groupId}
          onChange={(event) => setGroupId(event.target.value)}
        >
          {groups.map((group) => (
            <option key={group.id} value={group.id}>
              {group.name}
            </option>
          ))}
          <option value="">no group</option>
        </select>
      </label>
      <button type="submit" className="press" disabled={!ready}>
        Write somebody down
      </button>
      {problem && (
        <p role="alert" className="must basis-full">
          {problem}
        </p>
      )}
    </form>
  );
}
