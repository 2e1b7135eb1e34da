import type { Person } from '@/core/people/person';

type Agreed = Person['consent'];

/** Whether they agreed to this being kept: without it little more than a name belongs here. */
export function Consent({
  consent,
  today,
  onConsent,
}: {
  readonly consent: Agreed;
  readonly today: string;
  readonly onConsent: (consent: Agreed) => void;
}) {
  return (
    <fieldset className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <legend className="caption">Agreed</legend>
      <label className="inline-flex items-baseline gap-2">
        <input
          type="checkbox"
          className="accent-ink"
          checked={consent.given}
          onChange={(event) =>
            onConsent(
              event.target.checked
                ? { ...consent, given: true, on: consent.on ?? today }
                : { given: false, words: consent.words },
            )
          }
        />
        knows what is kept here, and agrees to it
      </label>
      {consent.given && (
        <input
          type="date"
          className="field figures w-40"
          aria-label="agreed on"
          min="1900-01-01"
          max="2200-12-31"
          value={consent.on ?? ''}
          onChange={(event) =>
            onConsent({ ...consent, on: event.target.value === '' ? undefined : event.target.value })
          }
        />
      )}
      <input
        className="field min-w-40 flex-1"
        aria-label="how they agreed"
        placeholder="how, in a line"
        maxLength={400}
        value={consent.words}
        onChange={(event) => onConsent({ ...consent, words: event.target.value })}
      />
    </fieldset>
  );
}
