'use client';

import { createContext, useCallback, useContext, useState, type ReactNode } from 'react';
import { Toast } from 'radix-ui';
import { afterPaint } from './usePainted';

interface Saying {
  readonly id: number;
  readonly text: string;
}

const SayContext = createContext<(text: string) => void>(() => {});

/** Says something in passing: shown for a while at the foot of the page and read aloud. */
export const useSay = (): ((text: string) => void) => useContext(SayContext);

export function SaidProvider({ children }: { children: ReactNode }) {
  const [sayings, setSayings] = useState<readonly Saying[]>([]);
  const say = useCallback((text: string) => {
    // After what it speaks of: the page answers the press first.
    afterPaint(() =>
      setSayings((present) => [...present.slice(-2), { id: (present.at(-1)?.id ?? 0) + 1, text }]),
    );
  }, []);
  return (
    <SayContext value={say}>
      <Toast.Provider duration={6000} label="Message">
        {children}
        {sayings.map((saying) => (
          <Toast.Root
            key={saying.id}
            className="slip px-4 py-2"
            onOpenChange={(open) => {
              if (!open) setSayings((present) => present.filter((other) => other.id !== saying.id));
            }}
          >
            <Toast.Description>{saying.text}</Toast.Description>
          </Toast.Root>
        ))}
        <Toast.Viewport
          label="Messages"
          className="no-print fixed right-4 bottom-4 z-50 flex w-80 max-w-[calc(100vw-2rem)] flex-col gap-2"
        />
      </Toast.Provider>
    </SayContext>
  );
}
