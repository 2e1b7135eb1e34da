import { setter, type FactsProps } from './facts';
import { ListField } from './ListField';

/** A line as what stands before its first colon and what after; all of it before where there is none. */
function cutAtColon(row: string): { readonly before: string; readonly after: string } {
  const cut = row.indexOf(':');
  const before = cut < 0 ? row : row.slice(0, cut).trim();
  return { before: before === '' ? row : before, after: cut < 0 ? '' : row.slice(cut + 1).trim() };
}

/** Why the form goes against what is usual of its kind. */
function Exception({ of: key, form, onChange }: FactsProps & { readonly of: 'breath' | 'time' }) {
  return (
    <label className="block">
      <span className="quiet small">
        {key === 'breath'
          ? 'Why its breath goes against custom, if it does'
          : 'Why it takes longer or less than its kind, if it does'}
      </span>
      <input
        className="field"
        maxLength={240}
        value={form.exceptions?.[key] ?? ''}
        onChange={(event) => {
          const said = event.target.value;
          onChange('exceptions', (now) => {
            const { [key]: _gone, ...rest } = now.exceptions ?? {};
            const exceptions = said === '' ? rest : { ...rest, [key]: said };
            const { exceptions: _old, ...whole } = now;
            return Object.keys(exceptions).length === 0 ? whole : { ...whole, exceptions };
          });
        }}
      />
    </label>
  );
}

/** Images, cautions, what to watch, what goes wrong. */
export function WordsFacts(props: FactsProps) {
  const { form } = props;
  const set = setter(props);
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <ListField label="Images" lines value={form.images} onValue={(images) => set('images', [...images])} />
      <ListField
        label="Cautions of its own"
        lines
        value={form.cautions}
        onValue={(cautions) => set('cautions', [...cautions])}
      />
      <ListField
        label="Parts, in teaching order: what to watch"
        hint="the step: the foot comes down empty"
        lines
        value={form.parts.map((one) => (typeof one === 'string' ? one : `${one.part}: ${one.watch}`))}
        onValue={(rows) =>
          set(
            'parts',
            rows.map((row) => {
              const { before, after } = cutAtColon(row);
              return after === '' ? before : { part: before, watch: after };
            }),
          )
        }
      />
      <ListField
        label="What goes wrong: how to mend it"
        hint="knees locked: sit back a little"
        lines
        value={form.mistakes.map(({ mistake, mend }) => `${mistake}: ${mend}`)}
        onValue={(rows) =>
          set(
            'mistakes',
            rows.map((row) => {
              const { before, after } = cutAtColon(row);
              return { mistake: before, mend: after === '' ? 'Do it smaller.' : after };
            }),
          )
        }
      />
      {(['breath', 'time'] as const).map((key) => (
        <Exception key={key} of={key} {...props} />
      ))}
    </div>
  );
}
