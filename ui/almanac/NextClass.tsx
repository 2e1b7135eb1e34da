import Link from 'next/link';
import { dateText } from '@/ui/kit/time';

interface Props {
  readonly next: {
    readonly groupId: string;
    readonly groupName: string;
    readonly atMs: number;
    readonly minutes: number;
    readonly practice:
      { readonly id: string; readonly name: string; readonly by: 'term' | 'last' } | undefined;
    readonly term: { readonly id: string; readonly name: string } | undefined;
  };
  readonly zone: string;
  /** Where a practice for them is begun. */
  readonly composeHref: string;
}

/** The next class, first of all, and one press from being led. */
export function NextClass({ next, zone, composeHref }: Props) {
  const { groupName, atMs, minutes, practice, term } = next;
  return (
    <section aria-labelledby="next-class" className="mb-6 border-y border-ink py-3">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-2">
        <h2 id="next-class" className="text-[1.2rem]">
          {dateText(atMs, zone, 'dayTime')}
        </h2>
        <p>
          {groupName}, <span className="figures">{minutes}</span> <span className="unit">min</span>
          {practice && (
            <>
              : <em>{practice.name}</em>
              {practice.by === 'last' && <span className="quiet">, as they had last</span>}
            </>
          )}
        </p>
        <p className="ml-auto flex flex-wrap gap-x-3 gap-y-1 max-sm:ml-0">
          {practice && (
            <>
              <Link className="press press-main" href={`/lead/${practice.id}`}>
                Lead it
              </Link>
              <Link className="press" href={`/register/${practice.id}`}>
                Who is here
              </Link>
            </>
          )}
          <Link className={practice ? 'press' : 'press press-main'} href={composeHref}>
            {practice ? 'Something else' : 'Compose for them'}
          </Link>
          {term && (
            <Link className="press-plain" href={`/term/${term.id}`}>
              {term.name}
            </Link>
          )}
        </p>
      </div>
    </section>
  );
}
