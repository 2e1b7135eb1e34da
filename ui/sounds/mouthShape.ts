import type { Mouth } from '@/core/sounds';

/** The lines of a drawn mouth, from its numbers: seen from the front, and cut through the middle from the side. */

const n = (value: number): string => value.toFixed(1);
const p = (x: number, y: number): string => `${n(x)} ${n(y)}`;

/** Paths of the front view, in a box of 120 × 90. */
export interface FrontLines {
  readonly upperLip: string;
  readonly lowerLip: string;
  readonly opening: string;
  readonly upperTeeth: string | undefined;
  readonly lowerTeeth: string | undefined;
  readonly tongue: string | undefined;
}

const MIDDLE = { x: 60, y: 44 } as const;

export function frontLines(mouth: Mouth): FrontLines {
  const { x, y } = MIDDLE;
  const round = Math.max(0, -mouth.spread);
  const wide = Math.max(0, mouth.spread);
  const half = 25 + 11 * wide - 15 * round;
  const high = mouth.lips === 0 ? 0 : 3 + 15 * mouth.lips * (0.35 + 0.65 * mouth.jaw) + 4 * round;
  // Corners drawn back rise a little, as in the beginning of a smile.
  const lift = 3 * wide;
  const corner = (side: -1 | 1, out: number): string => p(x + side * (half + out), y - lift);
  const full = 6 + 3 * mouth.pout;
  const opening =
    high === 0
      ? `M${corner(-1, 0)} Q${p(x, y + 2)} ${corner(1, 0)}`
      : `M${corner(-1, 0)} C${p(x - half * 0.5, y - high)} ${p(x + half * 0.5, y - high)} ${corner(1, 0)} C${p(x + half * 0.55, y + high * 1.15)} ${p(x - half * 0.55, y + high * 1.15)} ${corner(-1, 0)} Z`;
  const top = y - high * 0.75 - full;
  const bow = 8 - 3 * round;
  const upperLip = `M${corner(-1, 5)} C${p(x - half * 0.6, top + 1)} ${p(x - bow, top - 3 + 3 * round)} ${p(x, top + 2)} C${p(x + bow, top - 3 + 3 * round)} ${p(x + half * 0.6, top + 1)} ${corner(1, 5)}`;
  const low = y + high * 0.87 + full * 1.25;
  const lowerLip = `M${corner(-1, 5)} C${p(x - half * 0.55, low)} ${p(x + half * 0.55, low)} ${corner(1, 5)}`;
  const gap = mouth.teeth * high * 0.7;
  const inner = high * 0.62;
  const row = (from: number, to: number, span: number): string | undefined =>
    to - from < 1
      ? undefined
      : `M${p(x - span, from)} L${p(x + span, from)} L${p(x + span * 0.9, to)} Q${p(x, to + 1)} ${p(x - span * 0.9, to)} Z`;
  return {
    upperLip,
    lowerLip,
    opening,
    upperTeeth: row(y - inner, y - gap, half * 0.62),
    lowerTeeth: row(y + gap * 0.9, y + inner * 0.92, half * 0.55),
    tongue:
      high < 6 || mouth.teeth < 0.2
        ? undefined
        : `M${p(x - half * 0.5, y + high * 0.72)} Q${p(x, y + high * (0.72 - 1.1 * mouth.tongue))} ${p(x + half * 0.5, y + high * 0.72)} Q${p(x, y + high * 0.95)} ${p(x - half * 0.5, y + high * 0.72)} Z`,
  };
}

/** Paths of the side view, facing left, in a box of 120 × 100. */
export interface SideLines {
  readonly face: string;
  readonly palate: string;
  readonly jaw: string;
  readonly upperTooth: string;
  readonly lowerTooth: string;
  readonly tongue: string;
  readonly air: string;
}

export function sideLines(mouth: Mouth): SideLines {
  const drop = 19 * mouth.jaw;
  const part = mouth.lips === 0 ? 0 : 2 + 9 * mouth.lips + drop * 0.25;
  const out = 7 * mouth.pout - 3 * Math.max(0, mouth.spread);
  const lipY = 47 - part * 0.35;
  const underY = 49 + part * 0.65 + drop * 0.45;
  const lipX = 27 - out;
  const chinY = 76 + drop * 0.75;
  const upper = { x: 34, y: 50 } as const;
  const lower = { x: 36, y: 51 + 2 * mouth.teeth + drop * 0.75 } as const;
  const face = `M${p(30, 10)} L${p(20, 30)} Q${p(22, 34)} ${p(30, 34)} Q${p(32, 38)} ${p(30, 40)} Q${p(lipX - 3, lipY - 6)} ${p(lipX, lipY)} Q${p(lipX + 3, lipY + 2)} ${p(32, lipY + 1)}`;
  const jaw = `M${p(33, underY)} Q${p(lipX + 3, underY - 1)} ${p(lipX + 1, underY + 3)} Q${p(lipX + 1, underY + 8)} ${p(31, underY + 10)} Q${p(27, chinY - 4)} ${p(34, chinY)} Q${p(48, chinY + 4)} ${p(60, chinY + 2)} Q${p(64, chinY + 4)} ${p(65, 100)}`;
  const palate = `M${p(upper.x, 42)} Q${p(40, 33)} ${p(56, 30)} Q${p(78, 28)} ${p(90, 44)} Q${p(95, 53)} ${p(91, 58)}`;
  // The body of the tongue rises towards the palate, before or behind; its tip is a place of its own.
  const top = { x: 82 - 36 * mouth.front, y: 74 - 38 * mouth.tongue + drop * (1 - mouth.tongue) * 0.5 };
  const tip = { x: 42 - 2 * mouth.front, y: lower.y + 6 - (lower.y - 44) * mouth.tip };
  const tongue = `M${p(94, 98)} C${p(97, 70)} ${p(top.x + 18, top.y)} ${p(top.x, top.y)} C${p(top.x - 10, top.y)} ${p(tip.x + 6, tip.y - 5)} ${p(tip.x, tip.y)} Q${p(tip.x + 2, tip.y + 6)} ${p(54, tip.y + 12 + drop * 0.2)} Q${p(66, tip.y + 18 + drop * 0.2)} ${p(72, 98)} Z`;
  const middleY = (lipY + underY) / 2;
  const air =
    mouth.lips === 0
      ? `M${p(104, 92)} C${p(106, 62)} ${p(98, 46)} ${p(84, 24)} C${p(66, 18)} ${p(44, 20)} ${p(26, 31)} L${p(12, 44)}`
      : `M${p(104, 92)} C${p(104, 60)} ${p(96, 46)} ${p(top.x, Math.min(top.y - 5, 46))} C${p(top.x - 14, Math.min(top.y - 4, 46))} ${p(48, middleY - 2)} ${p(36, middleY)} L${p(6, middleY + 1 - out * 0.1)}`;
  return {
    face,
    palate,
    jaw,
    upperTooth: `M${p(upper.x - 1, 42)} L${p(upper.x + 4, 42)} L${p(upper.x + 2, upper.y)} Z`,
    lowerTooth: `M${p(lower.x - 1, lower.y + 8)} L${p(lower.x + 4, lower.y + 8)} L${p(lower.x + 2, lower.y)} Z`,
    tongue,
    air,
  };
}
