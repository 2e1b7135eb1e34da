import { expose } from 'comlink';
import type { CalendarSeason } from '@/core/almanac';
import type { Customs } from '@/core/customs';
import { bodiesOf, bodyLanes, compile, type Practice } from '@/core/practice';
import { review, type ReviewPeople } from '@/core/review';
import { writeAsIn } from '@/ui/words/region';
import { inWords, type NoteInWords } from '@/ui/words/margin';

const api = {
  lanes: (practice: Practice) => {
    const timeline = compile(practice);
    return bodyLanes(timeline, bodiesOf(practice, timeline));
  },
  /** The margin's notes: beside the page, as the first reading of a form solves its bodies. */
  review: (
    practice: Practice,
    customs: Customs,
    people: ReviewPeople,
    today: readonly CalendarSeason[],
  ): readonly NoteInWords[] => {
    writeAsIn(customs.region);
    return review(practice, compile(practice), customs, people, today).map(inWords);
  },
};
export type LanesWorker = typeof api;

expose(api);
