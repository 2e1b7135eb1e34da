'use client';

import Link from 'next/link';
import { sameForm, type Form } from '@/core/forms';
import type { Edit, Practice } from '@/core/practice';

interface Props {
  readonly practice: Practice;
  /** Forms as they are now, where they differed when the practice was opened. */
  readonly changed: readonly Form[];
  readonly onEdit: (edit: Edit, said: string) => void;
}

/** Says which forms have changed since the practice was written, and offers the change; nothing is taken unasked. */
export function ChangedForms({ practice, changed, onEdit }: Props) {
  const open = changed.filter((form) => {
    const then = practice.forms[form.id];
    return then !== undefined && !sameForm(then, form);
  });
  if (open.length === 0) return null;
  return (
    <section aria-label="Forms changed since" className="watch my-3">
      <p>
        {open.length === 1 ? 'One form has' : `${open.length} forms have`} changed since this practice was
        written. It keeps them as they were until you take the change; undo brings them back.
      </p>
      <ul className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        {open.map((form) => (
          <li key={form.id}>
            <Link href={`/forms/${form.id}`}>{form.name}</Link>{' '}
            <button
              type="button"
              className="press-plain"
              onClick={() => onEdit({ kind: 'take-forms', forms: [form] }, `${form.name}: as it is now`)}
            >
              Take the change
            </button>
          </li>
        ))}
        {open.length > 1 && (
          <li>
            <button
              type="button"
              className="press-plain"
              onClick={() =>
                onEdit({ kind: 'take-forms', forms: open }, `${open.length} forms: as they are now`)
              }
            >
              Take all
            </button>
          </li>
        )}
      </ul>
    </section>
  );
}
