import type { OrganId } from '../phases';
import type { SourceId } from '../sources';

/** The fourteen channels with points of their own, in flow order, then the two vessels. */
export const CHANNEL_IDS = [
  'LU',
  'LI',
  'ST',
  'SP',
  'HT',
  'SI',
  'BL',
  'KI',
  'PC',
  'TE',
  'GB',
  'LR',
  'GV',
  'CV',
] as const;
export type ChannelId = (typeof CHANNEL_IDS)[number];

interface ChannelRow {
  readonly id: ChannelId;
  readonly name: string;
  readonly organ: OrganId | undefined;
  /** Where qi flows from and to (Líng Shū 38). */
  readonly flow: string;
  readonly source: SourceId;
}

// prettier-ignore
export const CHANNELS = [
  { id: 'LU', name: 'Lung channel', organ: 'lung', flow: 'chest to hand', source: 'ling-shu-38' },
  { id: 'LI', name: 'Large Intestine channel', organ: 'large-intestine', flow: 'hand to head', source: 'ling-shu-38' },
  { id: 'ST', name: 'Stomach channel', organ: 'stomach', flow: 'head to foot', source: 'ling-shu-38' },
  { id: 'SP', name: 'Spleen channel', organ: 'spleen', flow: 'foot to chest', source: 'ling-shu-38' },
  { id: 'HT', name: 'Heart channel', organ: 'heart', flow: 'chest to hand', source: 'ling-shu-38' },
  { id: 'SI', name: 'Small Intestine channel', organ: 'small-intestine', flow: 'hand to head', source: 'ling-shu-38' },
  { id: 'BL', name: 'Bladder channel', organ: 'bladder', flow: 'head to foot', source: 'ling-shu-38' },
  { id: 'KI', name: 'Kidney channel', organ: 'kidney', flow: 'foot to chest', source: 'ling-shu-38' },
  { id: 'PC', name: 'Pericardium channel', organ: 'pericardium', flow: 'chest to hand', source: 'ling-shu-38' },
  { id: 'TE', name: 'Triple Burner channel', organ: 'triple-burner', flow: 'hand to head', source: 'ling-shu-38' },
  { id: 'GB', name: 'Gallbladder channel', organ: 'gallbladder', flow: 'head to foot', source: 'ling-shu-38' },
  { id: 'LR', name: 'Liver channel', organ: 'liver', flow: 'foot to chest', source: 'ling-shu-38' },
  { id: 'GV', name: 'Governing vessel', organ: undefined, flow: 'up the back', source: 'nan-jing-28' },
  { id: 'CV', name: 'Conception vessel', organ: undefined, flow: 'up the front', source: 'nan-jing-28' },
] as const satisfies readonly ChannelRow[];

/** The row of one channel. */
export function channel(id: ChannelId): ChannelRow {
  const row = CHANNELS.find((candidate) => candidate.id === id);
  if (!row) throw new RangeError(`unknown channel: expected one of ${CHANNEL_IDS.join(', ')}, got ${id}`);
  return row;
}
