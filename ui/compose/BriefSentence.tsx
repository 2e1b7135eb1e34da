'use client';

import dynamic from 'next/dynamic';
import { DropdownMenu } from 'radix-ui';
import { memo, useState, type ReactNode } from 'react';
import { DAY_PARTS, SEASON_IDS } from '@/core/almanac';
import {
  AIMS,
  INTENTS,
  PLACE_LIMITS,
  type Brief,
  type BriefWhy,
  type BriefWishes,
  type FilledBrief,
  type PlaceLimit,
  type Theme,
} from '@/core/brief';
import { ORGANS, PHASE_IDS, phaseName } from '@/core/phases';
import { PhaseMark } from '@/ui/kit/PhaseMark';
import { pinText } from '@/ui/words/pins';
import { DAY_PART_NAMES, INTENT_NAMES, PLACE_NAMES, SEASON_NAMES, themeName } from '@/ui/words/names';

const ThemeChooser = dynamic(async () => (await import('./ThemeChooser')).ThemeChooser, { ssr: false });

interface Option<Value> {
  readonly value: Value;
  readonly label: ReactNode;
  readonly note?: string;
  readonly head?: string;
}

const WHY: Readonly<Record<BriefWhy, string>> = {
  chosen: 'You chose this.',
  group: 'As this group usually has it.',
  hour: 'From the hour of the day.',
  season: 'From the season, by your school.',
  customs: 'From your customs.',
  aim: 'The intent that serves this aim.',
  usual: 'The usual; press to choose another.',
};

/** One live word of the sentence. */
function Word<Value>({
  name,
  shown,
  why,
  options,
  value,
  wide = false,
  more,
  onChoose,
}: {
  name: string;
  shown: ReactNode;
  why: BriefWhy;
  options: readonly Option<Value>[];
  value: Value;
  /** In three columns, for a long choice. */
  wide?: boolean;
  /** A line that leads to a larger choice. */
  more?: { readonly label: string; readonly onChoose: () => void };
  onChoose: (value: Value) => void;
}) {
  const key = (candidate: Value): string => JSON.stringify(candidate);
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="word" data-why={why}>
        <span className="sr-only">{name}: </span>
        {shown}
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        className={`slip py-1 font-sans text-[1rem] leading-snug ${wide ? 'w-[min(48rem,calc(100vw-2rem))]' : 'min-w-52'}`}
        sideOffset={6}
        collisionPadding={12}
        aria-label={name}
      >
        <DropdownMenu.RadioGroup
          className={wide ? 'sm:columns-3 sm:gap-0' : ''}
          value={key(value)}
          onValueChange={(chosen) => {
            const option = options.find((candidate) => key(candidate.value) === chosen);
            if (option) onChoose(option.value);
          }}
        >
          {options.map((option, index) => (
            <div
              key={key(option.value)}
              role="presentation"
              // Each further heading begins a column.
              className={wide && option.head && index > 0 ? 'sm:break-before-column' : ''}
            >
              {option.head && (
                <DropdownMenu.Label className="caption px-3 pt-2">{option.head}</DropdownMenu.Label>
              )}
              <DropdownMenu.RadioItem
                value={key(option.value)}
                className="slip-line data-[state=checked]:font-bold"
              >
                {option.label}
                {option.note && <span className="quiet small ml-auto">{option.note}</span>}
              </DropdownMenu.RadioItem>
            </div>
          ))}
        </DropdownMenu.RadioGroup>
        {more && (
          <DropdownMenu.Item className="slip-line border-t border-hairline" onSelect={more.onChoose}>
            {more.label}
          </DropdownMenu.Item>
        )}
        <DropdownMenu.Label className="quiet small border-t border-hairline px-3 pt-1.5 pb-1">
          {WHY[why]}
        </DropdownMenu.Label>
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}

const MINUTES = [5, 8, 10, 12, 15, 20, 25, 30, 40, 45, 50, 60, 75, 90];
const PACES = [3, 3.5, 4, 4.5, 5, 5.5, 6, 6.5, 7, 8, 9];

const withValue = (values: readonly number[], value: number): readonly number[] =>
  values.includes(value) ? values : [...values, value].toSorted((a, b) => a - b);

function themeOptions(present: Theme): readonly Option<Theme>[] {
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
function placeOptions(): readonly Option<string>[] {
  const sets = PLACE_LIMITS.reduce<readonly (readonly PlaceLimit[])[]>(
    (all, limit) => [...all, ...all.map((one) => [...one, limit])],
    [[]],
  );
  return sets.map((limits) => ({
    value: [...limits].toSorted().join(),
    label: limits.length === 0 ? 'anywhere' : limits.map((limit) => PLACE_NAMES[limit]).join(', '),
  }));
}

interface Props {
  readonly filled: FilledBrief;
  readonly groups: readonly {
    readonly id: string;
    readonly name: string;
    readonly minutes: number;
    readonly posture: Brief['posture'];
  }[];
  readonly onWish: (wishes: BriefWishes) => void;
  /** The conditions whose cautions are in force: the group's, or one's own. */
  readonly minding: readonly string[];
  /** Names of all forms, for those asked for, left out or to be learnt. */
  readonly formNames: Readonly<Record<string, string>>;
}

/** The brief as one sentence; every ruled or dotted word opens a small choice. */
export const BriefSentence = memo(function BriefSentence({
  filled,
  groups,
  onWish,
  minding,
  formNames,
}: Props) {
  const { brief, why } = filled;
  const formName = (id: string): string => formNames[id] ?? id;
  const [choosing, setChoosing] = useState(false);
  const withForms = brief.withForms ?? [];
  const place = brief.place ?? [];
  const groupName = groups.find((group) => group.id === brief.groupId)?.name;
  const whose = groupName === undefined ? 'your own' : `those of ${groupName}`;
  return (
    <div
      className="font-serif text-[1.44rem] leading-[1.7] sm:text-[1.6rem]"
      role="group"
      aria-label="The brief"
    >
      A{' '}
      <Word
        name="Minutes"
        shown={<>{brief.minutes}-minute</>}
        why={why.minutes}
        value={brief.minutes}
        onChoose={(minutes) => onWish({ minutes })}
        options={withValue(MINUTES, brief.minutes).map((value) => ({ value, label: `${value} minutes` }))}
      />{' '}
      <Word
        name="Time of day"
        shown={DAY_PART_NAMES[brief.dayPart]}
        why={why.dayPart}
        value={brief.dayPart}
        onChoose={(dayPart) => onWish({ dayPart })}
        options={DAY_PARTS.map((value) => ({ value, label: DAY_PART_NAMES[value] }))}
      />{' '}
      practice for{' '}
      <Word
        name="Theme"
        wide
        shown={themeName(brief.theme, formName)}
        why={why.theme}
        value={brief.theme}
        onChoose={(theme) => onWish({ theme })}
        options={themeOptions(brief.theme)}
        more={{
          label: 'A mix, a channel, a point, a set, a form to learn …',
          onChoose: () => setChoosing(true),
        }}
      />
      , in{' '}
      <Word
        name="Season"
        shown={SEASON_NAMES[brief.season]}
        why={why.season}
        value={brief.season}
        onChoose={(season) => onWish({ season })}
        options={[...SEASON_IDS, 'earth-turn' as const].map((value) => ({
          value,
          label: SEASON_NAMES[value],
        }))}
      />
      ,{' '}
      <Word
        name="Posture"
        shown={brief.posture}
        why={why.posture}
        value={brief.posture}
        onChoose={(posture) => onWish({ posture })}
        options={(['standing', 'seated'] as const).map((value) => ({ value, label: value }))}
      />
      , for{' '}
      <Word
        name="Group"
        shown={groupName ?? 'myself'}
        why={why.groupId}
        value={brief.groupId}
        onChoose={(groupId) => {
          const group = groups.find((candidate) => candidate.id === groupId);
          onWish(group ? { groupId, minutes: group.minutes, posture: group.posture } : { groupId });
        }}
        options={[
          { value: null, label: 'myself' },
          ...groups.map((group) => ({
            value: group.id as string | null,
            label: group.name,
            note: `${group.minutes} min, ${group.posture}`,
          })),
        ]}
      />
      , at{' '}
      <Word
        name="Pace"
        shown={<>{brief.breathsPerMin} breaths a minute</>}
        why={why.breathsPerMin}
        value={brief.breathsPerMin}
        onChoose={(breathsPerMin) => onWish({ breathsPerMin })}
        options={withValue(PACES, brief.breathsPerMin).map((value) => ({
          value,
          label: `${value} breaths a minute`,
          note: `${(60 / value).toFixed(1)} s each`,
        }))}
      />
      ,{' '}
      <Word
        name="Intent"
        shown={INTENT_NAMES[brief.intent]}
        why={why.intent}
        value={brief.intent}
        onChoose={(intent) => onWish({ intent })}
        options={INTENTS.map((value) => ({ value, label: INTENT_NAMES[value] }))}
      />
      , with{' '}
      <Word
        name="Forms"
        shown={brief.familiarity === 'known' ? 'forms they know' : 'forms taught as we go'}
        why={why.familiarity}
        value={brief.familiarity}
        onChoose={(familiarity) => onWish({ familiarity })}
        options={[
          { value: 'known' as const, label: 'forms they know', note: 'little talk' },
          { value: 'taught' as const, label: 'forms taught as we go', note: 'slower first time' },
        ]}
        more={{ label: 'Forms that must be in …', onChoose: () => setChoosing(true) }}
      />
      {brief.without.length > 0 && (
        <>
          , without{' '}
          <Word
            name="Left out"
            shown={
              brief.without.length === 1 ? formName(brief.without[0] ?? '') : `${brief.without.length} forms`
            }
            why="chosen"
            value=""
            onChoose={(id) => onWish({ without: brief.without.filter((other) => other !== id) })}
            options={brief.without.map((id) => ({ value: id, label: formName(id), note: 'allow again' }))}
          />
        </>
      )}
      {withForms.length > 0 && (
        <>
          , including{' '}
          <Word
            name="Asked for"
            shown={
              withForms[0] && withForms.length === 1
                ? pinText(withForms[0], formName)
                : `${withForms.length} forms`
            }
            why="chosen"
            value=""
            onChoose={(id) => onWish({ withForms: withForms.filter((pin) => pin.formId !== id) })}
            options={withForms.map((pin) => ({
              value: pin.formId,
              label: pinText(pin, formName),
              note: 'let go',
            }))}
            more={{ label: 'Their places and repetitions …', onChoose: () => setChoosing(true) }}
          />
        </>
      )}
      ,{' '}
      <Word
        name="Place"
        shown={place.length === 0 ? 'anywhere' : place.map((limit) => PLACE_NAMES[limit]).join(', ')}
        why={why.place}
        value={[...place].toSorted().join()}
        onChoose={(chosen) =>
          onWish({ place: PLACE_LIMITS.filter((limit) => chosen.split(',').includes(limit)) })
        }
        options={placeOptions()}
      />
      .
      <p className="quiet small font-sans">
        {minding.length > 0
          ? `Cautions in force: ${whose} (${minding.join('; ')}).`
          : groupName === undefined
            ? 'No cautions of your own are noted; the usual ones for everyone hold.'
            : `No cautions are noted for ${groupName}; the usual ones for everyone hold.`}
      </p>
      {choosing && (
        <ThemeChooser
          theme={brief.theme}
          withForms={withForms}
          formNames={formNames}
          onWish={(wishes) => {
            setChoosing(false);
            onWish(wishes);
          }}
          onClose={() => setChoosing(false)}
        />
      )}
    </div>
  );
});
