'use client';

import { useMemo, type ReactNode } from 'react';
import Link from 'next/link';
import { hasEnded, startLeading, type Session } from '@/core/desk/leading';
import type { Teaching } from '@/core/desk/teaching';
import { HallScreen } from '@/ui/lead/HallScreen';
import { useClock } from '@/ui/lead/useClock';
import type { Standing } from './connection';
import { CodeForm } from './CodeForm';
import { useAwake } from './useAwake';
import { useFollowed, type FollowedClass } from './useFollowed';

/** What this screen says of itself, in a line: nothing while all is well. */
function Note({ standing, canWake, leads }: NoteProps) {
  const isAway = standing === 'away' || standing === 'joining';
  if (!isAway && canWake && !leads) return null;
  return (
    <p className="small quiet flex flex-wrap gap-x-4 px-4 sm:px-8">
      {isAway && (
        <span role="status">The connection is gone; it goes on by the clock, and comes back by itself.</span>
      )}
      {!canWake && (
        <span>This screen may go dark by itself here: let it stay on in the settings of the device.</span>
      )}
      {leads && (
        <Link className="press-plain" href={`/lead/${leads.practiceId}`}>
          Lead it from here
        </Link>
      )}
    </p>
  );
}

interface NoteProps {
  readonly standing: Standing;
  readonly canWake: boolean;
  readonly leads: FollowedClass['leads'];
}

/** The class as it goes, on a device that only looks on. */
function Followed({ session, teaching, standing, leads }: FollowedProps) {
  const state = useMemo(() => startLeading(session), [session]);
  const nowMs = useClock(state.base.state.running);
  const ended = hasEnded(state, nowMs);
  const canWake = useAwake(!ended);
  return (
    <HallScreen
      state={state}
      nowMs={nowMs}
      ended={ended}
      told={teaching}
      note={<Note standing={standing} canWake={canWake} leads={leads} />}
    />
  );
}

interface FollowedProps extends Omit<NoteProps, 'canWake'> {
  readonly session: Session;
  readonly teaching: Teaching | null;
}

function Plain({ title, children }: { readonly title: string; readonly children?: ReactNode }) {
  return (
    <main className="mx-auto max-w-[40rem] px-4 pt-16 pb-16 sm:px-8">
      <h1>{title}</h1>
      {children}
    </main>
  );
}

/** What is led under a code, for a phone or a screen in the hall. */
export function FollowRoom({ code }: { readonly code: string }) {
  const { standing, session, teaching, leads } = useFollowed(code);
  if (standing === 'unknown')
    return (
      <Plain title="Nothing is shown under this code">
        <CodeForm />
      </Plain>
    );
  if (standing === 'over')
    return (
      <Plain title="It is over">
        <p className="reading mt-2">What was shown here is shown no more. Another class has another code.</p>
        <CodeForm />
      </Plain>
    );
  if (!session)
    return (
      <Plain title="A moment …">
        {standing === 'away' && (
          <p className="reading mt-2" role="status">
            The class cannot be reached just now; it is tried again by itself.
          </p>
        )}
      </Plain>
    );
  return <Followed session={session} teaching={teaching} standing={standing} leads={leads} />;
}
