import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { listBinnedLayers, listLayers } from '@/server/layers';
import { unreadableRow } from '@/server/unreadable';
import { BreathsRoom } from '@/ui/breaths/BreathsRoom';
import { UnreadableRows } from '@/ui/kit/Unreadable';

export const metadata = { title: 'Breaths' };

type Query = Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;

export default async function BreathsPage({ searchParams }: { searchParams: Query }) {
  const open = await mine();
  const { breathsPerMin, outToIn } = await readCustoms(open);
  const { readable, unreadable } = await listLayers(open, 'breath');
  const { q } = await searchParams;
  return (
    <>
      <UnreadableRows rows={unreadable.map(unreadableRow)} />
      <BreathsRoom
        pace={{ breathsPerMin, outToIn }}
        question={typeof q === 'string' ? q.slice(0, 200) : ''}
        own={readable.flatMap((one) => (one.kind === 'breath' ? [one.layer] : []))}
        binned={await listBinnedLayers(open, 'breath')}
      />
    </>
  );
}
