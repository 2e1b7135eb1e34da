import { useState } from 'react';
import { z } from 'zod';
import type { SignalKind } from '@/core/lead/signals';
import { keep, kept } from '@/ui/kit/keep';

/** What a leader lets be heard, each by itself. */
export const SOUNDS = ['bells', 'breath', 'last two', 'count', 'beat', 'voice'] as const;
export type Sound = (typeof SOUNDS)[number];

/** Which signals belong to which choice; the voice is no signal. */
export const SIGNALS_OF: Readonly<Record<Exclude<Sound, 'voice'>, readonly SignalKind[]>> = {
  bells: ['bell'],
  breath: ['in', 'out', 'stay', 'change'],
  'last two': ['two-more', 'last-one'],
  count: ['count'],
  beat: ['beat'],
};

const KEY = 'navuren-lead-sounds';
const chosenSchema = z.array(z.enum(SOUNDS)).max(SOUNDS.length);

function chosen(): readonly Sound[] {
  try {
    return chosenSchema.parse(JSON.parse(kept(KEY) ?? '[]'));
  } catch {
    return [];
  }
}

/** What is on, kept in this browser from class to class. */
export function useSoundChoices(): {
  readonly on: ReadonlySet<Sound>;
  readonly toggle: (sound: Sound) => void;
} {
  const [list, setList] = useState<readonly Sound[]>(chosen);
  return {
    on: new Set(list),
    toggle: (sound) => {
      const next = list.includes(sound) ? list.filter((one) => one !== sound) : [...list, sound];
      keep(KEY, JSON.stringify(next));
      setList(next);
    },
  };
}
