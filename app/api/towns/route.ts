import { answering, refuse } from '@/server/answers';
import { findTowns } from '@/server/towns';

const MOST_LETTERS = 80;

/** Towns that fit what is typed (`?words=`), from the table that ships with the application. */
export const GET = (request: Request) =>
  answering(async () => {
    const words = new URL(request.url).searchParams.get('words') ?? '';
    if (words.length > MOST_LETTERS)
      return refuse(422, { message: `words: at most ${MOST_LETTERS} letters.`, field: 'words' });
    return Response.json({ towns: findTowns(words) });
  });
