import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { SoundsRoom } from '@/ui/sounds/SoundsRoom';

export const metadata = { title: 'Sounds' };

type Query = Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;

export default async function SoundsPage({ searchParams }: { searchParams: Query }) {
  const { soundSchool, virtueSchool, ownVirtues } = await readCustoms(await database());
  const { q } = await searchParams;
  return (
    <SoundsRoom
      question={typeof q === 'string' ? q.slice(0, 200) : ''}
      school={soundSchool}
      virtueSchool={virtueSchool}
      ownVirtues={ownVirtues}
    />
  );
}
