import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { listGroups } from '@/server/groups';
import { listPractices } from '@/server/practices';
import { unreadableRow } from '@/server/unreadable';
import { ShelfRoom } from '@/ui/shelf/ShelfRoom';

export const metadata = { title: 'Shelf' };

export default async function ShelfPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const open = await database();
  const where = (await searchParams).bin === undefined ? 'shelf' : 'bin';
  const [customs, groups, { practices, unreadable }] = [
    await readCustoms(open),
    await listGroups(open),
    await listPractices(open, where),
  ];
  return (
    <ShelfRoom
      key={where}
      where={where}
      zone={customs.place.zone}
      unreadable={unreadable.map(unreadableRow)}
      practices={practices.map((practice) => ({
        ...practice,
        groupName: groups.find((group) => group.id === practice.brief.groupId)?.name,
      }))}
    />
  );
}
