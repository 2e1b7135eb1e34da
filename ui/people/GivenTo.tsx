import Link from 'next/link';
import { dateText, plural } from '@/ui/kit/time';

export interface GivenClass {
  readonly id: string;
  readonly practiceId: string;
  readonly practiceName: string;
  readonly groupName: string | undefined;
  readonly startedAtMs: number;
}

/** So many stand on the page at once. */
const MOST_SHOWN = 12;

/** The classes somebody was at, newest first. */
export function GivenTo({
  personId,
  given,
  zone,
}: {
  readonly personId: string;
  readonly given: readonly GivenClass[];
  readonly zone: string;
}) {
  const byPractice = new Map<string, number>();
  for (const { practiceName } of given) byPractice.set(practiceName, (byPractice.get(practiceName) ?? 0) + 1);
  return (
    <section aria-labelledby="given">
      <h2 id="given">What they were given</h2>
      {given.length === 0 ? (
        <p className="quiet my-2">Nothing yet: it stands here once they are ticked as present at a class.</p>
      ) : (
        <>
          <p className="quiet small">
            {plural(given.length, 'class', 'classes')}:{' '}
            {[...byPractice].map(([name, count]) => `${name} (${count})`).join(', ')}
          </p>
          <ol className="mt-2">
            {given.slice(0, MOST_SHOWN).map((one) => (
              <li
                key={one.id}
                className="flex flex-wrap items-baseline gap-x-3 border-t border-hairline py-1"
              >
                <span className="figures">{dateText(one.startedAtMs, zone, 'date')}</span>
                <Link className="press-plain" href={`/compose/${one.practiceId}`}>
                  {one.practiceName}
                </Link>
                {one.groupName && <span className="quiet">{one.groupName}</span>}
              </li>
            ))}
          </ol>
          <p className="mt-2">
            <Link className="press-plain" href={`/log?person=${personId}`}>
              In the log
            </Link>
          </p>
        </>
      )}
    </section>
  );
}
