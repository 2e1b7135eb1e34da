import { answering, readBody, refuse } from '@/server/answers';
import { givenClassSchema, recordClass } from '@/server/classes';
import { readWhatNext } from '@/server/history';
import { mine } from '@/server/access/asking';

export const POST = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, givenClassSchema);
    if (!body.ok) return body.answer;
    const queries = await mine();
    // With its register, or not at all.
    const outcome = await queries.transaction((open) => recordClass(open, body.value));
    if (outcome === 'no-practice')
      return refuse(404, { message: 'The practice this class was led from is not here any more.' });
    // What it taught is told at once, while the class is still in mind.
    const next = await readWhatNext(queries, body.value.id);
    return Response.json({ outcome, next }, { status: outcome === 'recorded' ? 201 : 200 });
  });
