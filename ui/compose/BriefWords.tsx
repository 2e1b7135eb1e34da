import { keysOf } from '@/core/lists/lists';
import { DAY_PARTS, SEASON_IDS } from '@/core/almanac';
import {
  AGAIN,
  INTENTS,
  PLACE_LIMITS,
  USUAL_AGAIN,
  type Brief,
  type BriefWishes,
  type FilledBrief,
} from '@/core/brief';
import {
  AGAIN_NAMES,
  AT_HAND_NAMES,
  DAY_PART_NAMES,
  INTENT_NAMES,
  NOTHING_AT_HAND,
  PLACE_NAMES,
  SEASON_NAMES,
  themeName,
} from '@/ui/words/names';
import { pinText } from '@/ui/words/pins';
import { placeOptions, themeOptions } from './briefOptions';
import { Word } from './BriefWord';

export interface BriefGroup {
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
  readonly posture: Brief['posture'];
}

export interface WordsProps {
  readonly filled: FilledBrief;
  readonly groups: readonly BriefGroup[];
  readonly formName: (id: string) => string;
  /** Whether a class is known that could come again. */
  readonly hasLast: boolean;
  readonly onWish: (wishes: BriefWishes) => void;
  /** Opens the larger choice of themes and forms. */
  readonly onChoosing: () => void;
}

const MINUTES = [2, 3, 5, 8, 10, 12, 15, 20, 25, 30, 40, 45, 50, 60, 75, 90, 120];
const PACES = [3, 3.5, 4, 4.5, 5, 5.5, 6, 6.5, 7, 8, 9];

const withValue = (values: readonly number[], value: number): readonly number[] =>
  values.includes(value) ? values : [...values, value].toSorted((a, b) => a - b);

/** How long, when, for what, in which season. */
export function WhatFor({ filled, formName, onWish, onChoosing }: WordsProps) {
  const { brief, why } = filled;
  return (
    <>
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
          onChoose: onChoosing,
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
    </>
  );
}

/** Standing or seated, for whom, at which pace, to which end, with which kind of forms. */
export function HowAndForWhom({ filled, groups, hasLast, onWish, onChoosing }: WordsProps) {
  const { brief, why } = filled;
  const groupName = groups.find((group) => group.id === brief.groupId)?.name;
  const known = groupName === undefined ? 'forms I know' : 'forms they know';
  return (
    <>
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
        shown={brief.familiarity === 'known' ? known : 'forms taught as we go'}
        why={why.familiarity}
        value={brief.familiarity}
        onChoose={(familiarity) => onWish({ familiarity })}
        options={[
          { value: 'known' as const, label: known, note: 'little talk' },
          { value: 'taught' as const, label: 'forms taught as we go', note: 'slower first time' },
        ]}
        more={{ label: 'Pin forms …', onChoose: onChoosing }}
      />
      {hasLast && (
        <>
          ,{' '}
          <Word
            name="Again"
            shown={AGAIN_NAMES[brief.again ?? USUAL_AGAIN]}
            why={why.again}
            value={brief.again ?? USUAL_AGAIN}
            onChoose={(again) => onWish({ again })}
            options={AGAIN.map((value) => ({ value, label: AGAIN_NAMES[value] }))}
          />
        </>
      )}
    </>
  );
}

/** What is left out, what is pinned, and where it is. */
export function WithAndWithout({ filled, formName, onWish, onChoosing }: WordsProps) {
  const { brief, why } = filled;
  const pins = brief.pins ?? [];
  const place = brief.place ?? [];
  return (
    <>
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
      {pins.length > 0 && (
        <>
          , including{' '}
          <Word
            name="Pinned"
            shown={pins[0] && pins.length === 1 ? pinText(pins[0], formName) : `${pins.length} forms`}
            why="chosen"
            value=""
            onChoose={(id) => onWish({ pins: pins.filter((pin) => pin.formId !== id) })}
            options={pins.map((pin) => ({
              value: pin.formId,
              label: pinText(pin, formName),
              note: 'let go',
            }))}
            more={{ label: 'Their places and repetitions …', onChoose: onChoosing }}
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
      , with{' '}
      <Word
        name="At hand"
        shown={brief.atHand ? AT_HAND_NAMES[brief.atHand] : NOTHING_AT_HAND}
        why={why.atHand}
        value={brief.atHand ?? ('' as const)}
        onChoose={(atHand) => onWish({ atHand: atHand === '' ? undefined : atHand })}
        options={[
          { value: '' as const, label: NOTHING_AT_HAND },
          ...keysOf(AT_HAND_NAMES).map((value) => ({ value, label: AT_HAND_NAMES[value] })),
        ]}
      />
      .
    </>
  );
}
