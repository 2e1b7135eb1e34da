'use client';

import { entryAt } from '@/core/lists/lists';
import { useState } from 'react';
import { SEASON_IDS } from '@/core/almanac';
import { AIMS, themeParts, type BriefWishes, type Pin, type Theme, type ThemePart } from '@/core/brief';
import { AIM_REASONS } from '@/core/brief/aimReasons';
import { CHANNELS } from '@/core/channels/channels';
import { POINT_CODES } from '@/core/channels/codes';
import { FORM_SETS } from '@/core/forms/model/sets';
import { ORGANS, PHASE_IDS, phaseName } from '@/core/phases';
import { sourceTitle } from '@/core/sources';
import { SEASON_NAMES, themeName } from '@/ui/words/names';
import { pinText } from '@/ui/words/pins';
import { PinRows } from './PinRows';
import { Sheet } from '@/ui/kit/Sheet';

interface Props {
  readonly theme: Theme;
  readonly pins: readonly Pin[];
  readonly formNames: Readonly<Record<string, string>>;
  readonly onWish: (wishes: BriefWishes) => void;
  readonly onClose: () => void;
}

const same = (a: ThemePart, b: ThemePart): boolean => JSON.stringify(a) === JSON.stringify(b);

interface Kind {
  readonly label: string;
  readonly options: readonly { readonly part: ThemePart; readonly label: string }[];
}

const KINDS: readonly Kind[] = [
  {
    label: 'phase',
    options: PHASE_IDS.map((phase) => ({ part: { kind: 'phase', phase }, label: phaseName(phase).name })),
  },
  {
    label: 'organ',
    options: ORGANS.map(({ id, name }) => ({ part: { kind: 'organ', organ: id }, label: name })),
  },
  {
    label: 'season',
    options: [...SEASON_IDS, 'earth-turn' as const].map((season) => ({
      part: { kind: 'season', season },
      label: SEASON_NAMES[season],
    })),
  },
  {
    label: 'channel',
    options: CHANNELS.map(({ id, name }) => ({
      part: { kind: 'channel', channel: id },
      label: `${name} ${id}`,
    })),
  },
  { label: 'point', options: POINT_CODES.map((point) => ({ part: { kind: 'point', point }, label: point })) },
  {
    label: 'hour',
    options: ORGANS.map(({ id, name }) => ({
      part: { kind: 'hour', organ: id },
      label: `hour of the ${name}`,
    })),
  },
  { label: 'aim', options: AIMS.map(({ id, label }) => ({ part: { kind: 'aim', aim: id }, label })) },
  {
    label: 'set',
    options: FORM_SETS.map(({ id, name }) => ({ part: { kind: 'set', set: id }, label: name })),
  },
];

/** A theme of several parts, or of a kind too long for a small choice; forms that must be in. */
export function ThemeChooser({ theme, pins, formNames, onWish, onClose }: Props) {
  const [parts, setParts] = useState<readonly ThemePart[]>(
    themeParts(theme).filter((part) => part.kind !== 'all-phases'),
  );
  const [must, setMust] = useState<readonly Pin[]>(pins);
  const forms = Object.entries(formNames).toSorted(([, a], [, b]) => a.localeCompare(b));
  const kinds: readonly Kind[] = [
    ...KINDS,
    {
      label: 'form to learn',
      options: forms.map(([formId, name]) => ({ part: { kind: 'lesson', formId }, label: name })),
    },
  ];
  const nameOf = (id: string): string => formNames[id] ?? id;
  const chosen: Theme =
    parts.length === 0
      ? { kind: 'all-phases' }
      : parts.length === 1
        ? entryAt(parts, 0)
        : { kind: 'mix', parts: [...parts] };
  return (
    <Sheet title="What it is about" onClose={onClose}>
      <div className="font-sans text-[1rem]">
        <p className="reading">
          A practice for <strong>{themeName(chosen, nameOf)}</strong>
          {must.length > 0 && <>, including {must.map((pin) => pinText(pin, nameOf)).join(', ')}</>}.
        </p>
        <p className="quiet small">Up to four parts; without any, all five phases are walked.</p>
        <ul className="my-2 flex flex-wrap gap-x-4" aria-label="Parts of the theme">
          {parts.map((part) => (
            <li key={JSON.stringify(part)}>
              <button
                type="button"
                className="press-plain"
                onClick={() => setParts(parts.filter((one) => !same(one, part)))}
              >
                without {themeName(part, nameOf)}
              </button>
            </li>
          ))}
        </ul>
        {parts.map(
          (part) =>
            part.kind === 'aim' && (
              <p key={part.aim} className="small quiet my-1">
                {AIM_REASONS[part.aim].why}{' '}
                <span className="italic">{sourceTitle(AIM_REASONS[part.aim].source)}.</span>
              </p>
            ),
        )}
        <div className="grid gap-x-5 gap-y-2 sm:grid-cols-3">
          {kinds.map(({ label, options }) => (
            <label key={label} className="block">
              <span className="caption">{label}</span>
              <select
                className="field"
                value=""
                disabled={parts.length >= 4}
                onChange={(event) => {
                  const added = options[Number(event.target.value)]?.part;
                  if (added && !parts.some((part) => same(part, added))) setParts([...parts, added]);
                }}
              >
                <option value="">add …</option>
                {options.map((option, index) => (
                  <option key={JSON.stringify(option.part)} value={index}>
                    {option.label}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </div>
        <PinRows pins={must} forms={forms} onChange={setMust} />
        <p className="mt-4">
          <button
            type="button"
            className="press press-main"
            onClick={() => onWish({ theme: chosen, pins: [...must] })}
          >
            Draft it
          </button>
        </p>
      </div>
    </Sheet>
  );
}
