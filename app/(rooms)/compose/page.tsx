import { composeRoomData } from '@/server/composeRoom';
import { database } from '@/server/database';
import { wishesFrom } from '@/server/links';
import { ComposeRoom } from '@/ui/compose/ComposeRoom';

export const metadata = { title: 'Compose' };

export default async function ComposePage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const data = await composeRoomData(await database());
  return <ComposeRoom stored={undefined} wishes={wishesFrom(await searchParams)} {...data} />;
}
