import { FORM_EXPORTERS } from '@/core/formats/exporters';
import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { exported } from '@/server/exported';
import { readRepertoire } from '@/server/forms';

/** A form to be taken along, in the practitioner's own words where there are any; notes stay at home. */
export const GET = (request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const { id } = await context.params;
    const form = (await readRepertoire(await mine())).find((candidate) => candidate.id === id);
    if (!form) return refuse(404, { message: 'There is no such form.' });
    return exported(FORM_EXPORTERS, request, [form], form.id);
  });
