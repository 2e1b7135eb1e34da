import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { listBinnedLayers, listLayers } from '@/server/layers';
import { unreadableRow } from '@/server/unreadable';
import { UnreadableRows } from '@/ui/kit/Unreadable';
import { SoundsRoom } from '@/ui/sounds/SoundsRoom';

export const metadata = { title: 'Sounds' };

type Query = Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;

export default async function SoundsPage({ searchParams }: { searchParams: Query }) {
  const open = await mine();
  const { soundSchool, virtueSchool, ownVirtues } = await readCustoms(open);
  const { readable, unreadable } = await listLayers(open, 'sound');
  const { q } = await searchParams;
  return (
    <>
      <UnreadableRows rows={unreadable.map(unreadableRow)} />
      <SoundsRoom
        question={typeof q === 'string' ? q.slice(0, 200) : ''}
        school={soundSchool}
        virtueSchool={virtueSchool}
        ownVirtues={ownVirtues}
        own={readable.flatMap((one) => (one.kind === 'sound' ? [one.layer] : []))}
        binned={await listBinnedLayers(open, 'sound')}
      />
    </>
  );
}
