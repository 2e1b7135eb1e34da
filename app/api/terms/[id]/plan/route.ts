import { z } from 'zod';
import { isKept } from '@/core/text';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { plannedAgain, withPlan } from '@/server/planned';
import { readPlanning } from '@/server/planning';
import { saveTerm } from '@/server/terms';
import { CHANGED_ELSEWHERE } from '@/server/versioned';

type Context = { params: Promise<{ id: string }> };

/** Plans a term again with the least change, and keeps the plan. */
export const POST = (request: Request, context: Context) =>
  answering(async () => {
    const body = await readBody(request, z.strictObject({ baseVersion: z.number().int().min(1) }));
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const open = await mine();
    const read = isKept(id) ? await readPlanning(open, id, Date.now()) : undefined;
    if (!read) return refuse(404, { message: 'There is no such term, or its group is not here any more.' });
    const { plan, changes } = plannedAgain(read.planning);
    const term = withPlan(read.planning.term, plan);
    const saved = await saveTerm(open, term, body.value.baseVersion, Date.now());
    return saved.ok
      ? Response.json({ version: saved.version, term, changed: changes.length })
      : refuse(409, { message: CHANGED_ELSEWHERE, code: saved.code, version: saved.version });
  });
