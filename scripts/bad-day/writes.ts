import { randomUUID } from 'node:crypto';
import { REPERTOIRE } from '../../core/forms';
import { newPerson } from '../../core/people/newPerson';
import type { Practice } from '../../core/practice';
import { readStoredCustoms } from '../../server/customs';
import { readWords } from '../../server/forms';
import { listGroups } from '../../server/groups';
import { readPractice } from '../../server/practices';
import { sql, type OwnDatabase } from '../../server/sql';
import { listTerms } from '../../server/terms';

/** A request that writes; `slot` where each write of its kind takes the place of the one before. */
export interface Write {
  readonly kind: string;
  readonly isSlot: boolean;
  make(marker: string): { readonly method: string; readonly path: string; readonly body: object };
  /** What the answer says of the version, for the next write. */
  heard?(answer: { readonly version?: number; readonly problem?: { readonly version?: number } }): void;
}

/** What the sample holds, to write over. */
export async function writesOf(database: OwnDatabase): Promise<readonly Write[]> {
  const stored = await readPractice(database, 'before-the-rounds');
  const [group] = await listGroups(database);
  const [person] = await database.rows(sql`select id from private.person order by id limit 1`);
  const [given] = await database.rows(
    sql`select id, practice_id, version from class_given order by id limit 1`,
  );
  const customs = await readStoredCustoms(database);
  const [term] = (await listTerms(database)).terms;
  const form = REPERTOIRE.find(({ id }) => id === 'cloud-hands');
  if (!stored || !group || !person || !given || !term || !form) throw new Error('the sample is not there');
  const practice: Practice = stored.practice;
  const { version: _version, ...plainGroup } = group;
  const words = await readWords(database, 'cloud-hands');
  const versions = {
    practice: stored.version,
    customs: customs.version,
    term: term.version,
    words: words.version,
  };
  const follows =
    (slot: keyof typeof versions): NonNullable<Write['heard']> =>
    (answer) => {
      versions[slot] = answer.version ?? answer.problem?.version ?? versions[slot];
    };
  const at = Date.UTC(2026, 10, 30, 9);
  const record = {
    startedAtMs: at,
    endedAtMs: at + 1000,
    plannedMs: 900,
    actualMs: 1000,
    finished: true,
    items: [],
  };
  return [
    {
      kind: 'practice',
      // Every version of it is kept.
      isSlot: false,
      make: (name) => ({
        method: 'PUT',
        path: '/api/practices/before-the-rounds',
        body: { practice: { ...practice, name }, baseVersion: versions.practice, saveId: randomUUID() },
      }),
      heard: follows('practice'),
    },
    {
      kind: 'new practice',
      isSlot: false,
      make: (name) => ({
        method: 'POST',
        path: '/api/practices',
        body: { practice: { ...practice, name }, saveId: randomUUID() },
      }),
    },
    {
      kind: 'customs',
      isSlot: true,
      make: (name) => ({
        method: 'PUT',
        path: '/api/customs',
        body: {
          customs: { ...customs.customs, place: { ...customs.customs.place, name } },
          baseVersion: versions.customs,
        },
      }),
      heard: follows('customs'),
    },
    {
      kind: 'group',
      isSlot: false,
      make: (name) => ({
        method: 'PUT',
        path: `/api/groups/${name}`,
        body: { group: { ...plainGroup, id: name, name }, baseVersion: 0 },
      }),
    },
    {
      kind: 'person',
      isSlot: false,
      make: (name) => {
        const id = randomUUID();
        return {
          method: 'PUT',
          path: `/api/people/${id}`,
          body: { person: newPerson(id, name), baseVersion: 0 },
        };
      },
    },
    {
      kind: 'how somebody was',
      isSlot: false,
      make: (line) => ({
        method: 'POST',
        path: `/api/people/${String(person.id)}/felt`,
        body: { id: randomUUID(), atMs: at, felt: { when: 'before', line } },
      }),
    },
    {
      kind: 'class',
      isSlot: false,
      make: (itemId) => ({
        method: 'POST',
        path: '/api/classes',
        body: {
          id: randomUUID(),
          practiceId: given.practice_id,
          version: given.version,
          groupId: null,
          record: {
            ...record,
            items: [
              {
                itemId,
                formId: 'cloud-hands',
                name: itemId,
                role: 'main',
                plannedRepetitions: 1,
                repetitions: 1,
                plannedMs: 1,
                actualMs: 1,
              },
            ],
          },
        },
      }),
    },
    {
      kind: 'note of a class',
      isSlot: true,
      make: (note) => ({
        method: 'PUT',
        path: `/api/classes/${String(given.id)}`,
        body: { note, ledBy: '' },
      }),
    },
    {
      kind: 'own words',
      isSlot: true,
      make: (note) => ({
        method: 'PUT',
        path: '/api/forms/cloud-hands/words',
        body: { words: { formId: 'cloud-hands', cues: {}, note }, baseVersion: versions.words },
      }),
      heard: follows('words'),
    },
    {
      kind: 'own form',
      isSlot: false,
      make: (name) => ({
        method: 'POST',
        path: '/api/forms',
        body: { form: { ...form, id: `own-${name}`, name } },
      }),
    },
    {
      kind: 'term',
      isSlot: true,
      make: (name) => ({
        method: 'PUT',
        path: `/api/terms/${term.term.id}`,
        body: { term: { ...term.term, name }, baseVersion: versions.term },
      }),
      heard: follows('term'),
    },
  ];
}
