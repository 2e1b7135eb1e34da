/** A square that phones read, dark on light in lamplight too: so they read it. */
export function PhoneSquare({
  square: { size, path },
  leadsTo,
  className,
}: {
  readonly square: { readonly size: number; readonly path: string };
  readonly leadsTo: string;
  readonly className: string;
}) {
  return (
    <svg
      className={className}
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label={`A square for phones that leads to ${leadsTo}`}
      shapeRendering="crispEdges"
    >
      <rect width="100%" height="100%" fill="white" />
      <path d={path} fill="black" />
    </svg>
  );
}
