import { FORM_EXPORTERS } from '@/core/formats/exporters';
import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { exported } from '@/server/exported';
import { readOwn } from '@/server/forms';

/** All forms of one's own together. */
export const GET = (request: Request) =>
  answering(async () => {
    const { forms } = await readOwn(await mine());
    if (forms.length === 0) return refuse(404, { message: 'There are no forms of your own yet.' });
    return exported(FORM_EXPORTERS, request, forms, 'own');
  });
