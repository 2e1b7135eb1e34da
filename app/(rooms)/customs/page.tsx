import { readStoredCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { listBinnedGroups, listGroups } from '@/server/groups';
import { CustomsForm } from '@/ui/customs/CustomsForm';
import { GroupsEditor } from '@/ui/customs/GroupsEditor';
import { FallenBack } from '@/ui/customs/FallenBack';

export const metadata = { title: 'Customs' };

export default async function CustomsPage() {
  const open = await database();
  const { customs, version, fallenBack } = await readStoredCustoms(open);
  const [groups, binned] = [await listGroups(open), await listBinnedGroups(open)];
  return (
    <div className="max-w-5xl">
      <h1 className="mb-4">Customs</h1>
      <FallenBack fields={fallenBack} />
      <CustomsForm customs={customs} version={version} />
      <GroupsEditor groups={groups} binned={binned} />
    </div>
  );
}
