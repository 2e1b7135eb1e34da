import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { listLayers, saveLayer } from '@/server/layers';
import { kindOf, NO_SUCH, readLayerBody } from '../reading';

type Context = { params: Promise<{ kind: string }> };

/** The practitioner's own breaths, or sounds. */
export const GET = (_request: Request, context: Context) =>
  answering(async () => {
    const kind = await kindOf(context);
    if (!kind) return refuse(404, { message: NO_SUCH });
    const { readable } = await listLayers(await mine(), kind);
    return Response.json({ layers: readable.map(({ layer, version }) => ({ layer, version })) });
  });

/** A new breath or sound of one's own. */
export const POST = (request: Request, context: Context) =>
  answering(async () => {
    const kind = await kindOf(context);
    if (!kind) return refuse(404, { message: NO_SUCH });
    const body = await readLayerBody(request, kind);
    if (!body.ok) return body.answer;
    const { own } = body.value;
    const saved = await saveLayer(await mine(), own, 0, Date.now());
    return saved.ok
      ? Response.json({ id: own.layer.id, version: saved.version }, { status: 201 })
      : refuse(409, {
          message: 'There is one with this id already. Nothing was changed.',
          field: 'layer.id',
        });
  });
