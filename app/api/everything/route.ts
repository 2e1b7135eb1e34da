import { answering, refuse } from '@/server/answers';
import { copiesOf } from '@/server/archive/copies';
import { planArchive } from '@/server/archive/restore';
import { ArchiveRefused, LARGEST_ARCHIVE_BYTES } from '@/server/archive/read';
import { fileOf, letGoOf, takeIncoming } from '@/server/archive/incoming';
import { writeArchive } from '@/server/archive/write';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { dataFolder } from '@/server/database';
import { dayOf } from '@/core/people/presence';
import type { OwnQueries } from '@/server/sql';
import { inSteps } from '@/server/steps';
import { isVeiled } from '@/server/veil';

const VEILED = 'What is private is veiled now: lift the veil first.';

/** What is written piece by piece, as an answer that is read piece by piece. */
function streamed(
  work: (write: (piece: Uint8Array) => Promise<void>) => Promise<void>,
): ReadableStream<Uint8Array> {
  const { readable, writable } = new TransformStream<Uint8Array, Uint8Array>();
  const writer = writable.getWriter();
  work((piece) => writer.write(piece)).then(
    () => writer.close(),
    // Whoever asked may have gone: then there is nobody left to be told.
    (error: unknown) => writer.abort(error).catch(() => undefined),
  );
  return readable;
}

async function writing(
  queries: OwnQueries,
  nowMs: number,
  write: (piece: Uint8Array) => Promise<void>,
): Promise<void> {
  for await (const piece of writeArchive(queries, nowMs)) await write(piece);
}

/** Everything that whoever asks has, one ZIP file, written as it is read. */
export const GET = () =>
  answering(async () => {
    if (await isVeiled()) return refuse(403, { message: VEILED });
    const open = await mine();
    const nowMs = Date.now();
    const body = streamed((write) => open.reading((queries) => writing(queries, nowMs, write)));
    const day = dayOf(nowMs, (await readCustoms(open)).place.zone);
    return new Response(body, {
      headers: {
        'content-type': 'application/zip',
        'content-disposition': `attachment; filename="navuren-everything-${day}.zip"`,
      },
    });
  });

/** Looks a file over: what bringing it in would do. Nothing is changed. */
export const POST = (request: Request) =>
  answering(async () => {
    if (await isVeiled()) return refuse(403, { message: VEILED });
    const tooLarge = (): Response =>
      refuse(413, {
        message: `The file is larger than ${LARGEST_ARCHIVE_BYTES / 1_000_000} MB; nothing was read.`,
      });
    if (Number(request.headers.get('content-length') ?? 0) > LARGEST_ARCHIVE_BYTES) return tooLarge();
    if (!request.body) return refuse(422, { message: 'No file was sent.' });
    const open = await mine();
    const copies = copiesOf(dataFolder(), open.teacherId);
    const token = await takeIncoming(copies, request.body, Date.now());
    const file = token && fileOf(copies, token);
    if (!token || !file) return tooLarge();
    return inSteps(request, async (step) => {
      try {
        return Response.json({ token, ...(await planArchive(open, file, step)) });
      } catch (error) {
        letGoOf(copies, token);
        if (error instanceof ArchiveRefused)
          return refuse(422, {
            message: `It cannot be brought in. ${error.message}. Nothing was changed.`,
            field: error.where,
          });
        throw error;
      }
    });
  });
