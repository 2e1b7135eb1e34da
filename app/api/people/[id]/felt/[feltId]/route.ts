import { isKept } from '@/core/text';
import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { takeBackFelt } from '@/server/felt';

type Context = { params: Promise<{ id: string; feltId: string }> };

/** Takes back what was written of a moment. */
export const DELETE = (_request: Request, context: Context) =>
  answering(async () => {
    const { id, feltId } = await context.params;
    const isGone = [id, feltId].every(isKept) && (await takeBackFelt(await mine(), id, feltId));
    return isGone ? Response.json({ ok: true }) : refuse(404, { message: 'That is not there any more.' });
  });
