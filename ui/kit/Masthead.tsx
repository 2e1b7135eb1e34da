'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { FindAndKeys } from '@/ui/find/FindAndKeys';
import { LightSwitch } from './LightSwitch';
import { VeilSwitch } from './VeilSwitch';

const ROOMS = [
  { href: '/', label: 'Almanac' },
  { href: '/compose', label: 'Compose' },
  { href: '/shelf', label: 'Shelf' },
  { href: '/forms', label: 'Forms' },
  { href: '/atlas', label: 'Atlas' },
  { href: '/term', label: 'Term' },
  { href: '/people', label: 'People' },
  { href: '/log', label: 'Log' },
  { href: '/customs', label: 'Customs' },
] as const;

/** The head of every page but Lead: the name, the rooms in the order of the work, the light. */
export function Masthead() {
  const path = usePathname();
  const isHere = (href: string) => (href === '/' ? path === '/' : path.startsWith(href));
  return (
    <header className="no-print mx-auto flex max-w-[82rem] flex-wrap items-baseline gap-x-7 gap-y-1 border-b border-ink px-4 pt-3 pb-1.5 sm:px-8">
      <a href="#content" className="skip">
        To the content
      </a>
      <Link href="/" className="font-serif text-[1.44rem] font-medium tracking-tight italic">
        Navuren
      </Link>
      <nav
        aria-label="Rooms"
        className="flex flex-wrap gap-x-2 gap-y-1 max-sm:order-last max-sm:w-full max-sm:gap-x-3.5 max-sm:text-[0.93rem] sm:gap-x-5"
      >
        {ROOMS.map((room) => (
          <Link
            key={room.href}
            href={room.href}
            aria-current={isHere(room.href) ? 'page' : undefined}
            className="border-b-2 border-transparent py-0.5 aria-[current=page]:border-ink aria-[current=page]:font-bold"
          >
            {room.label}
          </Link>
        ))}
      </nav>
      <span className="ml-auto flex items-center gap-x-4">
        <FindAndKeys />
        <VeilSwitch />
        <LightSwitch />
      </span>
    </header>
  );
}
