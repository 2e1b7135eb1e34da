import { z } from 'zod';
import { isKept } from '@/core/text';
import { mine } from '@/server/access/asking';
import { answering, readBody, refuse } from '@/server/answers';
import { copyPractice, copyTerm, setShared, SHARED_KINDS } from '@/server/shared';

type Context = { readonly params: Promise<{ readonly kind: string; readonly id: string }> };

const askedSchema = z.discriminatedUnion('do', [
  z.strictObject({ do: z.literal('share') }),
  z.strictObject({ do: z.literal('stop') }),
  // A term is taken over for a group.
  z.strictObject({ do: z.literal('copy'), groupId: z.string().min(1).max(64).optional() }),
]);

const GONE = 'It is not here, or not shared any more. Nothing was changed.';

/** Shares something of one’s own with the others who teach here, stops to, or takes a copy of what one of them shares. */
export const POST = (request: Request, context: Context) =>
  answering(async () => {
    const body = await readBody(request, askedSchema);
    if (!body.ok) return body.answer;
    const { kind: named, id } = await context.params;
    const kind = SHARED_KINDS.find((one) => one === named);
    if (!kind || !isKept(id)) return refuse(404, { message: GONE });
    const [open, asked] = [await mine(), body.value];
    if (asked.do !== 'copy') {
      const isThere = await setShared(open, kind, id, asked.do === 'share');
      return isThere ? Response.json({ ok: true }) : refuse(404, { message: GONE });
    }
    if (kind === 'term' && asked.groupId === undefined)
      return refuse(422, { message: 'groupId: for which group? Nothing was changed.', field: 'groupId' });
    const copy =
      kind === 'practice'
        ? await copyPractice(open, id, Date.now())
        : await copyTerm(open, id, asked.groupId ?? '', Date.now());
    return copy === undefined ? refuse(404, { message: GONE }) : Response.json({ id: copy }, { status: 201 });
  });
