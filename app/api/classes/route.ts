import { answering, readBody, refuse } from '@/server/answers';
import { givenClassSchema, recordClass } from '@/server/classes';
import { database } from '@/server/database';

export const POST = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, givenClassSchema);
    if (!body.ok) return body.answer;
    const outcome = await recordClass(await database(), body.value);
    if (outcome === 'no-practice')
      return refuse(404, { message: 'The practice this class was led from is not here any more.' });
    return Response.json({ outcome }, { status: outcome === 'recorded' ? 201 : 200 });
  });
