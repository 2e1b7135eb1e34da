import { channel, CHANNELS_OF_ORGANS, type PointIntent, type RegularChannelId } from '@/core/channels';
import { POINT_INTENTS, type Looking } from './address';
import type { AtlasForm } from './looking';

interface Props {
  readonly looking: Looking;
  readonly forms: readonly AtlasForm[];
  readonly lookBy: (looking: Looking) => void;
}

/** The points for a theme, or what a form reaches. */
export function AtlasChoices({ looking, forms, lookBy }: Props) {
  const theme = looking.by === 'theme' ? looking : undefined;
  const form = looking.by === 'form' ? forms.find((one) => one.id === looking.form) : undefined;
  return (
    <>
      <label className="block">
        <span className="caption block">points for a theme</span>
        <span className="flex gap-2">
          <select
            className="field"
            aria-label="organ of the theme"
            value={theme?.channel ?? ''}
            onChange={(event) =>
              lookBy({
                by: 'theme',
                channel: event.target.value as RegularChannelId,
                intent: theme?.intent ?? 'nourish',
              })
            }
          >
            {!theme && <option value="">an organ …</option>}
            {CHANNELS_OF_ORGANS.map((id) => (
              <option key={id} value={id}>
                {channel(id).name.replace(' channel', '')}
              </option>
            ))}
          </select>
          <select
            className="field"
            aria-label="intent"
            value={theme?.intent ?? 'nourish'}
            onChange={(event) =>
              lookBy({
                by: 'theme',
                channel: theme?.channel ?? 'LU',
                intent: event.target.value as PointIntent,
              })
            }
          >
            {POINT_INTENTS.map((intent) => (
              <option key={intent}>{intent}</option>
            ))}
          </select>
        </span>
      </label>
      <label className="block">
        <span className="caption block">what a form reaches</span>
        <select
          className="field"
          value={form?.id ?? ''}
          onChange={(event) => lookBy({ by: 'form', form: event.target.value, stroke: 0 })}
        >
          {!form && <option value="">a form …</option>}
          {forms.map((row) => (
            <option key={row.id} value={row.id}>
              {row.name}
            </option>
          ))}
        </select>
      </label>
    </>
  );
}
