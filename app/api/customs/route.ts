import { customsSchema } from '@/core/customs';
import { answering, readBody } from '@/server/answers';
import { saveCustoms } from '@/server/customs';
import { database } from '@/server/database';

export const PUT = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, customsSchema);
    if (!body.ok) return body.answer;
    await saveCustoms(await database(), body.value, Date.now());
    return Response.json({ ok: true });
  });
