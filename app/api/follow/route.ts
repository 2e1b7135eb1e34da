import { z } from 'zod';
import { toldSchema } from '@/core/desk/following';
import { practiceOfAnyAge } from '@/core/documents/practice';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { clockMs } from '@/server/follow/clock';
import { followedOf, showClass } from '@/server/follow/following';
import { publish } from '@/server/follow/live';
import { shownOf } from '@/server/follow/shown';

const idText = z.string().min(1).max(64);
const showingSchema = z.strictObject({
  practiceId: idText,
  version: z.number().int().min(1),
  practice: practiceOfAnyAge,
  told: toldSchema,
  by: idText,
});

/** Whether a practice is shown just now, and under which code; and what time it is by the clock everybody goes by. */
export const GET = (request: Request) =>
  answering(async () => {
    const asked = idText.safeParse(new URL(request.url).searchParams.get('practice'));
    if (!asked.success) return refuse(400, { message: 'practice: which one is it?', field: 'practice' });
    const open = await mine();
    const followed = await followedOf(open, asked.data, Date.now());
    return Response.json({ shown: followed ? await shownOf(followed) : null, nowMs: await clockMs(open) });
  });

/** Shows a class to who has its code. */
export const POST = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, showingSchema);
    if (!body.ok) return body.answer;
    const followed = await showClass(await mine(), body.value, Date.now());
    if (!followed) return refuse(404, { message: 'There is no such practice any more.' });
    publish(followed);
    return Response.json({ shown: await shownOf(followed) }, { status: 201 });
  });
