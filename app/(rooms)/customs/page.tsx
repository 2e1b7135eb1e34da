import { readStoredCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { listBinnedGroups, listGroupsWithUnreadable } from '@/server/groups';
import { readOwnLayers } from '@/server/layers';
import { unreadableRow } from '@/server/unreadable';
import { isVeiled } from '@/server/veil';
import { CustomsForm } from '@/ui/customs/CustomsForm';
import { GroupsEditor } from '@/ui/customs/GroupsEditor';
import { CustomsSentences } from '@/ui/customs/CustomsSentences';
import { FallenBack } from '@/ui/customs/FallenBack';
import { now } from '@/ui/kit/now';
import { UnreadableRows } from '@/ui/kit/Unreadable';
import { customsSentences } from '@/ui/words/customsSentences';

export const metadata = { title: 'Customs' };

export default async function CustomsPage() {
  const open = await mine();
  const { customs, version, fallenBack } = await readStoredCustoms(open);
  const [{ groups, unreadable }, binned] = [
    await listGroupsWithUnreadable(open),
    await listBinnedGroups(open),
  ];
  return (
    <div className="max-w-5xl">
      <h1 className="mb-4">Customs</h1>
      <FallenBack fields={fallenBack} />
      <UnreadableRows rows={unreadable.map(unreadableRow)} />
      <CustomsSentences sentences={customsSentences(customs, now())} />
      <CustomsForm customs={customs} version={version} layers={await readOwnLayers(open)} />
      {(await isVeiled()) ? (
        <section aria-labelledby="groups" className="mt-10">
          <h2 id="groups">Groups</h2>
          <p className="reading quiet my-2">
            Not shown while the veil is down: they say what their people have.
          </p>
        </section>
      ) : (
        <GroupsEditor groups={groups} binned={binned} />
      )}
      <p className="mt-10 border-t border-hairline pt-4">
        <a className="press" href="/everything">
          Save everything, or bring it back
        </a>{' '}
        <a className="press" href="/door">
          Who may come in
        </a>
      </p>
    </div>
  );
}
