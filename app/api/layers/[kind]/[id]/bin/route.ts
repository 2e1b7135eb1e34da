import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { setLayerBinned } from '@/server/layers';
import { kindOf, NO_SUCH } from '../../../reading';

type Context = { params: Promise<{ kind: string; id: string }> };
const move = (context: Context, binned: boolean) =>
  answering(async () => {
    const kind = await kindOf(context);
    const { id } = await context.params;
    const found = kind && (await setLayerBinned(await mine(), kind, id, binned, Date.now()));
    return found ? Response.json({ ok: true }) : refuse(404, { message: NO_SUCH });
  });

/** Into the bin; practices keep what they carry. */
export const POST = (_request: Request, context: Context) => move(context, true);
/** Out of the bin again. */
export const DELETE = (_request: Request, context: Context) => move(context, false);
