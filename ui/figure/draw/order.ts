import type { Spot } from '../view';

/** A part of the figure for the question which lies over which: balls that fill it, with their depths. */
export interface Part<Name extends string = string> {
  readonly name: Name;
  /** `from` names what the part grows out of there: between the two that place does not count. */
  readonly balls: readonly (Spot & { readonly r: number; readonly from?: string | undefined })[];
}

/** Whether the boxes round two parts touch. */
function mayMeet(a: Part, b: Part): boolean {
  const box = ({ balls }: Part): readonly [number, number, number, number] => {
    let [left, top, right, low] = [Infinity, Infinity, -Infinity, -Infinity];
    for (const { x, y, r } of balls) {
      left = Math.min(left, x - r);
      right = Math.max(right, x + r);
      top = Math.min(top, y - r);
      low = Math.max(low, y + r);
    }
    return [left, top, right, low];
  };
  const [p, q] = [box(a), box(b)];
  return p[0] < q[2] && q[0] < p[2] && p[1] < q[3] && q[1] < p[3];
}

/** Parts deeper apart than this are over and under each other, no more so the deeper, metres. */
const APART_M = 0.12;

/**
 * By how much one part lies over another in the picture: the depth between them where they overlap, weighed
 * by how far they do. Positive where `a` is nearer; 0 where they do not meet.
 */
export function overBy(a: Part, b: Part): number {
  let sum = 0;
  if (!mayMeet(a, b)) return sum;
  for (const p of a.balls) {
    if (p.from === b.name) continue;
    for (const q of b.balls) {
      if (q.from === a.name || (p.from !== undefined && p.from === q.from)) continue;
      const reach = p.r + q.r;
      const [dx, dy] = [p.x - q.x, p.y - q.y];
      if (Math.abs(dx) >= reach || Math.abs(dy) >= reach) continue;
      const shared = reach - Math.sqrt(dx * dx + dy * dy);
      if (shared > 0) sum += shared * shared * Math.max(-APART_M, Math.min(APART_M, p.depth - q.depth));
    }
  }
  return sum;
}

/** The parts from the farthest to the nearest. Where a ring of them lies over each other, its weakest link gives way. */
export function farFirst<Name extends string>(
  parts: readonly Part<Name>[],
  by: (a: Part<Name>, b: Part<Name>) => number = overBy,
): readonly Name[] {
  const over = parts.map(() => parts.map(() => 0));
  parts.forEach((a, one) => {
    parts.slice(0, one).forEach((b, other) => {
      const more = by(a, b);
      const [own, theirs] = [over[one], over[other]];
      if (own) own[other] = more;
      if (theirs) theirs[one] = -more;
    });
  });
  const left = parts.map((_, index) => index);
  const order: Name[] = [];
  while (left.length > 0) {
    // The one that has least to lie over among those left goes first.
    let [best, least] = [left[0] ?? 0, Infinity];
    for (const one of left) {
      const under = left.reduce((sum, other) => sum + Math.max(0, over[one]?.[other] ?? 0), 0);
      if (under < least - 1e-9) [best, least] = [one, under];
    }
    left.splice(left.indexOf(best), 1);
    const part = parts[best];
    if (part) order.push(part.name);
  }
  return order;
}
