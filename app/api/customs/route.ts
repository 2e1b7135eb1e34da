import { z } from 'zod';
import { customsSchema } from '@/core/customs';
import { answering, readBody, refuse } from '@/server/answers';
import { saveCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { CHANGED_ELSEWHERE } from '@/server/versioned';

export const PUT = (request: Request) =>
  answering(async () => {
    const body = await readBody(
      request,
      z.strictObject({ customs: customsSchema, baseVersion: z.number().int().min(0) }),
    );
    if (!body.ok) return body.answer;
    const saved = await saveCustoms(await mine(), body.value.customs, body.value.baseVersion, Date.now());
    return saved.ok
      ? Response.json({ version: saved.version })
      : refuse(409, { message: CHANGED_ELSEWHERE, version: saved.version });
  });
