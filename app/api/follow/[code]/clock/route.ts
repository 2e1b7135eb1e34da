import { answering } from '@/server/answers';
import { database } from '@/server/database';
import { followedUnder } from '@/server/follow/asked';
import { clockMs } from '@/server/follow/clock';

/** What time it is by the clock that every device of the class goes by. */
export const GET = (request: Request, { params }: { readonly params: Promise<{ readonly code: string }> }) =>
  answering(async () => {
    const open = await database();
    const found = await followedUnder(open, request, (await params).code);
    return found instanceof Response ? found : Response.json({ nowMs: await clockMs(open) });
  });
