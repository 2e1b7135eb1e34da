import { AIMS, PLACE_LIMITS, type PlaceLimit, type Theme } from '@/core/brief';
import { ORGANS, PHASE_IDS, phaseName } from '@/core/phases';
import { PhaseMark } from '@/ui/kit/PhaseMark';
import { PLACE_NAMES, themeName } from '@/ui/words/names';
import type { Option } from './BriefWord';

/** Phases, organs and aims, and the present theme where it is none of them. */
export function themeOptions(present: Theme): readonly Option<Theme>[] {
  const phases = PHASE_IDS.map((phase, index): Option<Theme> => ({
    value: { kind: 'phase', phase },
    label: <PhaseMark phase={phase} withName />,
    note: phaseName(phase).pinyin,
    ...(index === 0 ? { head: 'A phase' } : {}),
  }));
  const aims = AIMS.map((row, index): Option<Theme> => ({
    value: { kind: 'aim', aim: row.id },
    label: row.label,
    ...(index === 0 ? { head: 'An aim' } : {}),
  }));
  const organs = ORGANS.map((row, index): Option<Theme> => ({
    value: { kind: 'organ', organ: row.id },
    label: (
      <>
        <PhaseMark phase={row.phase} /> {row.name}
      </>
    ),
    note: `${row.pinyin} ${row.channel}`,
    ...(index === 0 ? { head: 'An organ' } : {}),
  }));
  const all: readonly Option<Theme>[] = [
    ...phases,
    { value: { kind: 'all-phases' }, label: 'all five phases' },
    ...organs,
    ...aims,
  ];
  const known = all.some((option) => JSON.stringify(option.value) === JSON.stringify(present));
  return known ? all : [...all, { value: present, label: themeName(present) }];
}

/** Every set of limits a place may have. */
export function placeOptions(): readonly Option<string>[] {
  const sets = PLACE_LIMITS.reduce<readonly (readonly PlaceLimit[])[]>(
    (all, limit) => [...all, ...all.map((one) => [...one, limit])],
    [[]],
  );
  return sets.map((limits) => ({
    value: [...limits].toSorted().join(),
    label: limits.length === 0 ? 'anywhere' : limits.map((limit) => PLACE_NAMES[limit]).join(', '),
  }));
}
