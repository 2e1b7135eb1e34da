import { isOwnId, REPERTOIRE, withOwn } from '@/core/forms';
import { knownOf, rowOf } from '@/core/seek';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { listBinnedForms, readOwnWithUnreadable } from '@/server/forms';
import { unreadableRow } from '@/server/unreadable';
import { UnreadableRows } from '@/ui/kit/Unreadable';
import { FormsRoom } from '@/ui/forms/FormsRoom';

export const metadata = { title: 'Forms' };

type Query = Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
const one = (value: string | readonly string[] | undefined): string | undefined =>
  typeof value === 'string' ? value : value?.[0];

export default async function FormsPage({ searchParams }: { searchParams: Query }) {
  const open = await mine();
  const customs = await readCustoms(open);
  const { own, unreadable } = await readOwnWithUnreadable(open);
  const rows = withOwn(REPERTOIRE, own).map((form) => rowOf(form, customs, customs, isOwnId(form.id)));
  const query = await searchParams;
  const hold = one(query.hold);
  return (
    <>
      <UnreadableRows rows={unreadable.map(unreadableRow)} />
      <FormsRoom
        rows={rows}
        known={knownOf(rows)}
        question={(one(query.q) ?? '').slice(0, 200)}
        binned={await listBinnedForms(open)}
        hold={rows.some((row) => row.id === hold) ? hold : undefined}
      />
    </>
  );
}
