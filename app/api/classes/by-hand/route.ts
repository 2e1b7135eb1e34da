import { answering, readBody, refuse } from '@/server/answers';
import { addByHand, byHandSchema } from '@/server/byHand';
import { mine } from '@/server/access/asking';

/** A class that was led without a screen goes into the log. */
export const POST = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, byHandSchema);
    if (!body.ok) return body.answer;
    const open = await mine();
    const id = await open.transaction((queries) => addByHand(queries, body.value));
    return id === undefined
      ? refuse(404, { message: 'There is no such practice on the shelf.' })
      : Response.json({ id }, { status: 201 });
  });
