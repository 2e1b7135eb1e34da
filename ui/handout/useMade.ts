import { useCallback, useEffect, useRef, useState } from 'react';
import { proxy, wrap } from 'comlink';
import type { FigureLooks } from '@/core/customs/looks';
import type { Sheet } from '@/core/handout/sheet';
import type { Practice } from '@/core/practice';
import type { HandoutWorker } from '@/workers/handout.worker';

const newWorker = (): Worker => new Worker(new URL('../../workers/handout.worker.ts', import.meta.url));

export type Making =
  | { readonly state: 'idle' }
  | { readonly state: 'making'; readonly share: number }
  | { readonly state: 'made'; readonly blob: Blob; readonly href: string }
  | { readonly state: 'refused'; readonly message: string };

interface Data {
  readonly practice: Practice;
  readonly sheet: Sheet;
  readonly looks: FigureLooks;
}

/** Makes what is made in this browser: a breath track, a file for a word processor. It can be stopped. */
export function useMade(): {
  readonly making: Making;
  readonly make: (what: 'sound' | 'word', dataHref: string) => Promise<void>;
  readonly stop: () => void;
} {
  const [making, setMaking] = useState<Making>({ state: 'idle' });
  const worker = useRef<Worker | undefined>(undefined);
  const href = useRef<string | undefined>(undefined);
  const stop = useCallback((): void => {
    worker.current?.terminate();
    worker.current = undefined;
    if (href.current) URL.revokeObjectURL(href.current);
    href.current = undefined;
    setMaking({ state: 'idle' });
  }, []);
  useEffect(() => stop, [stop]);
  const make = useCallback(
    async (what: 'sound' | 'word', dataHref: string): Promise<void> => {
      stop();
      setMaking({ state: 'making', share: 0 });
      try {
        const answer = await fetch(dataHref);
        if (!answer.ok)
          return setMaking({ state: 'refused', message: 'It is not there any more, or it is veiled.' });
        const { practice, sheet, looks } = (await answer.json()) as Data;
        const beside = newWorker();
        worker.current = beside;
        const api = wrap<HandoutWorker>(beside);
        const onStep = proxy((share: number): boolean => {
          setMaking({ state: 'making', share });
          return worker.current === beside;
        });
        const blob =
          what === 'sound' ? await api.track(practice, onStep) : await api.word(sheet, looks, onStep);
        beside.terminate();
        if (!blob || worker.current !== beside) return;
        href.current = URL.createObjectURL(blob);
        setMaking({ state: 'made', blob, href: href.current });
      } catch {
        setMaking({ state: 'refused', message: 'It could not be made; nothing was kept.' });
      }
    },
    [stop],
  );
  return { making, make, stop };
}
