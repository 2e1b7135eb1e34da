import { eventNow, type Leading, type LeadingPress } from '@/core/desk/leading';
import { wordOf } from '@/core/lead';
import { besidesSaid, changesSaid, wordText } from '@/ui/words/retimed';

interface Props {
  readonly leading: Leading;
  readonly positionMs: number;
  readonly nowMs: number;
  readonly press: (press: LeadingPress) => void;
  readonly onSteer: (itemId: string, how: 'keep' | 'spare') => void;
}

/** More changes than these are only counted. */
const SHOWN = 4;
/** So near to its end a proposal is on time, ms. */
const NEAR_MS = 5000;

/** What would bring the class back to its end, before it must be decided: to take, to steer, to refuse. */
export function Proposal({ leading, positionMs, nowMs, press, onSteer }: Props) {
  const { proposal, base, keeps, spares } = leading;
  // Time can be saved where one is, rather than later.
  const here = eventNow(leading, nowMs)?.itemId;
  const { practice } = base.state;
  const word = wordOf(base.state, positionMs, nowMs);
  if (!proposal || (word.kind !== 'over' && word.kind !== 'room')) return null;
  const changes = changesSaid(practice, proposal);
  const besides = besidesSaid(practice, proposal);
  const inSec =
    proposal.decideByMs === undefined
      ? undefined
      : Math.max(0, Math.round((proposal.decideByMs - positionMs) / 1000));
  return (
    <section
      className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-t border-hairline py-2"
      aria-label="To end on time"
      data-proposed
    >
      <p className="min-w-0 flex-1 basis-80">
        <strong className="font-medium">{wordText(word)}.</strong>{' '}
        <span className="mr-3">{word.kind === 'over' ? 'To end on time' : 'To use it'}</span>
        {changes.slice(0, SHOWN).map(({ itemId, name, short, text }) =>
          word.kind === 'over' ? (
            <button
              key={itemId}
              type="button"
              className="press-plain mr-3"
              title={`Keep ${name} as it is`}
              aria-label={`${text}; keep it`}
              onClick={() => onSteer(itemId, 'keep')}
            >
              {short}
            </button>
          ) : (
            <span key={itemId} className="mr-3">
              {short}
            </span>
          ),
        )}
        {changes.length > SHOWN && (
          <span
            className="mr-3"
            title={changes
              .slice(SHOWN)
              .map(({ text }) => text)
              .join('; ')}
          >
            and {changes.length - SHOWN} more
          </span>
        )}
        {here !== undefined && word.kind === 'over' && (
          <button
            type="button"
            className="press-plain quiet small mr-3"
            aria-pressed={spares.includes(here)}
            onClick={() => onSteer(here, 'spare')}
          >
            rather here
          </button>
        )}
        {besides !== '' && <span className="quiet">{besides}</span>}
        {keeps.length > 0 && (
          <button
            type="button"
            className="press-plain quiet small ml-3"
            onClick={() => keeps.forEach((itemId) => onSteer(itemId, 'keep'))}
          >
            keep nothing
          </button>
        )}
        {Math.abs(proposal.offMs) > NEAR_MS && (
          <span className={proposal.offMs > 0 ? 'must' : 'quiet'}>
            {' '}
            Still{' '}
            {wordText(
              proposal.offMs > 0
                ? { kind: 'over', ms: proposal.offMs }
                : { kind: 'room', ms: -proposal.offMs, more: 0 },
            )}
            .
          </span>
        )}
      </p>
      <p className="flex flex-wrap items-center gap-2">
        <button type="button" className="press" onClick={() => press('take')}>
          Do so
        </button>
        {word.kind === 'over' && (
          <button type="button" className="press" onClick={() => press('let-over')}>
            Let it run over
          </button>
        )}
        <button type="button" className="press-plain" onClick={() => press('refuse')}>
          Leave it
        </button>
        {word.kind === 'over' && inSec !== undefined && (
          <span className="quiet small figures">by itself in {inSec} s</span>
        )}
      </p>
    </section>
  );
}
