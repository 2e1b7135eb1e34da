import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { setBinned } from '@/server/practices';

/** Puts a practice into the bin, or takes it out again. */
export const moveToBin = (params: Promise<{ id: string }>, binned: boolean): Promise<Response> =>
  answering(async () => {
    const { id } = await params;
    const found = await setBinned(await mine(), id, binned, Date.now());
    return found ? Response.json({ ok: true }) : refuse(404, { message: 'There is no such practice.' });
  });
