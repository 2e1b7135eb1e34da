import { onRing } from './polar';

interface Props {
  readonly angleDeg: number;
  readonly radius: number;
  readonly size: number;
  readonly strong?: boolean;
  readonly ink?: string;
  /** Chinese characters take the Chinese face. */
  readonly hanzi?: boolean;
  readonly children: string;
}

/** A word standing upright at a place on a ring. */
export function RingText({
  angleDeg,
  radius,
  size,
  strong = false,
  ink = 'var(--ink)',
  hanzi = false,
  children,
}: Props) {
  const at = onRing(angleDeg, radius);
  return (
    <text
      x={at.x}
      y={at.y}
      dy="0.36em"
      textAnchor="middle"
      className={hanzi ? 'font-hanzi' : 'font-sans'}
      fontSize={size}
      fontWeight={strong ? 700 : 400}
      fill={ink}
      lang={hanzi ? 'zh' : undefined}
    >
      {children}
    </text>
  );
}

/** A stroke across a ring, from one radius to another. */
export function RingStroke({
  angleDeg,
  from,
  to,
  width,
  round = false,
  dashed = false,
  title,
}: {
  angleDeg: number;
  from: number;
  to: number;
  width: number;
  round?: boolean;
  dashed?: boolean;
  title?: string;
}) {
  const a = onRing(angleDeg, from);
  const b = onRing(angleDeg, to);
  return (
    <line
      x1={a.x}
      y1={a.y}
      x2={b.x}
      y2={b.y}
      stroke="var(--ink)"
      strokeWidth={width}
      strokeLinecap={round ? 'round' : 'butt'}
      strokeDasharray={dashed ? '4 3' : undefined}
    >
      {title !== undefined && <title>{title}</title>}
    </line>
  );
}
