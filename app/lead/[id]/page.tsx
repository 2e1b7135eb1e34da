import { notFound } from 'next/navigation';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { UnreadablePage } from '@/ui/kit/Unreadable';
import { database } from '@/server/database';
import { nameOfPractice } from '@/server/practices';
import { readForTeacher, readLed, readLikely } from '@/server/led';
import { LeadLoader } from '@/ui/lead/LeadLoader';

/** The practice by its name: of several open windows each is known by its own. */
export async function generateMetadata({ params }: { params: Promise<{ id: string }> }) {
  const name = await nameOfPractice(await database(), (await params).id);
  return { title: name === undefined ? 'Lead' : `${name} · Lead` };
}

export default async function LeadPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const queries = await database();
  const read = await orUnreadable(readLed(queries, id));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  const led = read.value;
  if (!led) notFound();
  return (
    <LeadLoader
      {...led}
      likely={await readLikely(queries, led)}
      forTeacher={await readForTeacher(queries, led)}
    />
  );
}
