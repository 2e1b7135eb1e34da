import type { MovementAsks } from '@/core/body';
import { askBars } from '@/ui/words/asks';

/** Seven tenths of a range is as far as is taught (common practice). */
const TAUGHT = 0.7;
const WIDE = 100;

/** What is asked of each joint against what it does, with a mark at seven tenths. */
export function AsksChart({ asked }: { asked: MovementAsks }) {
  const bars = askBars(asked);
  if (bars.length === 0) return <p>Nothing that could be measured.</p>;
  return (
    <table className="w-full">
      <caption className="sr-only">Measured on the figure, against the range of an ordinary body</caption>
      <tbody>
        {bars.map((bar) => (
          <tr key={bar.label}>
            <th scope="row" className="pr-2 text-left font-normal whitespace-nowrap">
              {bar.label}
            </th>
            <td className="w-full py-1" aria-hidden>
              <svg viewBox={`0 0 ${WIDE} 8`} preserveAspectRatio="none" className="block h-2.5 w-full">
                <line x1="0" x2={WIDE} y1="4" y2="4" stroke="var(--hairline)" strokeWidth="1" />
                <rect
                  x="0"
                  y="1"
                  height="6"
                  width={Math.min(WIDE, bar.share * WIDE)}
                  fill={bar.share > TAUGHT ? 'var(--ink)' : 'var(--faded)'}
                />
                <line
                  x1={TAUGHT * WIDE}
                  x2={TAUGHT * WIDE}
                  y1="0"
                  y2="8"
                  stroke="var(--ink)"
                  strokeWidth="0.8"
                />
              </svg>
            </td>
            <td className="figures pl-2 text-right whitespace-nowrap">{bar.value}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
