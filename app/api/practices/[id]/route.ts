import { z } from 'zod';
import { practiceSchema } from '@/core/practice';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { savePractice } from '@/server/practices';

const saveSchema = z.strictObject({
  practice: practiceSchema,
  baseVersion: z.number().int().min(1),
  /** Of this save alone; the same again when its answer was lost. */
  saveId: z.uuid().optional(),
});

export const PUT = (request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const body = await readBody(request, saveSchema);
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const saved = await savePractice(
      await mine(),
      id,
      body.value.practice,
      body.value.baseVersion,
      Date.now(),
      body.value.saveId,
    );
    if (saved.ok) return Response.json({ version: saved.version });
    if (saved.code === 'missing')
      return refuse(404, { message: 'There is no such practice any more; nothing was changed.' });
    return refuse(409, {
      message: 'This practice was changed in another window; nothing was overwritten.',
      version: saved.version,
    });
  });
