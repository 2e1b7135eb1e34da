import { existsSync, readdirSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { isOneToOne } from '@/core/people/oneToOne';
import { writeWhole } from './copies';
import { ArchiveRefused, entriesOf, jsonOf, type Entry } from './read';
import { asBytes, manifestSchema, MANIFEST, Packer } from './write';

const personRow = z.looseObject({
  id: z.string(),
  document: z.looseObject({ comesTo: z.array(z.looseObject({ groupId: z.string() })).default([]) }),
});
const ofPerson = z.looseObject({ person_id: z.string() });
const presentRow = z.looseObject({ register_id: z.string(), person_id: z.string() });
const registerRow = z.looseObject({ id: z.string(), others: z.number() });
const groupRow = z.looseObject({ id: z.string() });

/** What of a copy belongs to a person: the groups that were made for them, and the registers they stand in. */
interface Traces {
  readonly isThere: boolean;
  readonly groups: ReadonlySet<string>;
  readonly registers: ReadonlySet<string>;
  readonly writtenMs: number;
}

async function tracesOf(file: string, personId: string): Promise<Traces> {
  const [groups, registers] = [new Set<string>(), new Set<string>()];
  let [isThere, writtenMs] = [false, 0];
  for await (const { name, bytes } of entriesOf(file)) {
    if (name === MANIFEST) writtenMs = Date.parse(manifestSchema.parse(jsonOf(name, bytes)).writtenAt);
    if (name.startsWith('people/')) {
      const row = personRow.parse(jsonOf(name, bytes));
      if (row.id !== personId) continue;
      isThere = true;
      row.document.comesTo
        .filter(({ groupId }) => isOneToOne(groupId))
        .forEach(({ groupId }) => groups.add(groupId));
    } else if (name.startsWith('came/')) {
      const row = presentRow.parse(jsonOf(name, bytes));
      if (row.person_id === personId) registers.add(row.register_id);
    }
  }
  if (writtenMs === 0) throw new ArchiveRefused(MANIFEST, 'it is missing');
  return { isThere, groups, registers, writtenMs };
}

/** An entry without a person: gone where it was theirs, only counted where it says that they came. */
function without(
  { name, bytes }: Entry,
  personId: string,
  { groups, registers }: Traces,
): Uint8Array | undefined {
  const [folder = ''] = name.split('/');
  switch (folder) {
    case 'people':
      return personRow.parse(jsonOf(name, bytes)).id === personId ? undefined : bytes;
    case 'felt':
    case 'homework':
    case 'came':
      return ofPerson.parse(jsonOf(name, bytes)).person_id === personId ? undefined : bytes;
    case 'registers': {
      const row = registerRow.parse(jsonOf(name, bytes));
      return registers.has(row.id) ? asBytes({ ...row, others: Math.min(500, row.others + 1) }) : bytes;
    }
    case 'groups': {
      const row = groupRow.parse(jsonOf(name, bytes));
      return groups.has(row.id)
        ? asBytes({ ...row, name: 'one to one', conditions: [], initials: {} })
        : bytes;
    }
    default:
      return bytes;
  }
}

async function* rewritten(file: string, personId: string, traces: Traces): AsyncGenerator<Uint8Array> {
  const packer = new Packer(traces.writtenMs);
  for await (const entry of entriesOf(file)) {
    if (entry.name === MANIFEST) continue;
    const bytes = without(entry, personId, traces);
    if (bytes) packer.put(entry.name, bytes);
    yield* packer.taken();
  }
  yield* packer.end();
}

/**
 * Takes a person who was deleted out of every copy there is, so that they do not come back with one. A copy that cannot be
 * read any more goes whole: nobody can say what is in it.
 */
export async function forgetInCopies(at: string, personId: string): Promise<void> {
  if (!existsSync(at)) return;
  for (const name of readdirSync(at)) {
    const file = path.join(at, name);
    // Another teacher’s copies, which hold nothing of this one’s.
    if (statSync(file).isDirectory()) continue;
    // What was sent to be looked at, or was being written, is nobody's to keep.
    if (!/^navuren-[\w-]+\.zip$/.test(name)) {
      rmSync(file, { force: true });
      continue;
    }
    try {
      const traces = await tracesOf(file, personId);
      if (traces.isThere) await writeWhole(file, rewritten(file, personId, traces));
    } catch (error) {
      if (!(error instanceof ArchiveRefused || error instanceof z.ZodError)) throw error;
      rmSync(file, { force: true });
    }
  }
}
