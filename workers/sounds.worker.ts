import { expose, transfer } from 'comlink';
import { synthesize, type SoundAsked } from '@/core/sounds/synth';

const api = {
  /** Mono samples of an example, made beside the page. */
  sound: (asked: SoundAsked): Float32Array => {
    const samples = synthesize(asked);
    return transfer(samples, [samples.buffer]);
  },
};
export type SoundsWorker = typeof api;

expose(api);
