import { notFound } from 'next/navigation';
import { database } from '@/server/database';
import { readLed } from '@/server/led';
import { LeadLoader } from '@/ui/lead/LeadLoader';

export const metadata = { title: 'Lead' };

export default async function LeadPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const led = await readLed(await database(), id);
  if (!led) notFound();
  return <LeadLoader {...led} />;
}
