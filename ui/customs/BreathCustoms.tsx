import { useFormContext, useWatch } from 'react-hook-form';
import type { Customs } from '@/core/customs';
import { PATTERN_ROWS } from '@/core/patterns';
import { organ } from '@/core/phases';
import type { OwnLayers } from '@/core/practice';
import { SOUND_ORGANS } from '@/core/sounds';
import { Choice, Text } from './fields';

/** How sounds are voiced and how often made, one's own sounds, and the breaths one never teaches. */
export function BreathCustoms({ layers }: { readonly layers: OwnLayers }) {
  const { control, setValue } = useFormContext<Customs>();
  const soundsOf = useWatch({ control, name: 'soundsOf' });
  const own = Object.values(layers.sounds ?? {});
  const breaths = [...Object.values(layers.patterns ?? {}), ...PATTERN_ROWS];
  const never = useWatch({ control, name: 'patternsNever' });
  return (
    <section aria-labelledby="breath-and-sound">
      <h2 id="breath-and-sound">Breath and sound</h2>
      <div className="mt-2 border-t border-ink">
        <Choice
          name="voice"
          legend="Sounds are made"
          options={[
            {
              value: 'by-hour',
              label: 'aloud by day, whispered in the evening, silent where it must be quiet',
              source: 'common-practice',
            },
            { value: 'aloud', label: 'aloud', source: 'common-practice' },
            { value: 'whispered', label: 'whispered', source: 'common-practice' },
            { value: 'silent', label: 'silent', source: 'common-practice' },
            { value: 'none', label: 'not at all', source: 'common-practice' },
          ]}
        />
        <div className="grid items-end gap-4 border-b border-hairline py-2 sm:grid-cols-2">
          <Text name="soundDose" label="Each sound, where there is time" unit="times, 1–36" isNumber />
        </div>
        {own.some(({ organ }) => organ !== undefined) && (
          <fieldset className="border-b border-hairline py-2">
            <legend>Sounds of my own, in place of the school’s</legend>
            <span className="flex flex-wrap gap-x-5 gap-y-2">
              {SOUND_ORGANS.filter((of) => own.some((sound) => sound.organ === of)).map((of) => (
                <label key={of} className="block">
                  <span className="quiet small block">{organ(of).name}</span>
                  <select
                    className="field w-auto"
                    aria-label={`${organ(of).name}: my sound`}
                    value={soundsOf?.[of] ?? ''}
                    onChange={({ target: { value } }) => {
                      const { [of]: former, ...others } = soundsOf ?? {};
                      void former;
                      setValue('soundsOf', value === '' ? others : { ...others, [of]: value }, {
                        shouldDirty: true,
                      });
                    }}
                  >
                    <option value="">as the school has it</option>
                    {own
                      .filter((sound) => sound.organ === of)
                      .map(({ id, written }) => (
                        <option key={id} value={id}>
                          {written}
                        </option>
                      ))}
                  </select>
                </label>
              ))}
            </span>
          </fieldset>
        )}
        <fieldset className="py-2">
          <legend>Breaths I never teach</legend>
          <span className="flex flex-wrap gap-x-5">
            {breaths
              .filter(({ isNatural }) => !isNatural)
              .map(({ id, name }) => (
                <label key={id} className="inline-flex min-h-7 items-center gap-1.5">
                  <input
                    type="checkbox"
                    className="accent-ink"
                    checked={(never ?? []).includes(id)}
                    onChange={({ target: { checked } }) =>
                      setValue(
                        'patternsNever',
                        checked ? [...(never ?? []), id] : (never ?? []).filter((other) => other !== id),
                        { shouldDirty: true },
                      )
                    }
                  />
                  {name}
                </label>
              ))}
          </span>
        </fieldset>
      </div>
    </section>
  );
}
