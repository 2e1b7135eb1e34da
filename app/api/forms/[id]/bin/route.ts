import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { setFormBinned } from '@/server/forms';

type Context = { params: Promise<{ id: string }> };
const move = (context: Context, binned: boolean) =>
  answering(async () => {
    const { id } = await context.params;
    const found = await setFormBinned(await mine(), id, binned, Date.now());
    return found
      ? Response.json({ ok: true })
      : refuse(404, { message: 'There is no such form of your own.' });
  });

/** Into the bin; practices keep the form as they were written with it. */
export const POST = (_request: Request, context: Context) => move(context, true);
/** Out of the bin again. */
export const DELETE = (_request: Request, context: Context) => move(context, false);
