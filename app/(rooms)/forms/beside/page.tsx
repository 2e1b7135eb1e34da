import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { readRepertoire } from '@/server/forms';
import { Beside } from '@/ui/forms/Beside';

export const metadata = { title: 'Two forms side by side' };

type Query = Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;

export default async function BesidePage({ searchParams }: { searchParams: Query }) {
  const { a, b } = await searchParams;
  const open = await mine();
  const forms = await readRepertoire(open);
  const pair = [a, b].map((id) => forms.find((form) => form.id === id));
  return <Beside pair={[pair[0], pair[1]]} customs={await readCustoms(open)} />;
}
