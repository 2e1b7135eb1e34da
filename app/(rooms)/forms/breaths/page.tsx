import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { BreathsRoom } from '@/ui/breaths/BreathsRoom';

export const metadata = { title: 'Breaths' };

type Query = Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;

export default async function BreathsPage({ searchParams }: { searchParams: Query }) {
  const { breathsPerMin, outToIn } = await readCustoms(await database());
  const { q } = await searchParams;
  return (
    <BreathsRoom pace={{ breathsPerMin, outToIn }} question={typeof q === 'string' ? q.slice(0, 200) : ''} />
  );
}
