import { notFound } from 'next/navigation';
import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { readPractice } from '@/server/practices';
import { LeadLoader } from '@/ui/lead/LeadLoader';

export const metadata = { title: 'Lead' };

export default async function LeadPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await database();
  const stored = await readPractice(open, id);
  if (!stored || stored.binned) notFound();
  const customs = await readCustoms(open);
  return (
    <LeadLoader id={id} version={stored.version} practice={stored.practice} sideSeen={customs.sideSeen} />
  );
}
