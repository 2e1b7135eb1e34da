'use client';

import Link from 'next/link';
import { useState } from 'react';
import { isOneToOne, oneToOneId, oneToOneName } from '@/core/people/oneToOne';
import type { Person } from '@/core/people/person';
import { readAnswer } from '@/ui/kit/answer';
import { newId } from '@/ui/kit/newId';

interface Props {
  readonly person: Person;
  readonly hrefs: Readonly<Record<string, string>>;
  /** Their own group of one has been made. */
  readonly onMade: (groupId: string) => void;
}

/** Lessons for one person alone: a group of one, with its own hours, practices and log. */
export function OneToOne({ person, hrefs, onMade }: Props) {
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const own = person.comesTo.find(({ groupId }) => isOneToOne(groupId));
  const href = own && hrefs[own.groupId];
  if (href)
    return (
      <p>
        <Link className="press" href={href}>
          Compose for them alone
        </Link>{' '}
        <Link className="press-plain" href="/customs#groups">
          When you meet
        </Link>
      </p>
    );
  const make = async (): Promise<void> => {
    setProblem(undefined);
    const id = oneToOneId(newId().slice(0, 8));
    const group = {
      id,
      name: oneToOneName(id),
      minutes: 30,
      posture: 'standing',
      familiarity: 'taught',
      times: [],
      conditions: [],
    };
    const made = await readAnswer(() =>
      fetch(`/api/groups/${id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ group, baseVersion: 0 }),
      }),
    );
    if (!made.ok) return setProblem(made.message);
    onMade(id);
  };
  return (
    <div>
      <button type="button" className="press" disabled={own !== undefined} onClick={() => void make()}>
        Teach them one to one
      </button>
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
    </div>
  );
}
