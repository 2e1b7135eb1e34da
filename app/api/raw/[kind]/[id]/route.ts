import { z } from 'zod';
import { answering, NOT_KEPT, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { RAW_KINDS, rawOf, type RawKind } from '@/server/unreadable';
import { isVeiled } from '@/server/veil';

/** What speaks of people, and is not shown while somebody looks on. */
const PRIVATE_KINDS: ReadonlySet<RawKind> = new Set<RawKind>([
  'person',
  'felt',
  'homework',
  'group',
  'words',
  'class',
]);

/** What is stored of something that cannot be read, just as it is: it may be private, and stays on this machine. */
export const GET = (_request: Request, context: { params: Promise<{ kind: string; id: string }> }) =>
  answering(async () => {
    const { kind, id } = await context.params;
    const known = z.enum(RAW_KINDS).safeParse(kind);
    if (known.data && PRIVATE_KINDS.has(known.data) && (await isVeiled()))
      return refuse(403, { message: 'Nothing private is shown now. Lift the veil first.' });
    const raw = known.success ? await rawOf(await mine(), known.data, id) : undefined;
    if (raw === undefined) return refuse(404, { message: 'There is nothing stored under that.' });
    return new Response(`${JSON.stringify(raw, null, 2)}\n`, {
      headers: {
        ...NOT_KEPT,
        'content-type': 'application/json; charset=utf-8',
        'content-disposition': `attachment; filename="${kind}-${id.replace(/[^A-Za-z0-9-]+/g, '-').slice(0, 60)}.raw.json"`,
      },
    });
  });
