import { notFound } from 'next/navigation';
import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { readOwnForm } from '@/server/forms';
import { FormEditor } from '@/ui/forms/editor/FormEditor';

export const metadata = { title: 'Write a form' };

export default async function OwnFormPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await database();
  const stored = await readOwnForm(open, id);
  if (!stored) notFound();
  return (
    <FormEditor
      key={id}
      start={stored.form}
      version={stored.version}
      place={id}
      customs={await readCustoms(open)}
    />
  );
}
