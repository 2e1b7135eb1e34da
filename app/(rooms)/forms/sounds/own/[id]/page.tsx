import { notFound } from 'next/navigation';
import { mine } from '@/server/access/asking';
import { readLayer } from '@/server/layers';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { UnreadablePage } from '@/ui/kit/Unreadable';
import { SoundEditor } from '@/ui/sounds/SoundEditor';

export const metadata = { title: 'Change a sound' };

export default async function OwnSoundPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const read = await orUnreadable(readLayer(await mine(), 'sound', id));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  const stored = read.value;
  if (stored?.kind !== 'sound') notFound();
  return <SoundEditor key={id} start={stored.layer} version={stored.version} place={id} />;
}
