import type { RangeUse } from '@/core/body';
import { sourceTitle } from '@/core/sources';

const SHOWN = 6;
/** Stay within about seven tenths of a range (common practice). */
const EASY_SHARE = 0.7;

/** How far the joints are bent against their limits, the most used first. */
export function RangeTable({ uses }: { uses: readonly RangeUse[] }) {
  return (
    <table className="small mx-auto mt-2 text-left">
      <caption className="caption text-left">
        range against limit at the end of the stroke ({sourceTitle('aaos-ranges')})
      </caption>
      <tbody>
        {uses.slice(0, SHOWN).map((use) => (
          <tr key={use.range} className="border-b border-hairline">
            <th className="py-0.5 pr-3 font-normal">
              {use.side && `${use.side} `}
              {use.joint} {use.motion}
            </th>
            <td className="figures pr-3 text-right whitespace-nowrap">
              {Math.round(use.angleDeg)}° <span className="quiet">of {use.limitDeg}°</span>
            </td>
            <td className="w-28">
              <svg viewBox="0 0 100 8" className="block h-2 w-full" aria-hidden>
                <rect width="100" height="8" fill="var(--hairline)" />
                <rect width={Math.min(100, use.share * 100).toFixed(1)} height="8" fill="var(--ink)" />
                <line
                  x1={EASY_SHARE * 100}
                  x2={EASY_SHARE * 100}
                  y2="8"
                  stroke="var(--paper)"
                  strokeWidth="1.5"
                />
              </svg>
            </td>
            <td className="quiet pl-3">{use.share > EASY_SHARE ? 'more than is easy' : ''}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
