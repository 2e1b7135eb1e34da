interface Days {
  readonly from?: string | undefined;
  readonly until?: string | undefined;
}

interface Props {
  /** What it is the spell of. */
  readonly of: string;
  readonly spell: Days;
  readonly onSpell: (spell: Days) => void;
}

/** From and until which day something holds; nothing where that is not known. */
export function Spell({ of, spell, onSpell }: Props) {
  const field = (end: 'from' | 'until') => (
    <label className="inline-flex items-baseline gap-1">
      <span className="quiet">{end}</span>
      <input
        type="date"
        className="field figures w-40"
        aria-label={`${end}, ${of}`}
        min="1900-01-01"
        max="2200-12-31"
        value={spell[end] ?? ''}
        onChange={(event) => onSpell({ [end]: event.target.value === '' ? undefined : event.target.value })}
      />
    </label>
  );
  return (
    <span className="inline-flex flex-wrap gap-x-3">
      {field('from')}
      {field('until')}
    </span>
  );
}
