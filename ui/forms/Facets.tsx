'use client';

import { organ, ORGAN_IDS, PHASE_IDS, organsOf } from '@/core/phases';
import { ROLES } from '@/core/forms/model/roles';
import {
  ACTIONS,
  JOINTS,
  POSTURES,
  WITHOUT,
  type Facet,
  type Found,
  type WishChange,
  type Wishes,
} from '@/core/seek/seek';
import { FAMILIES } from '@/core/forms/model/terms';
import { PhaseMark } from '@/ui/kit/PhaseMark';
import { ROLE_NAMES } from '@/ui/words/names';

const MINUTES = [1, 2, 4, 8] as const;
const LEVEL_NAMES = { 1: 'for anyone', 2: 'some practice', 3: 'hard, taught in parts' } as const;
const ACTION_NAMES = { nourishes: 'nourish', clears: 'clear', moves: 'move', calms: 'calm' } as const;

interface Props {
  readonly found: Found;
  readonly wishes: Wishes;
  readonly onWish: (change: WishChange) => void;
}

/** One thing that can be chosen, with how many forms there would be. */
function Choice({
  label,
  count,
  pressed,
  onPress,
}: {
  readonly label: React.ReactNode;
  readonly count: number;
  readonly pressed: boolean;
  readonly onPress: () => void;
}) {
  return (
    <button
      type="button"
      className="press-plain"
      aria-pressed={pressed}
      disabled={count === 0 && !pressed}
      onClick={onPress}
    >
      <span>{label}</span> <span className="quiet figures text-[0.8em]">{count}</span>
    </button>
  );
}

/** What forms can be sought by, each value with the number of forms it would leave. */
export function Facets({ found, wishes, onWish }: Props) {
  const one = <F extends Facet>(facet: F, value: NonNullable<Wishes[F]>, label: React.ReactNode) => (
    <Choice
      key={String(value)}
      label={label}
      count={found.counts[facet].get(value) ?? 0}
      pressed={wishes[facet] === value}
      onPress={() => onWish({ [facet]: wishes[facet] === value ? undefined : value })}
    />
  );
  return (
    <div className="small space-y-3.5 [&>fieldset]:isolate">
      <fieldset>
        <legend className="caption">What it does</legend>
        <p className="flex flex-wrap gap-x-3">
          {ACTIONS.map((action) => one('action', action, ACTION_NAMES[action]))}
        </p>
      </fieldset>
      <fieldset>
        <legend className="caption">Phase and organ</legend>
        <ul>
          {PHASE_IDS.map((phase) => (
            <li
              key={phase}
              className="grid grid-cols-[5.4rem_minmax(0,1fr)] items-baseline border-b border-hairline"
            >
              <span>
                {one(
                  'phase',
                  phase,
                  <>
                    <PhaseMark phase={phase} withName />
                  </>,
                )}
              </span>
              <span className="flex flex-wrap gap-x-3">
                {ORGAN_IDS.filter((id) => organsOf(phase).some((row) => row.id === id)).map((id) =>
                  one('organ', id, organ(id).name),
                )}
              </span>
            </li>
          ))}
        </ul>
      </fieldset>
      <fieldset>
        <legend className="caption">How</legend>
        <p className="flex flex-wrap gap-x-3">
          {POSTURES.map((posture) => one('posture', posture, posture))}
        </p>
      </fieldset>
      <fieldset>
        <legend className="caption">Leaving out</legend>
        <p className="flex flex-wrap gap-x-3">
          {WITHOUT.map(({ id, label }) => (
            <Choice
              key={id}
              label={label}
              count={found.withoutCounts.get(id) ?? 0}
              pressed={wishes.without.includes(id)}
              onPress={() =>
                onWish({
                  without: wishes.without.includes(id)
                    ? wishes.without.filter((other) => other !== id)
                    : [...wishes.without, id],
                })
              }
            />
          ))}
        </p>
      </fieldset>
      <fieldset>
        <legend className="caption">What it loosens</legend>
        <p className="flex flex-wrap gap-x-3">{JOINTS.map((joint) => one('joint', joint, joint))}</p>
      </fieldset>
      <fieldset>
        <legend className="caption">Within, minutes</legend>
        <p className="flex flex-wrap gap-x-3">
          {MINUTES.map((minutes) => (
            <button
              key={minutes}
              type="button"
              className="press-plain figures"
              aria-pressed={wishes.minutes === minutes}
              aria-label={minutes === 1 ? 'within a minute' : `within ${minutes} minutes`}
              onClick={() => onWish({ minutes: wishes.minutes === minutes ? undefined : minutes })}
            >
              {minutes}
            </button>
          ))}
        </p>
      </fieldset>
      <fieldset>
        <legend className="caption">Place in a practice</legend>
        <p className="flex flex-wrap gap-x-3">{ROLES.map((role) => one('role', role, ROLE_NAMES[role]))}</p>
      </fieldset>
      <fieldset>
        <legend className="caption">Kind</legend>
        <p className="flex flex-wrap gap-x-3">{FAMILIES.map((family) => one('family', family, family))}</p>
      </fieldset>
      <fieldset>
        <legend className="caption">Level</legend>
        <p className="flex flex-wrap gap-x-3">
          {([1, 2, 3] as const).map((level) => one('level', level, LEVEL_NAMES[level]))}
        </p>
      </fieldset>
    </div>
  );
}
