import type { SourceId } from '../sources';
import { organ } from '../phases';
import { channel, type ChannelId } from './channels';

/** Units of the classics: 1 zhàng = 10 chǐ = 100 cùn. */
export const CUN_PER_CHI = 10;

/** Length of each kind of channel, in chǐ, one side (Líng Shū 17). */
// prettier-ignore
export const CHANNEL_LENGTHS_CHI = [
  { kind: 'arm yang', chi: 5, count: 6, source: 'ling-shu-17' },
  { kind: 'arm yin', chi: 3.5, count: 6, source: 'ling-shu-17' },
  { kind: 'leg yang', chi: 8, count: 6, source: 'ling-shu-17' },
  { kind: 'leg yin', chi: 6.5, count: 6, source: 'ling-shu-17' },
  { kind: 'heel vessel', chi: 7.5, count: 2, source: 'ling-shu-17' },
  { kind: 'Governing or Conception vessel', chi: 4.5, count: 2, source: 'ling-shu-17' },
] as const satisfies readonly { kind: string; chi: number; count: number; source: SourceId }[];
type ChannelKind = (typeof CHANNEL_LENGTHS_CHI)[number]['kind'];

const ARM: readonly ChannelId[] = ['LU', 'LI', 'HT', 'SI', 'PC', 'TE'];

/** Which of the lengths of Líng Shū 17 is a channel’s. */
export function kindOf(id: ChannelId): ChannelKind {
  const owner = channel(id).organ;
  if (!owner) return 'Governing or Conception vessel';
  return `${ARM.includes(id) ? 'arm' : 'leg'} ${organ(owner).polarity}` as ChannelKind;
}

/** Classical length of a channel on one side, chǐ. */
export function channelLengthChi(id: ChannelId): number {
  const kind = kindOf(id);
  return CHANNEL_LENGTHS_CHI.find((row) => row.kind === kind)?.chi ?? 0;
}

/** All channels together, chǐ: 16 zhàng 2 chǐ. */
export const circuitChi = (): number =>
  CHANNEL_LENGTHS_CHI.reduce((sum, row) => sum + row.chi * row.count, 0);

/** Cùn that qi moves with one breath, three in and three out (Líng Shū 15). */
export const CUN_PER_BREATH = 6;
/** Breaths of a day and night (Líng Shū 15; Nàn Jīng 1). */
export const BREATHS_PER_DAY = 13_500;

/** Breaths of one circuit of all channels. */
export const breathsPerCircuit = (): number => (circuitChi() * CUN_PER_CHI) / CUN_PER_BREATH;

/** Breaths in which qi goes the length of one channel. */
export const breathsAlong = (id: ChannelId): number => (channelLengthChi(id) * CUN_PER_CHI) / CUN_PER_BREATH;

/** Circuits made in so many breaths. */
export const circuitsIn = (breaths: number): number => breaths / breathsPerCircuit();
