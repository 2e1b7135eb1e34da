import { DOUBLE_HOURS } from '@/core/almanac';
import { organ } from '@/core/phases';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { bandPath, onRing } from './polar';

interface Props {
  readonly solarHour: number;
  readonly clockHour: number;
  /** Index of the double hour that counts by the customs. */
  readonly currentIndex: number;
  readonly label: string;
}

/** Noon at the top, as in the year ring: an hour of the day as an angle. */
const angleOf = (hour: number): number => (hour - 12) * 15;

/** The day as a ring of twelve double hours: a filled hand for true solar time, an open one for the clock. */
export function HourRing({ solarHour, clockHour, currentIndex, label }: Props) {
  const solar = onRing(angleOf(solarHour), 120);
  const solarRoot = onRing(angleOf(solarHour), 84);
  const clock = onRing(angleOf(clockHour), 120);
  const clockRoot = onRing(angleOf(clockHour), 84);
  const now = DOUBLE_HOURS[currentIndex];
  return (
    <svg viewBox="-210 -210 420 420" role="img" aria-label={label} className="block h-auto w-full">
      {DOUBLE_HOURS.map((row, index) => {
        const from = angleOf(row.fromHour);
        const middle = onRing(from + 15, 141);
        const name = onRing(from + 15, 186);
        const { phase, channel } = organ(row.organ);
        const current = index === currentIndex;
        return (
          <g key={row.branch}>
            <path
              d={bandPath(from, from + 30, 124, 160)}
              fill={PHASE_VAR[phase]}
              fillOpacity={current ? 0.55 : 0.16}
              stroke="var(--paper)"
              strokeWidth={1.5}
            />
            <text
              x={middle.x}
              y={middle.y}
              dy="0.36em"
              textAnchor="middle"
              className="font-hanzi"
              fontSize={21}
              fontWeight={current ? 700 : 400}
              fill="var(--ink)"
              lang="zh"
            >
              {row.hanzi}
            </text>
            <text
              x={name.x}
              y={name.y}
              dy="0.36em"
              textAnchor="middle"
              className="font-sans"
              fontSize={20}
              fontWeight={current ? 700 : 400}
              fill={current ? 'var(--ink)' : 'var(--faded)'}
            >
              {channel}
            </text>
          </g>
        );
      })}
      <circle r={124} fill="none" stroke="var(--hairline)" />
      <circle r={160} fill="none" stroke="var(--ink)" strokeWidth={1.2} />
      {[0, 6, 12, 18].map((hour) => {
        const from = onRing(angleOf(hour), 160);
        const to = onRing(angleOf(hour), 168);
        return (
          <line key={hour} x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke="var(--ink)" strokeWidth={2} />
        );
      })}
      {now && (
        <>
          <text y={4} textAnchor="middle" className="font-hanzi" fontSize={38} fill="var(--ink)" lang="zh">
            {organ(now.organ).hanzi}
          </text>
          <text y={30} textAnchor="middle" className="font-sans" fontSize={17} fill="var(--faded)">
            {organ(now.organ).name}
          </text>
        </>
      )}
      <line
        x1={clockRoot.x}
        y1={clockRoot.y}
        x2={clock.x}
        y2={clock.y}
        stroke="var(--ink)"
        strokeWidth={1.4}
        strokeDasharray="4 3"
      />
      <circle cx={clock.x} cy={clock.y} r={5} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.6} />
      <line
        x1={solarRoot.x}
        y1={solarRoot.y}
        x2={solar.x}
        y2={solar.y}
        stroke="var(--ink)"
        strokeWidth={2.6}
      />
      <circle cx={solar.x} cy={solar.y} r={5.5} fill="var(--ink)" />
    </svg>
  );
}
