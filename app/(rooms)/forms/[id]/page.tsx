import { notFound } from 'next/navigation';
import { REPERTOIRE } from '@/core/forms';
import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { FormPage } from '@/ui/forms/FormPage';

export default async function OneFormPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const form = REPERTOIRE.find((candidate) => candidate.id === id);
  if (!form) notFound();
  return <FormPage form={form} customs={await readCustoms(await database())} />;
}
