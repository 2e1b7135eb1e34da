import { z } from 'zod';
import { isOwnId } from '@/core/forms';
import { patternSchema } from '@/core/patterns';
import { soundSchema } from '@/core/sounds';
import { readBody, refuse, type Body } from '@/server/answers';
import { LAYER_KINDS, type LayerKind, type OwnLayer } from '@/server/layers';

export const NO_SUCH = 'There is no such breath or sound of your own.';

export const kindOf = async ({
  params,
}: {
  readonly params: Promise<{ readonly kind: string }>;
}): Promise<LayerKind | undefined> => {
  const { kind } = await params;
  return LAYER_KINDS.find((one) => one === kind);
};

const version = z.number().int().min(1).optional();

/** A breath or sound as it is sent, with the version it was opened at where it is not new. */
export async function readLayerBody(
  request: Request,
  kind: LayerKind,
): Promise<Body<{ readonly own: OwnLayer; readonly baseVersion: number | undefined }>> {
  const body =
    kind === 'breath'
      ? await readBody(request, z.strictObject({ layer: patternSchema, baseVersion: version }))
      : await readBody(request, z.strictObject({ layer: soundSchema, baseVersion: version }));
  if (!body.ok) return body;
  const { layer, baseVersion } = body.value;
  if (!isOwnId(layer.id))
    return {
      ok: false,
      answer: refuse(422, {
        message: 'layer.id: the id of one’s own begins with own-. Nothing was changed.',
        field: 'layer.id',
      }),
    };
  const own: OwnLayer = 'syllables' in layer ? { kind: 'sound', layer } : { kind: 'breath', layer };
  return { ok: true, value: { own, baseVersion } };
}
