import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { listGroups } from '@/server/groups';
import { listPractices } from '@/server/practices';
import { calledTeacher, isSchool, practicesOfOthers, sharedOfMine } from '@/server/shared';
import { unreadableRow } from '@/server/unreadable';
import { OthersPractices } from '@/ui/shared/OthersPractices';
import { ShelfRoom } from '@/ui/shelf/ShelfRoom';

export const metadata = { title: 'Shelf' };

export default async function ShelfPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const open = await mine();
  const where = (await searchParams).bin === undefined ? 'shelf' : 'bin';
  const [customs, groups, { practices, unreadable }] = [
    await readCustoms(open),
    await listGroups(open),
    await listPractices(open, where),
  ];
  const shared = (await isSchool(open)) ? await sharedOfMine(open, 'practice') : undefined;
  const others = shared && where === 'shelf' ? await practicesOfOthers(open) : [];
  return (
    <>
      <ShelfRoom
        key={where}
        where={where}
        zone={customs.place.zone}
        unreadable={unreadable.map(unreadableRow)}
        practices={practices.map((practice) => ({
          ...practice,
          groupName: groups.find((group) => group.id === practice.brief.groupId)?.name,
          isShared: shared?.has(practice.id),
        }))}
      />
      <OthersPractices
        practices={others.map(({ what, teacherName }) => ({ ...what, teacher: calledTeacher(teacherName) }))}
      />
    </>
  );
}
