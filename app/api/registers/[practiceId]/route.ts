import { isKept } from '@/core/text';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { nameOfPractice } from '@/server/practices';
import { registerSchema, tickBefore } from '@/server/registers';

type Context = { params: Promise<{ practiceId: string }> };

/** Ticks who is here for the class that is about to be led with a practice. */
export const PUT = (request: Request, context: Context) =>
  answering(async () => {
    const body = await readBody(request, registerSchema);
    if (!body.ok) return body.answer;
    const { practiceId } = await context.params;
    const open = await mine();
    const isThere = isKept(practiceId) && (await nameOfPractice(open, practiceId)) !== undefined;
    if (!isThere) return refuse(404, { message: 'There is no such practice on the shelf.' });
    await tickBefore(open, practiceId, body.value, Date.now());
    return Response.json({ ok: true });
  });
