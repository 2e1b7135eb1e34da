import type { Difference } from '@/core/forms';
import { sourceTitle } from '@/core/sources';

/** School beside school: what each says, and on whose word. */
export function Differences({ rows }: { rows: readonly Difference[] }) {
  if (rows.length === 0) return null;
  return (
    <section>
      <h2>Where schools differ</h2>
      {rows.map((row) => (
        <div key={row.point} className="mt-2">
          <h3 className="caption">{row.point}</h3>
          <ul className="grid gap-x-6 border-t border-hairline sm:grid-cols-2">
            {row.positions.map((position) => (
              <li
                key={`${position.school}-${position.says}`}
                className="border-b border-hairline py-1"
                title={sourceTitle(position.source)}
              >
                {position.says}
                <span className="quiet small block">{sourceTitle(position.source)}</span>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
