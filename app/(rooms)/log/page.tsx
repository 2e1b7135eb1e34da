import { listClassesWithUnreadable } from '@/server/classes';
import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { unreadableRow } from '@/server/unreadable';
import { UnreadableRows } from '@/ui/kit/Unreadable';
import { LogRoom } from '@/ui/log/LogRoom';

export const metadata = { title: 'Log' };

export default async function LogPage() {
  const open = await database();
  const [customs, { classes, unreadable }] = [await readCustoms(open), await listClassesWithUnreadable(open)];
  return (
    <>
      <UnreadableRows rows={unreadable.map(unreadableRow)} />
      <LogRoom entries={classes} zone={customs.place.zone} />
    </>
  );
}
