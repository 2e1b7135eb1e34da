import Link from 'next/link';
import { notFound } from 'next/navigation';
import { composeRoomData } from '@/server/composeRoom';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { UnreadablePage } from '@/ui/kit/Unreadable';
import { mine } from '@/server/access/asking';
import { termOfPractice } from '@/server/nextClass';
import { nameOfPractice, readPractice } from '@/server/practices';
import { ComposeRoom } from '@/ui/compose/ComposeRoom';

/** The practice by its name: of several open windows each is known by its own. */
export async function generateMetadata({ params }: { params: Promise<{ id: string }> }) {
  const name = await nameOfPractice(await mine(), (await params).id);
  return { title: name === undefined ? 'Compose' : `${name} · Compose` };
}

export default async function StoredPracticePage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await mine();
  const read = await orUnreadable(readPractice(open, id));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  const stored = read.value;
  if (!stored || stored.binned) notFound();
  const term = await termOfPractice(open, id);
  const data = await composeRoomData(open, stored.practice, id, term);
  return (
    <>
      {term && (
        <p className="no-print">
          <Link className="press-plain" href={`/term/${term.id}`}>
            {term.name}
          </Link>
        </p>
      )}
      <ComposeRoom
        key={id}
        stored={{ id, version: stored.version, saveId: stored.saveId, practice: stored.practice }}
        wishes={{}}
        {...data}
      />
    </>
  );
}
