import Link from 'next/link';
import { instantOf } from '@/core/almanac/zone';
import { dayOf } from '@/core/people/presence';
import { civil, dayAfter, mondayOf } from '@/core/term/calendar';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { readRepertoire } from '@/server/forms';
import { listGroups } from '@/server/groups';
import { calledTeacher, isSchool, sharedOfMine, termsOfOthers } from '@/server/shared';
import { listTerms } from '@/server/terms';
import { unreadableRow } from '@/server/unreadable';
import { chosenHere } from '@/ui/kit/chosenHere';
import { now } from '@/ui/kit/now';
import { dateText, plural } from '@/ui/kit/time';
import { UnreadableRows } from '@/ui/kit/Unreadable';
import { OthersTerms } from '@/ui/shared/OthersTerms';
import { ShareButton } from '@/ui/shared/ShareButton';
import { NewTerm } from '@/ui/term/NewTerm';
import { TERM_AIM_WORDS } from '@/ui/words/term';

export const metadata = { title: 'Terms' };

/** A term that is planned anew is so long, days. */
const USUAL_DAYS = 10 * 7;

export default async function TermsPage() {
  const open = await mine();
  const customs = await readCustoms(open);
  chosenHere(customs);
  const { zone } = customs.place;
  const [{ terms, unreadable }, groups, forms] = [
    await listTerms(open),
    await listGroups(open),
    await readRepertoire(open),
  ];
  const shared = (await isSchool(open)) ? await sharedOfMine(open, 'term') : undefined;
  const others = shared ? await termsOfOthers(open) : [];
  const today = dayOf(now(), zone);
  const first = mondayOf(dayAfter(today, 6));
  const day = (text: string): string => dateText(instantOf(civil(text), zone), zone, 'date');
  return (
    <div className="max-w-4xl">
      <UnreadableRows rows={unreadable.map(unreadableRow)} />
      <h1>Terms</h1>
      <p className="reading quiet my-3 max-w-[65ch]">
        A season planned for a group: what each week is for, so that the year is followed, the body is come
        by, and what is learnt is kept.
      </p>
      {groups.length === 0 ? (
        <p>
          <Link className="press-plain" href="/customs#groups">
            Name a group and when it meets
          </Link>
          ; then its term can be planned.
        </p>
      ) : (
        <NewTerm
          groups={groups.map((group) => ({ id: group.id, name: group.name }))}
          forms={forms.map((form) => ({ id: form.id, name: form.name }))}
          first={first}
          last={dayAfter(first, USUAL_DAYS - 1)}
        />
      )}
      <ul className="mt-4 border-t border-ink">
        {terms.map(({ term }) => (
          <li key={term.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-hairline py-2">
            <Link className="press-plain font-serif text-[1.2rem]" href={`/term/${term.id}`}>
              {term.name}
            </Link>
            <span>{groups.find(({ id }) => id === term.groupId)?.name}</span>
            <span className="quiet figures">
              {day(term.first)} to {day(term.last)}, {plural(Object.keys(term.weeks).length, 'week')}
            </span>
            <span className="quiet">{TERM_AIM_WORDS[term.aim]}</span>
            {term.last < today && <span className="quiet">over</span>}
            {shared && (
              <ShareButton kind="term" id={term.id} name={term.name} isShared={shared.has(term.id)} />
            )}
          </li>
        ))}
      </ul>
      {terms.length === 0 && groups.length > 0 && <p className="quiet my-4">No term is planned yet.</p>}
      <OthersTerms
        groups={groups.map((group) => ({ id: group.id, name: group.name }))}
        terms={others.map(({ what, teacherName }) => ({
          id: what.id,
          name: what.name,
          when: `${day(what.first)} to ${day(what.last)}, ${plural(Object.keys(what.weeks).length, 'week')}`,
          aim: TERM_AIM_WORDS[what.aim],
          teacher: calledTeacher(teacherName),
        }))}
      />
    </div>
  );
}
