import { composeRoomData } from '@/server/composeRoom';
import { mine } from '@/server/access/asking';
import { readBriefQuery } from '@/core/formats';
import { ComposeRoom } from '@/ui/compose/ComposeRoom';
import { AddressHolds } from '@/ui/kit/AddressHolds';

export const metadata = { title: 'Compose' };

export default async function ComposePage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const data = await composeRoomData(await mine());
  const asked = await searchParams;
  const query = new URLSearchParams(
    Object.entries(asked).flatMap(([name, value]) =>
      [value ?? []].flat().map((one): [string, string] => [name, one]),
    ),
  ).toString();
  return (
    <>
      <AddressHolds path="/compose" query={query} />
      <ComposeRoom stored={undefined} wishes={readBriefQuery(asked)} {...data} />
    </>
  );
}
