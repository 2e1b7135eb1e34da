import { composeRoomData } from '@/server/composeRoom';
import { database } from '@/server/database';
import { readBriefQuery } from '@/core/formats';
import { ComposeRoom } from '@/ui/compose/ComposeRoom';

export const metadata = { title: 'Compose' };

export default async function ComposePage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const data = await composeRoomData(await database());
  return <ComposeRoom stored={undefined} wishes={readBriefQuery(await searchParams)} {...data} />;
}
