import { notFound } from 'next/navigation';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { readLayer } from '@/server/layers';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { BreathEditor } from '@/ui/breaths/BreathEditor';
import { UnreadablePage } from '@/ui/kit/Unreadable';

export const metadata = { title: 'Change a breath' };

export default async function OwnBreathPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await mine();
  const read = await orUnreadable(readLayer(open, 'breath', id));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  const stored = read.value;
  if (stored?.kind !== 'breath') notFound();
  const { breathsPerMin, outToIn } = await readCustoms(open);
  return (
    <BreathEditor
      key={id}
      start={stored.layer}
      version={stored.version}
      place={id}
      pace={{ breathsPerMin, outToIn }}
    />
  );
}
