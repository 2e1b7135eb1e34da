import { PRACTICE_EXPORTERS } from '@/core/formats/exporters';
import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { exported } from '@/server/exported';
import { readPractice } from '@/server/practices';

/** A practice to be taken along. */
export const GET = (request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const { id } = await context.params;
    const stored = await readPractice(await mine(), id);
    if (!stored) return refuse(404, { message: 'There is no such practice.' });
    return exported(PRACTICE_EXPORTERS, request, stored.practice, stored.practice.name);
  });
