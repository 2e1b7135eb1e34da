import { homeworkContent, practiceContent } from '@/app/handed/practice';
import { handoutAskedSchema } from '@/core/handout/asked';
import { isKept } from '@/core/text';
import { answering, refuse } from '@/server/answers';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { isVeiled } from '@/server/veil';

/** What the browser makes files of by itself: the practice and its sheet, as they may be for the one asked for. */
export const GET = (request: Request, context: { params: Promise<{ of: string; id: string }> }) =>
  answering(async () => {
    const { of, id } = await context.params;
    const query = Object.fromEntries(new URL(request.url).searchParams);
    const asked = handoutAskedSchema.safeParse(query);
    if (!asked.success || !isKept(id))
      return refuse(422, { message: 'It was asked for in a way that is not known.' });
    if ((asked.data.for === 'me' || of === 'homework') && (await isVeiled()))
      return refuse(403, { message: 'What is private is veiled now: lift the veil first.' });
    const open = await mine();
    const make = of === 'homework' ? homeworkContent : practiceContent;
    const handed = await make(open, id, asked.data, Date.now());
    if (!handed) return refuse(404, { message: 'It is not there any more.' });
    const { practice, sheet } = handed.content;
    return Response.json({ practice, sheet, looks: (await readCustoms(open)).figure });
  });
