import { SOLAR_TERMS, type SeasonBand } from '@/core/almanac';
import { phaseName } from '@/core/phases';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { bandPath, onRing } from './polar';

export interface ClassMark {
  readonly angleDeg: number;
  readonly label: string;
}

interface Props {
  /** Bands of the year as angles; the summer solstice of this hemisphere stands at the top. */
  readonly bands: readonly (Pick<SeasonBand, 'phase' | 'earth' | 'season'> & {
    readonly fromDeg: number;
    readonly toDeg: number;
  })[];
  readonly todayDeg: number;
  readonly classes: readonly ClassMark[];
  /** Angle at which a solar longitude stands. */
  readonly turnDeg: number;
  readonly currentTerm: string;
  readonly label: string;
}

/** The year as a ring: spring rising on the left, summer at the top, today as a hand. */
export function YearRing({ bands, todayDeg, classes, turnDeg, currentTerm, label }: Props) {
  const hand = onRing(todayDeg, 205);
  const tip = onRing(todayDeg, 262);
  return (
    <svg viewBox="-320 -320 640 640" role="img" aria-label={label} className="block h-auto w-full">
      {bands.map((band) => {
        const sweep = (((band.toDeg - band.fromDeg) % 360) + 360) % 360;
        const middle = onRing(band.fromDeg + sweep / 2, 240);
        return (
          <g key={`${band.season}-${band.phase}-${band.fromDeg}`}>
            <path
              d={bandPath(band.fromDeg, band.toDeg, 226, 254)}
              fill={PHASE_VAR[band.phase]}
              fillOpacity={band.earth ? 0.5 : 0.22}
              stroke="var(--paper)"
              strokeWidth={1.5}
            />
            <text
              x={middle.x}
              y={middle.y}
              dy="0.36em"
              textAnchor="middle"
              className="font-hanzi"
              fontSize={band.earth ? 17 : 22}
              fill="var(--ink)"
              lang="zh"
            >
              {phaseName(band.phase).hanzi}
            </text>
          </g>
        );
      })}
      <circle r={226} fill="none" stroke="var(--hairline)" />
      <circle r={254} fill="none" stroke="var(--ink)" strokeWidth={1.2} />
      {SOLAR_TERMS.map((term) => {
        const angle = term.longitudeDeg + turnDeg;
        const from = onRing(angle, 254);
        const to = onRing(angle, term.longitudeDeg % 45 === 0 ? 272 : 263);
        const text = onRing(angle, 293);
        const current = term.id === currentTerm;
        return (
          <g key={term.id}>
            <line
              x1={from.x}
              y1={from.y}
              x2={to.x}
              y2={to.y}
              stroke="var(--ink)"
              strokeWidth={term.longitudeDeg % 45 === 0 ? 2 : 1}
            />
            <text
              x={text.x}
              y={text.y}
              dy="0.36em"
              textAnchor="middle"
              className="font-hanzi"
              fontSize={current ? 23 : 20}
              fontWeight={current ? 700 : 400}
              fill={current ? 'var(--ink)' : 'var(--faded)'}
              lang="zh"
            >
              {term.hanzi}
            </text>
          </g>
        );
      })}
      {classes.map((mark) => {
        const from = onRing(mark.angleDeg, 224);
        const to = onRing(mark.angleDeg, 214);
        return (
          <line
            key={`${mark.label}-${mark.angleDeg}`}
            x1={from.x}
            y1={from.y}
            x2={to.x}
            y2={to.y}
            stroke="var(--ink)"
            strokeWidth={1.3}
          >
            <title>{mark.label}</title>
          </line>
        );
      })}
      <line
        x1={hand.x}
        y1={hand.y}
        x2={tip.x}
        y2={tip.y}
        stroke="var(--ink)"
        strokeWidth={4}
        strokeLinecap="round"
      />
    </svg>
  );
}
