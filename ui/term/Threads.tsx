import type { ThreadView, WeekView } from './view';

const ROW = 26;
const STEP = 26;
const LEFT = 8;

/** The forms that are learnt, each a thread through the weeks: where it begins, where it comes back, from when it is known. */
export function Threads({
  threads,
  weeks,
}: {
  readonly threads: readonly ThreadView[];
  readonly weeks: readonly Pick<WeekView, 'monday'>[];
}) {
  const width = LEFT * 2 + STEP * Math.max(1, weeks.length - 1);
  return (
    <section aria-labelledby="threads" className="mt-8">
      <h2 id="threads">Forms being learnt</h2>
      <p className="quiet small">
        A ring where it is new, a knot where it comes back, a bar from where it is known.
      </p>
      <div
        className="overflow-x-auto"
        tabIndex={0}
        role="region"
        aria-label="Forms being learnt, week by week"
      >
        <table className="mt-2">
          <tbody>
            {threads.map(({ formId, name, newIn, again, knownFrom }) => {
              const met = [...(newIn === undefined ? [] : [newIn]), ...again];
              const x = (week: number): number => LEFT + week * STEP;
              return (
                <tr key={formId}>
                  <th scope="row" className="pr-4 text-left font-normal whitespace-nowrap">
                    {name}
                  </th>
                  <td>
                    <span className="sr-only">
                      {newIn === undefined ? '' : `new in week ${newIn + 1}`}
                      {again.length > 0 && `, again in ${again.map((week) => week + 1).join(', ')}`}
                      {knownFrom !== undefined && `, known from week ${knownFrom + 1}`}
                      {met.length === 0 && 'not in this term'}
                    </span>
                    <svg width={width} height={ROW} aria-hidden className="block">
                      {met.length > 0 && (
                        <line
                          x1={x(Math.min(...met))}
                          x2={x(Math.max(...met))}
                          y1={ROW / 2}
                          y2={ROW / 2}
                          stroke="var(--faded)"
                          strokeWidth={1.2}
                        />
                      )}
                      {knownFrom !== undefined && (
                        <line
                          x1={x(knownFrom)}
                          x2={x(weeks.length - 1)}
                          y1={ROW / 2}
                          y2={ROW / 2}
                          stroke="var(--ink)"
                          strokeWidth={3}
                        />
                      )}
                      {again.map((week) => (
                        <circle key={week} cx={x(week)} cy={ROW / 2} r={4} fill="var(--ink)" />
                      ))}
                      {newIn !== undefined && (
                        <circle
                          cx={x(newIn)}
                          cy={ROW / 2}
                          r={5}
                          fill="var(--paper)"
                          stroke="var(--ink)"
                          strokeWidth={2}
                        />
                      )}
                    </svg>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}
