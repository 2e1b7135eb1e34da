import Link from 'next/link';
import type { Unreadable } from '@/core/documents';
import { pathText } from '@/core/formats/file';

/** Something stored that this version cannot read. */
export interface UnreadableShown {
  readonly kind: string;
  readonly id: string;
  readonly name: string;
  readonly problem: Unreadable;
}

/** Why something stored cannot be read, in a sentence. */
export function unreadableText(problem: Unreadable): string {
  switch (problem.code) {
    case 'no-document':
      return 'What is stored is not what it should be.';
    case 'newer':
      return `A later Navuren wrote it (version ${problem.version}; this one reads up to ${problem.reads}).`;
    case 'field': {
      const where = pathText(problem.path);
      return where === '' ? `It is ${problem.message}.` : `${where}: ${problem.message}.`;
    }
    default:
      return problem satisfies never;
  }
}

/** What cannot be read stands apart, with its raw file to save; the rest of the room works. */
export function UnreadableRows({ rows }: { rows: readonly UnreadableShown[] }) {
  if (rows.length === 0) return null;
  return (
    <ul role="status" aria-label="Cannot be read" className="should my-3 space-y-1">
      {rows.map(({ kind, id, name, problem }) => (
        <li key={`${kind}-${id}`}>
          “{name}” cannot be read by this version; nothing of it was touched. {unreadableText(problem)}{' '}
          <a className="press-plain" href={`/api/raw/${kind}/${encodeURIComponent(id)}`} download>
            Save its raw file<span className="sr-only"> of {name}</span>
          </a>
        </li>
      ))}
    </ul>
  );
}

/** In the place of a room whose document cannot be read. */
export function UnreadablePage({ row }: { row: UnreadableShown }) {
  return (
    <main className="p-6 sm:p-8">
      <h1>“{row.name}” cannot be read</h1>
      <UnreadableRows rows={[row]} />
      <Link className="press" href={row.kind === 'practice' ? '/shelf' : '/forms'}>
        {row.kind === 'practice' ? 'To the shelf' : 'To the forms'}
      </Link>
    </main>
  );
}
