import type { Mouth as MouthNumbers } from '@/core/sounds';
import { frontLines, sideLines } from './mouthShape';

/** A mouth from the front and cut from the side, with the way of the air: drawn from numbers, as its words say. */
export function Mouth({
  mouth,
  label,
  height = 92,
  tint = 'var(--faded)',
}: {
  readonly mouth: MouthNumbers;
  readonly label: string;
  readonly height?: number;
  /** The pigment of the phase whose sound it is. */
  readonly tint?: string | undefined;
}) {
  const wash = `color-mix(in srgb, ${tint} 20%, var(--paper))`;
  const front = frontLines(mouth);
  const side = sideLines(mouth);
  const line = {
    fill: 'none',
    stroke: 'var(--ink)',
    strokeWidth: 1.7,
    strokeLinecap: 'round',
    strokeLinejoin: 'round',
  } as const;
  return (
    <svg
      viewBox="0 0 248 100"
      height={height}
      width={height * 2.48}
      role="img"
      aria-label={label}
      className="max-w-full"
    >
      <g transform="translate(0 4)">
        <path d={`${front.upperLip} ${front.lowerLip.replace('M', 'L')} Z`} fill={wash} stroke="none" />
        <path d={front.opening} fill="var(--paper)" stroke="none" />
        {front.tongue && <path d={front.tongue} fill={wash} stroke="var(--ink)" strokeWidth={0.9} />}
        {front.upperTeeth && <path d={front.upperTeeth} {...line} strokeWidth={0.9} fill="var(--leaf)" />}
        {front.lowerTeeth && <path d={front.lowerTeeth} {...line} strokeWidth={0.9} fill="var(--leaf)" />}
        <path d={front.opening} {...line} strokeWidth={1.3} />
        <path d={front.upperLip} {...line} />
        <path d={front.lowerLip} {...line} strokeWidth={2.3} />
      </g>
      <g transform="translate(124 0)">
        <path d={side.tongue} fill={wash} stroke="var(--ink)" strokeWidth={1.3} />
        <path d={side.upperTooth} {...line} strokeWidth={1} fill="var(--leaf)" />
        <path d={side.lowerTooth} {...line} strokeWidth={1} fill="var(--leaf)" />
        <path d={side.palate} {...line} />
        <path d={side.face} {...line} strokeWidth={2.1} />
        <path d={side.jaw} {...line} strokeWidth={2.1} />
        <path d={side.air} {...line} stroke={tint} strokeWidth={1.9} strokeDasharray="0.5 4.5" />
      </g>
    </svg>
  );
}
