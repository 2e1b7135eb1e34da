import { SOLAR_TERMS, type SeasonBand } from '@/core/almanac';
import { phaseName } from '@/core/phases';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { bandPath } from './polar';
import { RingStroke, RingText } from './RingText';

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
  /** Angle at which solar longitude 0° stands. */
  readonly turnDeg: number;
  readonly currentTerm: string;
  readonly label: string;
}

/** The year as a ring: spring rising on the left, summer at the top, today as a hand. */
export function YearRing({ bands, todayDeg, classes, turnDeg, currentTerm, label }: Props) {
  return (
    <svg viewBox="-320 -320 640 640" role="img" aria-label={label} className="block h-auto w-full">
      {bands.map((band) => {
        const sweep = (((band.toDeg - band.fromDeg) % 360) + 360) % 360;
        return (
          <g key={`${band.season}-${band.phase}-${band.fromDeg}`}>
            <path
              d={bandPath(band.fromDeg, band.toDeg, 226, 254)}
              fill={PHASE_VAR[band.phase]}
              fillOpacity={band.earth ? 0.5 : 0.22}
              stroke="var(--paper)"
              strokeWidth={1.5}
            />
            <RingText angleDeg={band.fromDeg + sweep / 2} radius={240} size={band.earth ? 17 : 22} hanzi>
              {phaseName(band.phase).hanzi}
            </RingText>
          </g>
        );
      })}
      <circle r={226} fill="none" stroke="var(--hairline)" />
      <circle r={254} fill="none" stroke="var(--ink)" strokeWidth={1.2} />
      {SOLAR_TERMS.map((term) => {
        const angleDeg = term.longitudeDeg + turnDeg;
        const turning = term.longitudeDeg % 45 === 0;
        const current = term.id === currentTerm;
        return (
          <g key={term.id}>
            <RingStroke angleDeg={angleDeg} from={254} to={turning ? 272 : 263} width={turning ? 2 : 1} />
            <RingText
              angleDeg={angleDeg}
              radius={293}
              size={current ? 23 : 20}
              strong={current}
              ink={current ? 'var(--ink)' : 'var(--faded)'}
              hanzi
            >
              {term.hanzi}
            </RingText>
          </g>
        );
      })}
      {classes.map((mark) => (
        <RingStroke
          key={`${mark.label}-${mark.angleDeg}`}
          angleDeg={mark.angleDeg}
          from={224}
          to={214}
          width={1.3}
          title={mark.label}
        />
      ))}
      <RingStroke angleDeg={todayDeg} from={205} to={262} width={4} round />
    </svg>
  );
}
