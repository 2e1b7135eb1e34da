import { answering, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { setBinned } from '@/server/practices';

/** Puts a practice into the bin, or takes it out again. */
export const moveToBin = (params: Promise<{ id: string }>, binned: boolean): Promise<Response> =>
  answering(async () => {
    const { id } = await params;
    const found = await setBinned(await database(), id, binned, Date.now());
    return found ? Response.json({ ok: true }) : refuse(404, { message: 'There is no such practice.' });
  });
