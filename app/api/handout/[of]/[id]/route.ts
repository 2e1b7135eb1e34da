import { HANDERS } from '@/app/handed/handed';
import { FOR_YOURSELF } from '@/core/handout/audience';
import { HANDED, kindOf, type Handed, type HandoutId } from '@/core/handout/kinds';
import { handoutAskedSchema } from '@/core/handout/asked';
import { isKept } from '@/core/text';
import { inWords } from '@/core/text';
import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { fileName } from '@/server/exported';
import { isVeiled } from '@/server/veil';

const isHanded = (of: string): of is Handed => (HANDED as readonly string[]).includes(of);

/** Something to be handed out, as its address asks: `?as=sheet&for=people&paper=a4 …`; `&save=1` to be kept as a file. */
export const GET = (request: Request, context: { params: Promise<{ of: string; id: string }> }) =>
  answering(async () => {
    const { of, id } = await context.params;
    const query = new URL(request.url).searchParams;
    const as = query.get('as') ?? '';
    const kind = isHanded(of) ? kindOf(of, as) : undefined;
    if (!isHanded(of) || !kind || kind.inBrowser || !isKept(id))
      return refuse(404, { message: 'There is nothing of that kind to be handed out.' });
    const parsed = handoutAskedSchema.safeParse(Object.fromEntries(query), { error: inWords });
    if (!parsed.success) {
      const issue = parsed.error.issues[0];
      const field = String(issue?.path[0] ?? '');
      return refuse(422, { message: `${field}: ${issue?.message ?? 'not as expected'}.`, field });
    }
    const asked = parsed.data;
    if (kind.onlyMe && asked.for !== 'me')
      return refuse(422, {
        message: 'This is for yourself alone: nothing of it can be for others.',
        field: 'for',
      });
    // While somebody looks on, nothing private comes to the screen: neither for oneself nor of one person.
    if ((asked.for === 'me' || of === 'homework') && (await isVeiled()))
      return refuse(403, { message: 'What is private is veiled now: lift the veil first.' });
    const handed = await HANDERS[of](await mine(), {
      id,
      as: kind.id as HandoutId,
      asked,
      nowMs: Date.now(),
    });
    if (!handed) return refuse(404, { message: 'It is not there any more.' });
    const made = await handed.make();
    const suffix = kind.options.includes('table') ? `${kind.suffix}.${asked.table}` : kind.suffix;
    const mediaType = kind.options.includes('table')
      ? asked.table === 'json'
        ? 'application/json; charset=utf-8'
        : 'text/csv; charset=utf-8'
      : kind.mediaType;
    const isSaved = query.get('save') === '1';
    return new Response(typeof made === 'string' ? made : new Uint8Array(made), {
      headers: {
        'content-type': mediaType,
        'content-disposition': `${isSaved ? 'attachment' : 'inline'}; filename="${fileName(handed.name, of)}${asked.for === 'me' ? FOR_YOURSELF : ''}.${suffix}"`,
      },
    });
  });
