import { notFound } from 'next/navigation';
import { composeRoomData } from '@/server/composeRoom';
import { database } from '@/server/database';
import { readPractice } from '@/server/practices';
import { ComposeRoom } from '@/ui/compose/ComposeRoom';

export const metadata = { title: 'Compose' };

export default async function StoredPracticePage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await database();
  const stored = await readPractice(open, id);
  if (!stored || stored.binned) notFound();
  const data = await composeRoomData(open, stored.practice, id);
  return (
    <ComposeRoom
      key={id}
      stored={{ id, version: stored.version, saveId: stored.saveId, practice: stored.practice }}
      wishes={{}}
      {...data}
    />
  );
}
