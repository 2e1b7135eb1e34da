import { isKept } from '@/core/text';
import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { forgetLearnt } from '@/server/history';

type Context = { params: Promise<{ formId: string }> };

const forgets = (isForgotten: boolean) => (_request: Request, context: Context) =>
  answering(async () => {
    const { formId } = await context.params;
    if (!isKept(formId) || formId.length > 60) return refuse(404, { message: 'There is no such form.' });
    await forgetLearnt(await mine(), formId, isForgotten ? Date.now() : undefined);
    return Response.json({ ok: true });
  });

/** Forgets what classes till now have taught of a form. */
export const DELETE = forgets(true);
/** Learns from all of them again. */
export const POST = forgets(false);
