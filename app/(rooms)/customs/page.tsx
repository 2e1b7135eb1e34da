import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { listGroups } from '@/server/groups';
import { CustomsForm } from '@/ui/customs/CustomsForm';
import { GroupsEditor } from '@/ui/customs/GroupsEditor';

export const metadata = { title: 'Customs' };

export default async function CustomsPage() {
  const open = await database();
  const [customs, groups] = [await readCustoms(open), await listGroups(open)];
  return (
    <div className="max-w-5xl">
      <h1 className="mb-4">Customs</h1>
      <CustomsForm customs={customs} />
      <GroupsEditor groups={groups} />
    </div>
  );
}
