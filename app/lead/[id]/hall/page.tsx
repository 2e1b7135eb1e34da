import { notFound } from 'next/navigation';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { UnreadablePage } from '@/ui/kit/Unreadable';
import { mine } from '@/server/access/asking';
import { readLed } from '@/server/led';
import { HallLoader } from '@/ui/lead/HallLoader';

export const metadata = { title: 'For the hall' };

/** The group's screen: nothing of the people, the notes or the plan's proposals comes to it. */
export default async function HallPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const read = await orUnreadable(readLed(await mine(), id));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  const led = read.value;
  if (!led) notFound();
  return <HallLoader id={led.id} version={led.version} practice={led.practice} />;
}
