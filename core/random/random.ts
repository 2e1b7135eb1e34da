/** A source of chance that is the same for the same seed, so that a draft can be made again. */
export interface Random {
  /** A number in [0, 1). */
  next(): number;
}

/**
 * Mulberry32, a small well-mixed generator in the public domain (T. Ettinger); 32-bit state.
 * Good enough to break ties and vary drafts, not for secrets.
 */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return {
    next() {
      state = (state + 0x6d2b79f5) >>> 0;
      let mixed = state;
      mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1);
      mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
      return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
    },
  };
}
