import { answering, NOT_KEPT, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { isVeiled } from '@/server/veil';
import { findAnywhere } from './anywhere';

const MOST_LETTERS = 80;

/** What fits the words typed (`?words=`), from everywhere. */
export const GET = (request: Request) =>
  answering(async () => {
    const words = new URL(request.url).searchParams.get('words') ?? '';
    if (words.length > MOST_LETTERS)
      return refuse(422, { message: `words: at most ${MOST_LETTERS} letters.`, field: 'words' });
    return Response.json(
      { things: await findAnywhere(await mine(), words, { isVeiled: await isVeiled() }) },
      { headers: NOT_KEPT },
    );
  });
