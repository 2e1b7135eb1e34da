'use client';

import { useSyncExternalStore } from 'react';

const never = (): (() => void) => () => {};

/** False until the page answers to presses; what is typed before that would be lost. */
export const useReady = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
