import { useState } from 'react';

interface Props {
  /** How long the practice takes, ms. */
  readonly totalMs: number;
  /** By the wall clock; null where it may go on, nothing where it lasts as long as planned. */
  readonly onSaid: (endAtMs: number | null | undefined, mayOverMs: number) => void;
  /** Whether it may go on as long as it likes, where nothing else is said. */
  readonly isOpen: boolean;
}

const pad = (count: number): string => String(count).padStart(2, '0');
const clockOf = (ms: number): string => {
  const at = new Date(ms);
  return `${pad(at.getHours())}:${pad(at.getMinutes())}`;
};

/** The next moment the clock shows so much, ms; undefined where that is no time. */
export function nextAt(clock: string, nowMs: number): number | undefined {
  const [, hours, minutes] = /^(\d{1,2}):(\d{2})$/.exec(clock) ?? [];
  if (hours === undefined || minutes === undefined) return undefined;
  const at = new Date(nowMs);
  at.setHours(Number(hours), Number(minutes), 0, 0);
  if (at.getTime() <= nowMs) at.setDate(at.getDate() + 1);
  return at.getTime();
}

/** Before the class begins: when it must be over, and how much later it may be. */
export function ClassEnd({ totalMs, onSaid, isOpen }: Props) {
  const [kind, setKind] = useState<'planned' | 'at' | 'open'>(isOpen ? 'open' : 'planned');
  const [at, setAt] = useState(() => clockOf(Date.now() + totalMs + 60_000));
  const [over, setOver] = useState('0');
  const say = (next: typeof kind, clock: string, minutes: string): void => {
    const mayOverMs = Math.min(120, Math.max(0, Number(minutes) || 0)) * 60_000;
    if (next !== 'at') return onSaid(next === 'open' ? null : undefined, 0);
    const endAtMs = nextAt(clock, Date.now());
    // Half a time is no time yet.
    if (endAtMs !== undefined) onSaid(endAtMs, mayOverMs);
  };
  return (
    <fieldset className="small flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <legend className="sr-only">When the class ends</legend>
      <label className="flex items-baseline gap-1">
        ends
        <select
          className="field"
          value={kind}
          onChange={(event) => {
            const next = event.target.value as typeof kind;
            setKind(next);
            say(next, at, over);
          }}
        >
          <option value="planned">as long as planned</option>
          <option value="at">at a time of day</option>
          <option value="open">when it is done</option>
        </select>
      </label>
      {kind === 'at' && (
        <>
          <label className="flex items-baseline gap-1">
            at
            <input
              className="field"
              type="time"
              value={at}
              onChange={(event) => {
                setAt(event.target.value);
                say(kind, event.target.value, over);
              }}
            />
          </label>
          <label className="flex items-baseline gap-1">
            may run over
            <input
              className="field w-16"
              type="number"
              min={0}
              max={120}
              value={over}
              onChange={(event) => {
                setOver(event.target.value);
                say(kind, at, event.target.value);
              }}
            />
            min
          </label>
        </>
      )}
    </fieldset>
  );
}
