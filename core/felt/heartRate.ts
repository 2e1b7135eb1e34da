/**
 * The bytes of a heart-rate strap: the characteristic Heart Rate Measurement (0x2A37) of the Heart Rate Service
 * (0x180D), Bluetooth SIG, Heart Rate Service 1.0, section 3.1 (from memory). Little end first.
 */
export const HEART_RATE_SERVICE = 0x180d;
export const HEART_RATE_MEASUREMENT = 0x2a37;

const FLAGS = { wide: 0x01, contact: 0x02, canFeel: 0x04, energy: 0x08, intervals: 0x10 } as const;
/** Intervals are told in parts of a second. */
const PARTS_A_SECOND = 1024;

/** One notification of a strap. */
export interface HeartBeat {
  /** Beats a minute, a whole number, 0–65535. */
  readonly perMin: number;
  /** Whether the strap lies on skin; nothing where it cannot tell. */
  readonly onSkin: boolean | undefined;
  /** Energy spent since it was last set back, kJ; nothing where it is not told. */
  readonly energyKj: number | undefined;
  /** Intervals between beats since the last notification, ms, oldest first. */
  readonly intervalsMs: readonly number[];
}

/** Reads a notification; nothing where it is cut off. */
export function readHeartBeat(bytes: DataView): HeartBeat | undefined {
  if (bytes.byteLength < 2) return undefined;
  const flags = bytes.getUint8(0);
  const has = (flag: number): boolean => (flags & flag) !== 0;
  let at = 1;
  const left = (count: number): boolean => at + count <= bytes.byteLength;
  const word = (): number => {
    at += 2;
    return bytes.getUint16(at - 2, true);
  };
  if (has(FLAGS.wide) && !left(2)) return undefined;
  const perMin = has(FLAGS.wide) ? word() : bytes.getUint8(at++);
  if (has(FLAGS.energy) && !left(2)) return undefined;
  const energyKj = has(FLAGS.energy) ? word() : undefined;
  const intervalsMs: number[] = [];
  while (has(FLAGS.intervals) && left(2)) intervalsMs.push((word() * 1000) / PARTS_A_SECOND);
  return {
    perMin,
    onSkin: has(FLAGS.canFeel) ? has(FLAGS.contact) : undefined,
    energyKj,
    intervalsMs,
  };
}

/** Writes a notification as a strap would; rates over 255 take two bytes. */
export function writeHeartBeat({ perMin, onSkin, energyKj, intervalsMs }: HeartBeat): DataView {
  const isWide = perMin > 255;
  const flags =
    (isWide ? FLAGS.wide : 0) |
    (onSkin === undefined ? 0 : FLAGS.canFeel) |
    (onSkin ? FLAGS.contact : 0) |
    (energyKj === undefined ? 0 : FLAGS.energy) |
    (intervalsMs.length > 0 ? FLAGS.intervals : 0);
  const words = [
    ...(isWide ? [perMin] : []),
    ...(energyKj === undefined ? [] : [energyKj]),
    ...intervalsMs.map((ms) => Math.round((ms * PARTS_A_SECOND) / 1000)),
  ];
  const begins = isWide ? 1 : 2;
  const bytes = new DataView(new ArrayBuffer(begins + 2 * words.length));
  bytes.setUint8(0, flags);
  if (!isWide) bytes.setUint8(1, perMin);
  words.forEach((value, index) => bytes.setUint16(begins + 2 * index, value, true));
  return bytes;
}
