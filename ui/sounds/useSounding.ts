'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Sound, Voice } from '@/core/sounds';
import { newHelper, type Helper } from '@/ui/kit/helper';
import type { SoundsWorker } from '@/workers/sounds.worker';

const newWorker = (): Worker => new Worker(new URL('../../workers/sounds.worker.ts', import.meta.url));

/** How an example is to be heard. */
export interface Heard {
  readonly sound: Sound;
  readonly voice: Exclude<Voice, 'silent'>;
  readonly sec: number;
  readonly pitchHz: number;
}

const RATE_HZ = 22_050;

/** Plays synthesised examples, one at a time: which is being heard, and a press that begins or stops it. */
export function useSounding(): {
  readonly heard: string | undefined;
  readonly problem: string | undefined;
  readonly play: (asked: Heard) => void;
  readonly stop: () => void;
} {
  const [heard, setHeard] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const helper = useRef<Helper<SoundsWorker> | undefined>(undefined);
  const context = useRef<AudioContext | undefined>(undefined);
  const source = useRef<AudioBufferSourceNode | undefined>(undefined);
  const stop = useCallback((): void => {
    source.current?.stop();
    source.current = undefined;
    setHeard(undefined);
  }, []);
  useEffect(
    () => () => {
      source.current?.stop();
      helper.current?.stop();
      void context.current?.close();
    },
    [],
  );
  const play = useCallback(
    (asked: Heard): void => {
      stop();
      setHeard(asked.sound.id);
      setProblem(undefined);
      const begin = async (): Promise<void> => {
        const audio = (context.current ??= new AudioContext());
        await audio.resume();
        const worker = (helper.current ??= newHelper<SoundsWorker>(
          newWorker(),
          () => (helper.current = undefined),
        ));
        const samples = await worker.ask(async (remote) => remote.sound({ ...asked, sampleRate: RATE_HZ }));
        const buffer = audio.createBuffer(1, samples.length, RATE_HZ);
        buffer.copyToChannel(new Float32Array(samples), 0);
        const node = audio.createBufferSource();
        node.buffer = buffer;
        node.connect(audio.destination);
        node.onended = () => {
          if (source.current === node) stop();
        };
        source.current = node;
        node.start();
      };
      begin().catch(() => {
        setHeard(undefined);
        setProblem('This browser plays no sound here.');
      });
    },
    [stop],
  );
  return { heard, problem, play, stop };
}
