import { notFound } from 'next/navigation';
import { readCustoms } from '@/server/customs';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { UnreadablePage } from '@/ui/kit/Unreadable';
import { mine } from '@/server/access/asking';
import { readOwnForm } from '@/server/forms';
import { FormEditorRoom } from '@/ui/forms/editor/FormEditorRoom';

export const metadata = { title: 'Write a form' };

export default async function OwnFormPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await mine();
  const read = await orUnreadable(readOwnForm(open, id));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  const stored = read.value;
  if (!stored) notFound();
  return (
    <FormEditorRoom
      key={id}
      start={stored.form}
      version={stored.version}
      place={id}
      customs={await readCustoms(open)}
    />
  );
}
