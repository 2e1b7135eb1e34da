import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { readRepertoire } from '@/server/forms';
import { Beside } from '@/ui/forms/Beside';

export const metadata = { title: 'Two forms side by side' };

type Query = Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;

export default async function BesidePage({ searchParams }: { searchParams: Query }) {
  const { a, b } = await searchParams;
  const open = await database();
  const forms = await readRepertoire(open);
  const pair = [a, b].map((id) => forms.find((form) => form.id === id));
  return <Beside pair={[pair[0], pair[1]]} customs={await readCustoms(open)} />;
}
