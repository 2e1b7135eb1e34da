import { encode } from 'uqr';

/** A square that phones read (ISO/IEC 18004), as the outline of its dark fields. */
export interface Square {
  /** Its side, in fields. */
  readonly size: number;
  readonly path: string;
}

export function squareOf(text: string): Square {
  const { data, size } = encode(text, { ecc: 'M', border: 2 });
  const path = data
    .flatMap((row, y) => row.map((isDark, x) => (isDark ? `M${x} ${y}h1v1h-1z` : '')))
    .join('');
  return { size, path };
}
