import type { Person } from '@/core/people/person';
import { readAnswer, type Answer } from '@/ui/kit/answer';

/** Keeps a person on top of the version they were read at. */
export const sendPerson = (
  person: Person,
  baseVersion: number,
  /** Sent as the page is left: it goes on though the page is gone (a browser lets 64 kB go on so). */
  isLeaving = false,
): Promise<Answer<{ version: number }>> =>
  readAnswer(() =>
    fetch(`/api/people/${person.id}`, {
      method: 'PUT',
      keepalive: isLeaving,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ person, baseVersion }),
    }),
  );
