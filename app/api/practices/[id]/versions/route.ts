import { answering } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { listVersions } from '@/server/practices';

export const GET = (_request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const { id } = await context.params;
    return Response.json({ versions: await listVersions(await mine(), id) });
  });
