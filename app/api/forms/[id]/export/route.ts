import { writeFormFile } from '@/core/formats';
import { answering, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { readRepertoire } from '@/server/forms';

/** A form as a file, in the practitioner's own words where there are any; notes stay at home. */
export const GET = (_request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const { id } = await context.params;
    const form = (await readRepertoire(await database())).find((candidate) => candidate.id === id);
    if (!form) return refuse(404, { message: 'There is no such form.' });
    return new Response(writeFormFile([form]), {
      headers: {
        'content-type': 'application/json; charset=utf-8',
        'content-disposition': `attachment; filename="${form.id}.forms.json"`,
      },
    });
  });
