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

/** A seed from a text, the same for the same text: FNV-1a (Fowler, Noll, Vo), 32 bits, over its UTF-16 units. */
export function seedOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let index = 0; index < text.length; index += 1)
    hash = Math.imul(hash ^ text.charCodeAt(index), 0x01000193);
  return hash >>> 0;
}
