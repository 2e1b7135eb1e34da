import { AIMS } from '@/core/brief/aims';
import { themeName } from '@/core/brief/names';
import type { Theme } from '@/core/brief/theme';
import { FORM_SETS } from '@/core/forms/model/sets';
import { ORGANS, PHASE_IDS, phaseName } from '@/core/phases';

const GROUPS: readonly { readonly label: string; readonly themes: readonly Theme[] }[] = [
  { label: 'organ', themes: ORGANS.map(({ id }) => ({ kind: 'organ', organ: id })) },
  { label: 'phase', themes: PHASE_IDS.map((phase) => ({ kind: 'phase', phase })) },
  { label: 'aim', themes: AIMS.map(({ id }) => ({ kind: 'aim', aim: id })) },
  { label: 'set', themes: FORM_SETS.map(({ id }) => ({ kind: 'set', set: id })) },
];
const ALL: Theme = { kind: 'all-phases' };

const nameOf = (theme: Theme): string =>
  theme.kind === 'phase'
    ? `${phaseName(theme.phase).hanzi} ${phaseName(theme.phase).name}`
    : themeName(theme);

/** What a week is for. */
export function ThemeSelect({
  label,
  theme,
  disabled,
  onTheme,
}: {
  readonly label: string;
  readonly theme: Theme;
  readonly disabled: boolean;
  readonly onTheme: (theme: Theme) => void;
}) {
  const value = JSON.stringify(theme);
  const known = [ALL, ...GROUPS.flatMap(({ themes }) => themes)];
  const isKnown = known.some((one) => JSON.stringify(one) === value);
  return (
    <select
      className="field"
      aria-label={label}
      value={value}
      disabled={disabled}
      onChange={(event) => {
        const chosen = known.find((one) => JSON.stringify(one) === event.target.value);
        if (chosen) onTheme(chosen);
      }}
    >
      {!isKnown && <option value={value}>{themeName(theme)}</option>}
      <option value={JSON.stringify(ALL)}>{themeName(ALL)}</option>
      {GROUPS.map(({ label: of, themes }) => (
        <optgroup key={of} label={of}>
          {themes.map((one) => (
            <option key={JSON.stringify(one)} value={JSON.stringify(one)}>
              {nameOf(one)}
            </option>
          ))}
        </optgroup>
      ))}
    </select>
  );
}
