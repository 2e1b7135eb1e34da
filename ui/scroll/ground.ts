import { round } from '@/ui/score/brush';

/** The brushed ground of a scroll, and what lies on it. All px. */

/** A line of the brush along the ground from one place to another: a little uneven, thin at both ends. */
export function groundPath(from: number, to: number, y: number): string {
  const wide = to - from;
  if (wide < 4) return '';
  const steps = Math.max(3, Math.round(wide / 60));
  const spots = Array.from({ length: steps + 1 }, (_, index) => {
    const t = index / steps;
    // Uneven like a hand, always in the same way: made of the place, not of chance.
    const at = from + wide * t;
    const uneven = Math.sin(at * 0.031) * 0.5 + Math.sin(at * 0.0713) * 0.4;
    const half = 0.25 + 1.05 * Math.sin(Math.PI * Math.min(1, Math.max(0, t))) ** 0.35;
    return { x: at, y: y + uneven, half };
  });
  const over = spots.map((spot) => `${round(spot.x)} ${round(spot.y - spot.half)}`);
  const under = [...spots].reverse().map((spot) => `${round(spot.x)} ${round(spot.y + spot.half)}`);
  return `M${over.join('L')}L${under.join('L')}Z`;
}

/** The shadow somebody keeps who stays: from the feet to where the stay ends. */
export function stayPath(from: number, to: number, y: number): string {
  const wide = to - from;
  if (wide < 8) return '';
  return `M${round(from - 10)} ${round(y + 1)}Q${round(from)} ${round(y - 4)} ${round(from + wide * 0.4)} ${round(y - 2)}L${round(to)} ${round(y + 1)}L${round(from + wide * 0.4)} ${round(y + 5)}Q${round(from)} ${round(y + 6.5)} ${round(from - 10)} ${round(y + 1)}Z`;
}

/** Footprints along the ground between two places, left and right by turns. */
export function footprints(from: number, to: number, y: number, stepPx = 13): string {
  const count = Math.floor((to - from) / stepPx);
  return Array.from({ length: Math.max(0, count) }, (_, index) => {
    const x = from + (index + 0.5) * stepPx;
    const aside = index % 2 === 0 ? 3.4 : 6.2;
    return `M${round(x)} ${round(y + aside)}h4.2a1.1 1.1 0 0 1 0 2.2h-4.2a1 1 0 0 1 0-2.2Z`;
  }).join('');
}
