import { writePracticeFile } from '@/core/formats';
import { answering, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { readPractice } from '@/server/practices';

/** A file name of plain letters from a practice's name, which may hold anything. */
const fileName = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)
    .toLowerCase() || 'practice';

export const GET = (_request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const { id } = await context.params;
    const stored = await readPractice(await database(), id);
    if (!stored) return refuse(404, { message: 'There is no such practice.' });
    return new Response(writePracticeFile(stored.practice), {
      headers: {
        'content-type': 'application/json; charset=utf-8',
        'content-disposition': `attachment; filename="${fileName(stored.practice.name)}.practice.json"`,
      },
    });
  });
