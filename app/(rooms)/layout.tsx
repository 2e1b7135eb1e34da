import type { ReactNode } from 'react';
import { Masthead } from '@/ui/kit/Masthead';
import { UnderWay } from '@/ui/lead/UnderWay';

export default function RoomsLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <Masthead />
      <UnderWay />
      <main id="content" className="mx-auto max-w-[82rem] px-4 pt-5 pb-16 sm:px-8">
        {children}
      </main>
    </>
  );
}
