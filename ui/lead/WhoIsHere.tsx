import Link from 'next/link';

export interface Here {
  readonly count: number;
  readonly isTicked: boolean;
}

/** How many a class is for, and the way to ticking them; who they are is said there only. */
export function WhoIsHere({ practiceId, here }: { practiceId: string; here: Here | undefined }) {
  if (!here) return null;
  return (
    <Link className="press-plain small" href={`/register/${practiceId}`}>
      Who is here: <span className="figures">{here.count}</span> {here.isTicked ? 'ticked' : 'expected'}
    </Link>
  );
}
