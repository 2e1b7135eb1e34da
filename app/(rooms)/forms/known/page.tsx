import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { readRepertoire } from '@/server/forms';
import { KnownRoom } from '@/ui/forms/KnownRoom';

export const metadata = { title: 'What a teacher names first' };

export default async function KnownPage() {
  const open = await mine();
  return <KnownRoom repertoire={await readRepertoire(open)} customs={await readCustoms(open)} />;
}
