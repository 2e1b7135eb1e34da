import { randomUUID } from 'node:crypto';
import { readPracticeFile } from '@/core/formats';
import { answering, readText, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { fileProblemText } from '@/core/formats/fileProblemText';
import { createPractice } from '@/server/practices';

export const POST = (request: Request) =>
  answering(async () => {
    const text = await readText(request);
    if (!text.ok) return text.answer;
    const read = readPracticeFile(text.value);
    if (!read.ok)
      return refuse(422, {
        message: fileProblemText(read.problem),
        ...(read.problem.code === 'field' ? { field: read.problem.path } : {}),
      });
    const id = randomUUID();
    await createPractice(await mine(), id, read.practice, Date.now());
    return Response.json({ id, name: read.practice.name }, { status: 201 });
  });
