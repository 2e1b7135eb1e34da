import { writeFormFile } from '@/core/formats';
import { answering, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { readOwn } from '@/server/forms';

/** All forms of one's own as one file. */
export const GET = () =>
  answering(async () => {
    const { forms } = await readOwn(await database());
    if (forms.length === 0) return refuse(404, { message: 'There are no forms of your own yet.' });
    return new Response(writeFormFile(forms), {
      headers: {
        'content-type': 'application/json; charset=utf-8',
        'content-disposition': 'attachment; filename="own.forms.json"',
      },
    });
  });
