import { customsOfTerm } from '@/core/term/document';
import { readCustoms } from './customs';
import { readRepertoire } from './forms';
import { listGroups } from './groups';
import type { Planning } from './planned';
import type { OwnQueries } from './sql';
import { ledFor, readTerm } from './terms';

/** Reads everything a term is planned from; nothing where the term or its group is not there. */
export async function readPlanning(
  queries: OwnQueries,
  termId: string,
  nowMs: number,
): Promise<{ readonly planning: Planning; readonly version: number } | undefined> {
  const stored = await readTerm(queries, termId);
  if (!stored) return undefined;
  const { term, version } = stored;
  const group = (await listGroups(queries)).find(({ id }) => id === term.groupId);
  if (!group) return undefined;
  return {
    version,
    planning: {
      term,
      group,
      ledMs: await ledFor(queries, term.groupId),
      repertoire: await readRepertoire(queries),
      customs: customsOfTerm(await readCustoms(queries), term),
      nowMs,
    },
  };
}
