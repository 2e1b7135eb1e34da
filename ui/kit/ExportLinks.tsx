import { FORM_EXPORTS, PRACTICE_EXPORTS } from '@/core/formats/exports';

interface Props {
  readonly of: 'practices' | 'forms';
  readonly id: string;
  readonly className: string;
  /** What it is of, for those who hear the page; the short name is shown then. */
  readonly called?: string;
}

/** Every way of taking a practice or a form along. */
export function ExportLinks({ of, id, className, called }: Props) {
  const rows = of === 'practices' ? PRACTICE_EXPORTS : FORM_EXPORTS;
  return rows.map((row) => (
    <a key={row.id} className={className} href={`/api/${of}/${id}/export?as=${row.id}`} download>
      {called === undefined ? (
        row.label
      ) : (
        <>
          {row.short}
          <span className="sr-only"> of {called}</span>
        </>
      )}
    </a>
  ));
}
