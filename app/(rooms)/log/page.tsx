import { listClasses } from '@/server/classes';
import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { LogRoom } from '@/ui/log/LogRoom';

export const metadata = { title: 'Log' };

export default async function LogPage() {
  const open = await database();
  const [customs, entries] = [await readCustoms(open), await listClasses(open)];
  return <LogRoom entries={entries} zone={customs.place.zone} />;
}
