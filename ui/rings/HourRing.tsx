import { DOUBLE_HOURS } from '@/core/almanac';
import { organ } from '@/core/phases';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { bandPath, onRing } from './polar';
import { RingStroke, RingText } from './RingText';

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
  const solar = onRing(angleOf(solarHour), 118);
  const clock = onRing(angleOf(clockHour), 118);
  const now = DOUBLE_HOURS[currentIndex];
  return (
    <svg viewBox="-210 -210 420 420" role="img" aria-label={label} className="block h-auto w-full">
      {DOUBLE_HOURS.map((row, index) => {
        const from = angleOf(row.fromHour);
        const { phase, channel } = organ(row.organ);
        const current = index === currentIndex;
        return (
          <g key={row.branch}>
            <path
              d={bandPath(from, from + 30, 124, 160)}
              fill={PHASE_VAR[phase]}
              fillOpacity={current ? 0.5 : 0.16}
              stroke="var(--paper)"
              strokeWidth={1.5}
            />
            <RingText angleDeg={from + 15} radius={141} size={21} strong={current} hanzi>
              {row.hanzi}
            </RingText>
            <RingText
              angleDeg={from + 15}
              radius={186}
              size={20}
              strong={current}
              ink={current ? 'var(--ink)' : 'var(--faded)'}
            >
              {channel}
            </RingText>
          </g>
        );
      })}
      <circle r={124} fill="none" stroke="var(--hairline)" />
      <circle r={160} fill="none" stroke="var(--ink)" strokeWidth={1.2} />
      {[0, 6, 12, 18].map((hour) => (
        <RingStroke key={hour} angleDeg={angleOf(hour)} from={160} to={168} width={2} />
      ))}
      {now && (
        <>
          <text
            y={2}
            textAnchor="middle"
            className="font-hanzi"
            fontSize={40}
            fill="var(--ink)"
            lang="zh-Hant"
          >
            {organ(now.organ).hanzi}
          </text>
          <text y={30} textAnchor="middle" className="font-sans" fontSize={19} fill="var(--faded)">
            {organ(now.organ).name}
          </text>
        </>
      )}
      <RingStroke angleDeg={angleOf(clockHour)} from={84} to={114} width={1.4} dashed />
      <circle cx={clock.x} cy={clock.y} r={5} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.6} />
      <RingStroke angleDeg={angleOf(solarHour)} from={84} to={118} width={2.6} />
      <circle cx={solar.x} cy={solar.y} r={5.5} fill="var(--ink)" />
    </svg>
  );
}
