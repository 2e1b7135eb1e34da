'use client';

/** A field of whole seconds. */
export function Seconds({
  label,
  value,
  most,
  onKeep,
}: {
  label: string;
  value: number;
  most: number;
  onKeep: (seconds: number) => void;
}) {
  return (
    <label className="block">
      <span className="caption block">{label}</span>
      <span className="flex items-baseline gap-1">
        <input
          type="number"
          className="field w-20"
          min={0}
          max={most}
          step={5}
          value={value}
          onChange={(event) => onKeep(Math.min(most, Math.max(0, Number(event.target.value) || 0)))}
        />
        <span className="unit">s</span>
      </span>
    </label>
  );
}
