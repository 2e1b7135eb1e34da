import Link from 'next/link';
import { notFound } from 'next/navigation';
import { isKept } from '@/core/text';
import { composeRoomData } from '@/server/composeRoom';
import { mine } from '@/server/access/asking';
import { listGroups } from '@/server/groups';
import { listPeople } from '@/server/people';
import { readPlanning } from '@/server/planning';
import { listTerms } from '@/server/terms';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { chosenHere } from '@/ui/kit/chosenHere';
import { now } from '@/ui/kit/now';
import { UnreadablePage } from '@/ui/kit/Unreadable';
import { TermRoom } from '@/ui/term/TermRoom';
import { practicesOf } from './practicesOf';
import { viewOf } from './view';

export const metadata = { title: 'Term' };

export default async function TermPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await mine();
  const read = await orUnreadable(isKept(id) ? readPlanning(open, id, now()) : Promise.resolve(undefined));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  if (!read.value) notFound();
  const { planning, version } = read.value;
  chosenHere(planning.customs);
  const [groups, ground] = [
    await listGroups(open),
    await composeRoomData(open, undefined, undefined, planning.term),
  ];
  const view = viewOf(
    planning,
    version,
    groups,
    await practicesOf(open, planning.term),
    await listPeople(open),
    (await listTerms(open)).terms.map((one) => one.term),
  );
  if (view.weeks.length === 0)
    return (
      <div className="max-w-3xl">
        <h1>{planning.term.name}</h1>
        <p className="reading my-4">
          {planning.group.name} has no usual days yet, or none of them falls into this term.{' '}
          <Link className="press-plain" href="/customs#groups">
            Say when they meet
          </Link>
        </p>
      </div>
    );
  return (
    <TermRoom
      key={id}
      view={view}
      ground={ground}
      groups={groups.map((group) => ({ id: group.id, name: group.name }))}
      forms={planning.repertoire.map((form) => ({ id: form.id, name: form.name }))}
    />
  );
}
