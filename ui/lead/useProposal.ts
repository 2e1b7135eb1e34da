import { useEffect, useRef } from 'react';
import { mustDecide, positionMs, toFit, type Leading, type LeadingEvent } from '@/core/desk/leading';
import { newHelper, type Helper } from '@/ui/kit/helper';
import type { LeadWorker } from '@/workers/lead.worker';

const newWorker = (): Worker => new Worker(new URL('../../workers/lead.worker.ts', import.meta.url));

/**
 * Has what is left fitted anew whenever the class has come off its end, beside the page; and lets it be decided by itself
 * when the leader has said nothing till then.
 */
export function useProposal(state: Leading, nowMs: number, happens: (event: LeadingEvent) => void): void {
  const helper = useRef<Helper<LeadWorker> | undefined>(undefined);
  // It is there from the beginning: a server that is gone when it is first needed could not send it any more.
  useEffect(() => {
    helper.current ??= newHelper<LeadWorker>(newWorker(), () => (helper.current = undefined));
    return () => {
      helper.current?.stop();
      helper.current = undefined;
    };
  }, []);
  const isOff = toFit(state, nowMs) !== undefined;
  const { session, base, keeps, spares } = state;
  const after = session.actions.length;
  const latest = useRef(state);
  useEffect(() => {
    latest.current = state;
  }, [state]);
  useEffect(() => {
    if (!isOff) return;
    const atMs = Date.now();
    const targetMs = toFit(latest.current, atMs);
    if (targetMs === undefined) return;
    (helper.current ??= newHelper<LeadWorker>(newWorker(), () => (helper.current = undefined)))
      .ask((remote) =>
        remote.retime(base.state.practice, positionMs(latest.current, atMs), targetMs, keeps, spares),
      )
      .then((proposal) => happens({ kind: 'proposed', proposal, after }))
      // Without it the class goes on as it is, and says how far off it is.
      .catch((problem: unknown) => console.error('What is left could not be fitted', problem));
  }, [after, base, happens, isOff, keeps, spares]);
  const decide = mustDecide(state, nowMs);
  useEffect(() => {
    if (decide) happens({ kind: 'came-to-decide', atMs: Date.now() });
  }, [decide, happens]);
}
