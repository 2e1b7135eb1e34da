import type { ReactNode } from 'react';

/** One of those held beside one another. */
export interface Column {
  readonly id: string;
  readonly name: string;
  readonly picture: ReactNode;
  /** What is compared, in the order of `rows`. */
  readonly cells: readonly ReactNode[];
}

/** Two or three held beside one another, row by row; where they are alike is quiet, where they differ is not. */
export function Beside({
  title,
  rows,
  columns,
  onLetGo,
}: {
  readonly title: string;
  readonly rows: readonly string[];
  readonly columns: readonly Column[];
  readonly onLetGo: () => void;
}) {
  const isAlike = (row: number): boolean =>
    columns.length > 1 && columns.every(({ cells }) => cells[row] === columns[0]?.cells[row]);
  return (
    <section aria-label={title} className="my-4 border-y border-ink py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="caption">{title}</h2>
        <button type="button" className="press-plain" onClick={onLetGo}>
          Let go
        </button>
      </div>
      {columns.length === 1 ? (
        <p role="status">
          Holding <strong className="font-medium">{columns[0]?.name}</strong>; hold another beside it.
        </p>
      ) : (
        <div className="overflow-x-auto">
          <table className="mt-1 w-full min-w-136 table-fixed border-collapse text-left align-top">
            <thead>
              <tr>
                <th scope="col" className="w-28">
                  <span className="sr-only">What is compared</span>
                </th>
                {columns.map(({ id, name, picture }) => (
                  <th key={id} scope="col" className="pr-6 pb-1 align-bottom font-normal">
                    <span className="font-serif text-[1.2rem]">{name}</span>
                    {picture}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row, index) => (
                <tr key={row} className="border-t border-hairline">
                  <th scope="row" className="caption py-1 pr-3 align-top font-normal">
                    {row}
                  </th>
                  {columns.map(({ id, cells }) => (
                    <td key={id} className={`py-1 pr-6 align-top ${isAlike(index) ? 'quiet' : ''}`}>
                      {cells[index]}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}

/** The most that are held beside one another. */
export const MOST_HELD = 3;

/** Held and let go again; the oldest gives way. */
export const held = (now: readonly string[], id: string): readonly string[] =>
  now.includes(id) ? now.filter((other) => other !== id) : [...now.slice(1 - MOST_HELD), id];
