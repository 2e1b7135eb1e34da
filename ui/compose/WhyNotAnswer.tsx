import type { Composed, WhyNot as Answer } from '@/core/compose';
import type { Form } from '@/core/forms';
import { clockText } from '@/ui/kit/time';
import { ROLE_NAMES } from '@/ui/words/names';
import { obstacleText, REFUSED } from '@/ui/words/obstacles';
import { Contributions } from './WhyThis';

/** So little lost or won is the clock’s own rounding: as good as nothing. */
const SAME_POINTS = 0.15;

interface Props {
  readonly form: Form;
  readonly shown: Answer;
  readonly nameOf: (formId: string) => string;
  readonly onTake: (draft: Composed, name: string) => void;
}

/** What putting a form in costs, what comes and what leaves; or why it cannot be put in. */
export function WhyNotAnswer({ form, shown, nameOf, onTake }: Props) {
  return (
    <>
      {!shown.ok && (
        <p className="must mt-1">
          Not here:{' '}
          {shown.because === 'obstacle'
            ? shown.obstacles.map((one) => obstacleText(one, nameOf)).join(' ')
            : `${REFUSED[shown.because]}.`}
        </p>
      )}
      {shown.ok && (
        <>
          <p className="reading mt-1">
            {shown.cost > SAME_POINTS ? (
              <>
                With it the practice is worth{' '}
                <strong className="figures">{shown.cost.toFixed(1)} points</strong> less.
              </>
            ) : shown.cost < -SAME_POINTS ? (
              <>
                With it the practice would even gain{' '}
                <strong className="figures">{(-shown.cost).toFixed(1)} points</strong>: it was edited by hand
                since it was drafted.
              </>
            ) : (
              'With it the practice is worth as much.'
            )}
          </p>
          <dl className="mt-2 grid grid-cols-[5.5rem_minmax(0,1fr)] gap-y-1">
            <dt className="caption">leaves</dt>
            <dd>{shown.leaves.length > 0 ? shown.leaves.map(nameOf).join(', ') : 'nothing'}</dd>
            <dt className="caption">comes</dt>
            <dd>
              {shown.comes
                .map((id) => (id === form.id ? `${nameOf(id)}, in ${ROLE_NAMES[shown.role]}` : nameOf(id)))
                .join('; ')}
            </dd>
            {shown.moves.length > 0 && (
              <>
                <dt className="caption">moves</dt>
                <dd>
                  {shown.moves.map(({ formId: id, to }) => `${nameOf(id)}, to ${ROLE_NAMES[to]}`).join('; ')}
                </dd>
              </>
            )}
            <dt className="caption">length</dt>
            <dd className="figures">{clockText(shown.draft.timeline.totalMs)} min</dd>
          </dl>
          <h4 className="caption mt-3">what it brings</h4>
          <Contributions contributions={shown.contributions} />
          <p className="mt-3">
            <button type="button" className="press press-main" onClick={() => onTake(shown.draft, form.name)}>
              Put it in like this
            </button>
          </p>
        </>
      )}
    </>
  );
}
