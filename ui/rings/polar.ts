/** A place on a ring: angle in degrees clockwise from the top, radius in drawing units. */
export function onRing(angleDeg: number, radius: number): { readonly x: number; readonly y: number } {
  const radians = ((angleDeg - 90) * Math.PI) / 180;
  // Two decimals: what the server draws and what the browser draws must be the same text.
  return {
    x: Math.round(radius * Math.cos(radians) * 100) / 100,
    y: Math.round(radius * Math.sin(radians) * 100) / 100,
  };
}

/** A band of a ring between two angles (clockwise) and two radii, as an SVG path. */
export function bandPath(fromDeg: number, toDeg: number, inner: number, outer: number): string {
  const sweep = (((toDeg - fromDeg) % 360) + 360) % 360 || 360;
  const large = sweep > 180 ? 1 : 0;
  const end = fromDeg + Math.min(sweep, 359.99);
  const a = onRing(fromDeg, outer);
  const b = onRing(end, outer);
  const c = onRing(end, inner);
  const d = onRing(fromDeg, inner);
  return `M${a.x} ${a.y}A${outer} ${outer} 0 ${large} 1 ${b.x} ${b.y}L${c.x} ${c.y}A${inner} ${inner} 0 ${large} 0 ${d.x} ${d.y}Z`;
}
