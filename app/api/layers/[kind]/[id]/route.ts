import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { readLayer, saveLayer } from '@/server/layers';
import { CHANGED_ELSEWHERE } from '@/server/versioned';
import { kindOf, NO_SUCH, readLayerBody } from '../../reading';

type Context = { params: Promise<{ kind: string; id: string }> };

/** An own breath or sound as it is kept, with its version. */
export const GET = (_request: Request, context: Context) =>
  answering(async () => {
    const kind = await kindOf(context);
    const { id } = await context.params;
    const stored = kind && (await readLayer(await mine(), kind, id));
    return stored
      ? Response.json({ layer: stored.layer, version: stored.version })
      : refuse(404, { message: NO_SUCH });
  });

/** Saves an own breath or sound on top of the version it was opened at. */
export const PUT = (request: Request, context: Context) =>
  answering(async () => {
    const kind = await kindOf(context);
    if (!kind) return refuse(404, { message: NO_SUCH });
    const body = await readLayerBody(request, kind);
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const { own, baseVersion } = body.value;
    if (own.layer.id !== id || baseVersion === undefined)
      return refuse(422, {
        message:
          own.layer.id === id
            ? 'baseVersion: expected the version it was opened at. Nothing was changed.'
            : 'layer.id: is not the one in the address. Nothing was changed.',
        field: own.layer.id === id ? 'baseVersion' : 'layer.id',
      });
    const saved = await saveLayer(await mine(), own, baseVersion, Date.now());
    if (saved.ok) return Response.json({ version: saved.version });
    return saved.version === 0
      ? refuse(404, { message: NO_SUCH })
      : refuse(409, { message: CHANGED_ELSEWHERE, version: saved.version });
  });
