import { answering, refuse } from '@/server/answers';
import { findTowns, largestTownOf } from '@/server/towns';

const MOST_LETTERS = 80;

/** Towns that fit what is typed (`?words=`), or the largest of a zone (`?zone=`), from the table that ships with the application. */
export const GET = (request: Request) =>
  answering(async () => {
    const query = new URL(request.url).searchParams;
    const [words, zone] = [query.get('words') ?? '', query.get('zone')];
    if (words.length > MOST_LETTERS)
      return refuse(422, { message: `words: at most ${MOST_LETTERS} letters.`, field: 'words' });
    if (zone !== null) {
      const town = largestTownOf(zone.slice(0, MOST_LETTERS));
      return Response.json({ towns: town ? [town] : [] });
    }
    return Response.json({ towns: findTowns(words) });
  });
