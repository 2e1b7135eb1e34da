import { FAMILIES } from '@/core/forms/model/terms';
import type { FormRow, Found } from '@/core/seek/seek';
import type { ReactNode } from 'react';
import { useGrowing } from '@/ui/kit/useGrowing';

interface Props {
  readonly found: Found;
  /** Nothing is asked for yet: the whole repertoire, family by family. */
  readonly byFamily: boolean;
  readonly line: (row: FormRow) => ReactNode;
  /** As a sheet to look at: figures on one ground, numbered; else as a list. */
  readonly plate: ((row: FormRow, number: number) => ReactNode) | undefined;
}

/** Rows in two columns, each row across first: columns that balance themselves jump whenever a row changes. */
const LIST = 'grid gap-x-10 xl:grid-cols-2';
const PLATE = 'grid grid-cols-[repeat(auto-fill,minmax(7.2rem,1fr))]';

/** The forms that answer, and those that do so only in a smaller variant. */
export function FormsFound({ found, byFamily, line, plate }: Props) {
  const most = useGrowing(found, found.rows.length + found.smaller.length, byFamily);
  const inOrder = byFamily
    ? FAMILIES.flatMap((family) => found.rows.filter((row) => row.family === family))
    : found.rows;
  const drawn = inOrder.slice(0, most);
  const smaller = found.smaller.slice(0, Math.max(0, most - inOrder.length));
  const rows = (members: readonly FormRow[]): ReactNode =>
    plate ? members.map((row, index) => plate(row, index + 1)) : members.map(line);
  return (
    <div>
      {found.rows.length === 0 && (
        <p className="reading quiet my-6">
          {found.smaller.length === 0
            ? 'No form answers to all of this. Take one wish away.'
            : 'No form answers to all of this as it is; these do in a smaller variant.'}
        </p>
      )}
      {byFamily ? (
        FAMILIES.map((family) => {
          const members = drawn.filter((row) => row.family === family);
          if (members.length === 0) return null;
          return (
            <section key={family} className="mb-5" aria-label={family}>
              <h2 className="caption border-b border-ink">{family}</h2>
              <ul className={plate ? PLATE : LIST}>{rows(members)}</ul>
            </section>
          );
        })
      ) : (
        <>
          {found.rows.length > 0 && (
            <ul
              className={plate ? `${PLATE} border-t border-ink` : `${LIST} border-t border-ink`}
              aria-label="Forms found"
            >
              {rows(drawn)}
            </ul>
          )}
          {smaller.length > 0 && (
            <section className="mt-5" aria-label="In a smaller variant">
              <h2 className="caption border-b border-ink">In a smaller variant</h2>
              <ul className={plate ? PLATE : LIST}>{rows(smaller)}</ul>
            </section>
          )}
        </>
      )}
    </div>
  );
}
