import type { CalendarSeason } from '../almanac';
import type { Customs } from '../customs';
import type { Practice, Timeline } from '../practice';
import { shorten } from '../text/text';
import { contextOf, NOTE_WEIGHTS, type ReviewPeople } from './rule';
import type { Note } from './note';
import { RULES } from './rules';

export type { Note } from './note';
export { joinNotes } from './joined';
export { RULES } from './rules';
export type { ReviewPeople } from './rule';
export { RULE_IDS } from './ruleIds';
export type { RuleId } from './ruleIds';
export type { MendSaid, Named, NoteCode, NoteSaid, NoteSays, NotReached, Risk } from './said';

/**
 * Reads a practice over as a second pair of eyes would. Every note says where, how strongly, why and by what
 * source, and carries a mend where there is one; none ever blocks. Heaviest first, in the order of the
 * practice. Notes waved aside come too, marked.
 */
export function review(
  practice: Practice,
  timeline: Timeline,
  customs: Customs,
  people: ReviewPeople,
  today: readonly CalendarSeason[] = [],
): readonly Note[] {
  const context = contextOf(practice, timeline, customs, people, today);
  const place = new Map(practice.items.map((item, index) => [item.id, index]));
  const waved = new Map((practice.waved ?? []).map(({ note, reason }) => [note, reason]));
  const notes = RULES.flatMap((rule) =>
    rule.find(context).map((finding): Note => {
      const id = shorten([rule.id, finding.itemId ?? '', finding.detail ?? ''].join('/'), 200);
      return {
        ...finding,
        id,
        rule: rule.id,
        source: rule.source,
        wavedBecause: waved.get(id),
      };
    }),
  );
  const at = (note: Note): number => (note.itemId === undefined ? -1 : (place.get(note.itemId) ?? -1));
  return notes.toSorted(
    (a, b) => NOTE_WEIGHTS.indexOf(a.weight) - NOTE_WEIGHTS.indexOf(b.weight) || at(a) - at(b),
  );
}
