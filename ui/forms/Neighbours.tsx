import Link from 'next/link';

const ROOMS = [
  { href: '/forms', label: 'Forms' },
  { href: '/forms/breaths', label: 'Breaths' },
  { href: '/forms/sounds', label: 'Sounds' },
] as const;

/** Forms, breaths and sounds lie side by side: a theme asks for all three. */
export function Neighbours({ here }: { readonly here: (typeof ROOMS)[number]['href'] }) {
  return (
    <nav aria-label="Forms, breaths, sounds" className="flex flex-wrap gap-x-5">
      {ROOMS.map(({ href, label }) =>
        href === here ? (
          <h1 key={href} aria-current="page">
            {label}
          </h1>
        ) : (
          <Link key={href} href={href} className="press-plain self-baseline font-serif text-[1.35rem]">
            {label}
          </Link>
        ),
      )}
    </nav>
  );
}
