import { z } from 'zod';
import { toldSchema } from '@/core/desk/following';
import { mine, whoAsks } from '@/server/access/asking';
import { answering, readBody, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { followedUnder } from '@/server/follow/asked';
import { codeIn } from '@/server/follow/code';
import { endFollowing, practiceFollowed, readFollowed, tellClass } from '@/server/follow/following';
import { publish } from '@/server/follow/live';

interface Asked {
  readonly params: Promise<{ readonly code: string }>;
}

const tellingSchema = z.strictObject({
  told: toldSchema,
  /** How many times it was told by what the teller has heard. */
  base: z.number().int().min(1),
  by: z.string().min(1).max(64),
});

const GONE = { message: 'It is shown to nobody any more.' };

/** The class under a code, as it began and as it goes; which practice it is only for the teacher whose it is. */
export const GET = (request: Request, { params }: Asked) =>
  answering(async () => {
    const open = await database();
    const found = await followedUnder(open, request, (await params).code);
    if (found instanceof Response) return found;
    const { code, told, revision, practiceId, version, teacherId } = found;
    return Response.json({
      practice: await practiceFollowed(open, code),
      told,
      revision,
      ...(teacherId === (await whoAsks()) ? { leads: { practiceId, version } } : {}),
    });
  });

/** Tells how the class goes on, by who has heard everything; else they are told how it stands. */
export const PUT = (request: Request, { params }: Asked) =>
  answering(async () => {
    const body = await readBody(request, tellingSchema);
    if (!body.ok) return body.answer;
    const code = codeIn((await params).code);
    const taken = code && (await tellClass(await mine(), code, body.value, Date.now()));
    if (!taken) return refuse(410, GONE);
    const { followed, isTaken } = taken;
    if (isTaken) publish(followed);
    const { told, revision } = followed;
    return Response.json({ told, revision, isTaken }, { status: isTaken ? 200 : 409 });
  });

/** Shows it to nobody any more. */
export const DELETE = (_request: Request, { params }: Asked) =>
  answering(async () => {
    const open = await mine();
    const code = codeIn((await params).code);
    const ended = code && (await endFollowing(open, code, Date.now()));
    const followed = code && (await readFollowed(open, code, Date.now()));
    if (!ended || !followed) return refuse(410, GONE);
    publish(followed);
    return Response.json({ ok: true });
  });
