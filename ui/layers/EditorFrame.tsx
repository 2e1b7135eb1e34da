import Link from 'next/link';
import type { ReactNode } from 'react';
import type { LayerEditing } from './useLayerEditing';

interface Props<Layer> {
  readonly at: LayerEditing<Layer>;
  readonly title: string;
  readonly room: string;
  /** What it comes to, drawn; it stays in sight while one writes. */
  readonly shown: ReactNode;
  readonly children: ReactNode;
}

/** The frame of a breath or sound being written: its picture, what stands in the way, and keeping it. */
export function EditorFrame<Layer>({ at, title, room, shown, children }: Props<Layer>) {
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        at.save();
      }}
    >
      <div className="mb-3 flex flex-wrap items-baseline justify-between gap-x-4 gap-y-2">
        <h1>{title}</h1>
        <span className="flex flex-wrap gap-1.5">
          <Link className="press" href={room}>
            Leave it
          </Link>
          <button type="submit" className="press press-main" disabled={at.isSaving}>
            Keep it
          </button>
        </span>
      </div>
      {at.isRestored && (
        <p className="watch small mb-2">
          This is the draft this browser kept from before.{' '}
          <button type="button" className="press-plain" onClick={at.startAnew}>
            Begin again
          </button>
        </p>
      )}
      {!at.isKept && (
        <p role="status" className="should small mb-2">
          This browser keeps no drafts just now: keep it before you leave or reload the page.
        </p>
      )}
      {at.problem && (
        <p role="alert" className="must mb-2">
          {at.problem}
        </p>
      )}
      <div className="grid gap-x-10 gap-y-4 lg:grid-cols-[20rem_minmax(0,1fr)]">
        <aside aria-label="What it comes to" className="self-start lg:sticky lg:top-4">
          {shown}
        </aside>
        <div className="space-y-5">{children}</div>
      </div>
    </form>
  );
}

/** A few fields that belong together. */
export function Fields({ legend, children }: { readonly legend: string; readonly children: ReactNode }) {
  return (
    <fieldset className="border-t border-ink pt-2">
      <legend className="caption pr-3">{legend}</legend>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">{children}</div>
    </fieldset>
  );
}

/** A line of words. */
export function Line({
  label,
  value,
  most = 240,
  isWide = false,
  onValue,
}: {
  readonly label: string;
  readonly value: string;
  readonly most?: number;
  readonly isWide?: boolean;
  readonly onValue: (value: string) => void;
}) {
  return (
    <label className={isWide ? 'block sm:col-span-2' : 'block'}>
      <span className="quiet small">{label}</span>
      <input
        className="field"
        value={value}
        maxLength={most}
        onChange={(event) => onValue(event.target.value)}
      />
    </label>
  );
}

/** A number, with its unit and step; what is no number yet is left as it was. */
export function Figure({
  label,
  unit,
  value,
  least,
  most,
  step = 1,
  onValue,
}: {
  readonly label: string;
  readonly unit: string;
  readonly value: number | undefined;
  readonly least: number;
  readonly most: number;
  readonly step?: number;
  readonly onValue: (value: number | undefined) => void;
}) {
  return (
    <label className="block">
      <span className="quiet small">
        {label} <span className="unit">{unit}</span>
      </span>
      <input
        type="number"
        className="field figures"
        min={least}
        max={most}
        step={step}
        value={value ?? ''}
        onChange={({ target: { value: text } }) => onValue(text === '' ? undefined : Number(text))}
      />
    </label>
  );
}

/** What is there or is not. */
export function Tick({
  label,
  checked,
  onChecked,
}: {
  readonly label: string;
  readonly checked: boolean;
  readonly onChecked: (checked: boolean) => void;
}) {
  return (
    <label className="inline-flex items-baseline gap-1.5">
      <input
        type="checkbox"
        className="accent-ink"
        checked={checked}
        onChange={(event) => onChecked(event.target.checked)}
      />
      {label}
    </label>
  );
}

/** An optional line: empty is none. */
export const orNone = (text: string): string | undefined => (text === '' ? undefined : text);
