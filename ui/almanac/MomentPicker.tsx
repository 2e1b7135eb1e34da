'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';

interface Props {
  /** The moment shown, as the wall clock of the place: "2026-11-25T06:20". */
  readonly value: string;
  readonly isNow: boolean;
  readonly zone: string;
  readonly links: {
    readonly dayBefore: string;
    readonly dayAfter: string;
    readonly hourBefore: string;
    readonly hourAfter: string;
  };
}

/** Chooses the moment the almanac speaks of. */
export function MomentPicker({ value, isNow, zone, links }: Props) {
  const router = useRouter();
  // A plain form that asks for /?at=…: it works before the script has arrived, which then only
  // spares the whole-page load. The field keeps its own value, so nothing typed early is lost.
  return (
    <form
      key={value}
      action="/"
      method="get"
      className="flex flex-wrap items-center gap-x-3 gap-y-1"
      onSubmit={(event) => {
        event.preventDefault();
        const typed = new FormData(event.currentTarget).get('at');
        if (typeof typed === 'string' && typed !== '') router.push(`/?at=${encodeURIComponent(typed)}`);
      }}
    >
      <label className="small quiet" htmlFor="moment">
        Look at
      </label>
      <input
        id="moment"
        type="datetime-local"
        min="1900-01-02T00:00"
        max="2100-12-30T23:59"
        className="field figures max-w-58"
        name="at"
        defaultValue={value}
        aria-describedby="moment-zone"
      />
      <button type="submit" className="press">
        Show
      </button>
      <span className="flex flex-wrap gap-x-3">
        <Link className="press-plain" href={links.dayBefore} scroll={false}>
          day before
        </Link>
        <Link className="press-plain" href={links.dayAfter} scroll={false}>
          next day
        </Link>
        <Link className="press-plain" href={links.hourBefore} scroll={false}>
          2 hours earlier
        </Link>
        <Link className="press-plain" href={links.hourAfter} scroll={false}>
          2 hours later
        </Link>
        {!isNow && (
          <Link className="press-plain font-bold" href="/" scroll={false}>
            now
          </Link>
        )}
      </span>
      <span id="moment-zone" className="sr-only">
        in the time zone {zone}
      </span>
    </form>
  );
}
