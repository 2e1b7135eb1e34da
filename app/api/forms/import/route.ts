import { randomUUID } from 'node:crypto';
import { readFormFile } from '@/core/formats';
import { ownId } from '@/core/forms';
import { answering, readText, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { fileProblemText } from '@/core/formats/fileProblemText';
import { addOwnForms } from '@/server/forms';

/** Takes in a file of forms; each becomes a form of one's own under a new id, all or none. */
export const POST = (request: Request) =>
  answering(async () => {
    const text = await readText(request);
    if (!text.ok) return text.answer;
    const read = readFormFile(text.value);
    if (!read.ok)
      return refuse(422, {
        message: fileProblemText(read.problem),
        ...(read.problem.code === 'field' ? { field: read.problem.path } : {}),
      });
    const forms = read.forms.map((form) => ({ ...form, id: ownId(form.name, randomUUID().slice(0, 8)) }));
    await addOwnForms(await mine(), forms, Date.now());
    return Response.json({ forms: forms.map(({ id, name }) => ({ id, name })) }, { status: 201 });
  });
