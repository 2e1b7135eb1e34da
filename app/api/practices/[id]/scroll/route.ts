import { z } from 'zod';
import { compile } from '@/core/practice';
import { answering, refuse } from '@/server/answers';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { readPractice } from '@/server/practices';
import { sharedPractice } from '@/server/shared';
import { chosenHere } from '@/ui/kit/chosenHere';
import { scrollMarkup, scrollWords } from '@/ui/scroll/markup';
import { stripOf } from '@/ui/scroll/strip';

const askedSchema = z.object({
  width: z.coerce.number().int().min(120).max(2400),
  figure: z.coerce.number().int().min(24).max(160),
});

/** The scroll of a practice that is kept, or that another teacher shares: `?width=…&figure=…`, px. With its version in the address it may be kept by the browser. */
export const GET = (request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const query = new URL(request.url).searchParams;
    const asked = askedSchema.safeParse({ width: query.get('width'), figure: query.get('figure') });
    if (!asked.success)
      return refuse(422, {
        message: 'width: expected 120 to 2400 px, figure: 24 to 160 px.',
        field: String(asked.error.issues[0]?.path[0] ?? 'width'),
      });
    const open = await mine();
    const { id } = await context.params;
    const practice = (await readPractice(open, id))?.practice ?? (await sharedPractice(open, id))?.what;
    if (!practice) return refuse(404, { message: 'There is no such practice.' });
    chosenHere(await readCustoms(open));
    const strip = stripOf(practice, compile(practice));
    const { width, figure } = asked.data;
    const size = { width, figurePx: figure, nameRows: 0, sections: true, breath: true };
    const { markup, height } = scrollMarkup(strip, (id) => practice.forms[id], size);
    return Response.json(
      { markup, height, words: scrollWords(strip) },
      { headers: { 'cache-control': 'private, max-age=86400' } },
    );
  });
