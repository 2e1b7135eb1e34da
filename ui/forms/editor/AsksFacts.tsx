import { BODY_REGIONS, ROUNDED_JOINTS } from '@/core/forms/model/terms';
import { setter, type FactsProps } from './facts';
import { Ticks } from './fields';

const LOOSENED = ['ankles', 'knees', 'hips', 'spine', 'shoulders', 'wrists', 'neck'] as const;

function Impact(props: FactsProps) {
  const { form } = props;
  const set = setter(props);
  return (
    <label className="inline-flex items-baseline gap-1.5">
      impact at the heels
      <select
        className="field w-auto"
        value={form.asks.impact}
        onChange={(event) =>
          set('asks', {
            ...form.asks,
            impact: event.target.value === 'firm' ? 'firm' : event.target.value === 'soft' ? 'soft' : 'none',
          })
        }
      >
        <option>none</option>
        <option>soft</option>
        <option>firm</option>
      </select>
    </label>
  );
}

/** What it loosens, and what a figure cannot tell of what it asks. */
export function AsksFacts(props: FactsProps) {
  const { form } = props;
  const set = setter(props);
  return (
    <>
      <Ticks
        legend="Joints it loosens"
        values={LOOSENED}
        chosen={form.loosens}
        onChosen={(loosens) => set('loosens', [...loosens])}
      />
      <fieldset className="space-y-2">
        <legend className="caption">What a figure cannot tell</legend>
        <Ticks
          legend="Knocking on"
          values={BODY_REGIONS}
          chosen={form.asks.percussion}
          onChosen={(percussion) => set('asks', { ...form.asks, percussion: [...percussion] })}
        />
        <Ticks
          legend="Rubbing, kneading or pressing on"
          values={BODY_REGIONS}
          chosen={form.asks.rubs}
          onChosen={(rubs) => set('asks', { ...form.asks, rubs: [...rubs] })}
        />
        <Ticks
          legend="Taken round, swung or slid through their range"
          values={ROUNDED_JOINTS}
          chosen={form.asks.roundedJoints}
          onChosen={(joints) => set('asks', { ...form.asks, roundedJoints: [...joints] })}
        />
        <span className="flex flex-wrap gap-x-4">
          {(
            [
              ['shakes', 'shakes or jolts'],
              ['breathHold', 'holds the breath'],
              ['staticHold', 'holds a stance'],
              ['abdominalPress', 'presses on the belly'],
              ['inwardImagery', 'inward imagery'],
              ['vigorous', 'vigorous'],
            ] as const
          ).map(([key, label]) => (
            <label key={key} className="inline-flex items-baseline gap-1.5">
              <input
                type="checkbox"
                className="accent-ink"
                checked={form.asks[key]}
                onChange={(event) => set('asks', { ...form.asks, [key]: event.target.checked })}
              />
              {label}
            </label>
          ))}
          <Impact {...props} />
        </span>
      </fieldset>
    </>
  );
}
