'use client';

import type { Brief, BriefWishes } from '@/core/brief';
import type { Help, Impossible } from '@/core/compose';
import { clockText, plural } from '@/ui/kit/time';
import { conflictText, helpText, obstacleText } from '@/ui/words/obstacles';

/** The words of the brief that a help would change; nothing where it is not a word of the brief. */
function wishesOf(help: Help, brief: Brief): BriefWishes | undefined {
  switch (help.code) {
    case 'other-minutes':
      return { minutes: help.minutes };
    case 'other-posture':
      return { posture: help.posture };
    case 'other-pace':
      return { breathsPerMin: help.breathsPerMin };
    case 'allow-left-out':
      return { without: [] };
    case 'any-place':
      return { place: [] };
    case 'any-theme':
      return { theme: { kind: 'season', season: brief.season } };
    case 'let-go':
      return { pins: (brief.pins ?? []).filter((pin) => !help.formIds.includes(pin.formId)) };
    case 'free-pins':
      return { pins: (brief.pins ?? []).map(({ formId }) => ({ formId })) };
    case 'unlock':
      return undefined;
    default:
      return help satisfies never;
  }
}

interface Props {
  readonly failure: Impossible;
  readonly brief: Brief;
  readonly draftStands: boolean;
  readonly nameOf: (formId: string) => string;
  readonly onWish: (wishes: BriefWishes) => void;
  readonly onUnlock: () => void;
}

/** Which wishes cannot stand together, in words, with what loosening each of them gives. */
export function Failure({ failure, brief, draftStands, nameOf, onWish, onUnlock }: Props) {
  return (
    <div role="alert" className="must my-3">
      <p>
        <strong>This cannot be composed.</strong>{' '}
        {failure.obstacles.map((one) => obstacleText(one, nameOf)).join(' ')} {conflictText(failure.wishes)}{' '}
        {draftStands && 'The former draft still stands below.'}
      </p>
      <p className="mt-2">
        {failure.helps.length > 0
          ? 'What would help, each tried:'
          : 'No single change would help; allow more forms.'}
      </p>
      <ul className="mt-1 space-y-1">
        {failure.helps.map((help) => {
          const wishes = wishesOf(help, brief);
          const gives = (
            <span className="quiet figures">
              gives {plural(help.forms, 'form')} in {clockText(help.givesMs)} min
            </span>
          );
          return (
            <li key={help.code} className="flex flex-wrap items-baseline gap-x-3">
              <button
                type="button"
                className="press"
                onClick={() => (help.code === 'unlock' ? onUnlock() : wishes && onWish(wishes))}
              >
                {helpText(help, nameOf)}
              </button>
              {gives}
            </li>
          );
        })}
      </ul>
    </div>
  );
}

/** Said where the composer itself has stopped. */
export function Stopped({ onAgain }: { onAgain: () => void }) {
  return (
    <p role="alert" className="must my-3">
      The composer stopped before it had a draft; what is here stands as it was.{' '}
      <button type="button" className="press" onClick={onAgain}>
        Draft again
      </button>
    </p>
  );
}
