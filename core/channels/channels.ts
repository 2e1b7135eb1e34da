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
  { id: 'GV', name: 'Governing vessel', organ: undefined, flow: 'up the back', source: 'ling-shu-17' },
  { id: 'CV', name: 'Conception vessel', organ: undefined, flow: 'up the front', source: 'ling-shu-17' },
] as const satisfies readonly ChannelRow[];

/** The row of one channel. */
export function channel(id: ChannelId): ChannelRow {
  const row = CHANNELS.find((candidate) => candidate.id === id);
  if (!row) throw new RangeError(`unknown channel: expected one of ${CHANNEL_IDS.join(', ')}, got ${id}`);
  return row;
}

export interface PointRow {
  readonly code: string;
  readonly pinyin: string;
  readonly hanzi: string;
  readonly sense: string;
  readonly source: SourceId;
}

/**
 * The points the first repertoire names. The whole set of 361 with computed places comes with the body;
 * codes follow the WHO standard, English senses are our own.
 */
// prettier-ignore
export const POINTS = [
  { code: 'LU1', pinyin: 'Zhōngfǔ', hanzi: '中府', sense: 'middle storehouse', source: 'who-points-2008' },
  { code: 'LU9', pinyin: 'Tàiyuān', hanzi: '太淵', sense: 'great deep', source: 'who-points-2008' },
  { code: 'LI4', pinyin: 'Hégǔ', hanzi: '合谷', sense: 'joining valley', source: 'who-points-2008' },
  { code: 'ST36', pinyin: 'Zúsānlǐ', hanzi: '足三里', sense: 'three miles of the leg', source: 'who-points-2008' },
  { code: 'SP6', pinyin: 'Sānyīnjiāo', hanzi: '三陰交', sense: 'meeting of three yin', source: 'who-points-2008' },
  { code: 'SP21', pinyin: 'Dàbāo', hanzi: '大包', sense: 'great wrapping', source: 'who-points-2008' },
  { code: 'HT7', pinyin: 'Shénmén', hanzi: '神門', sense: 'gate of the spirit', source: 'who-points-2008' },
  { code: 'HT8', pinyin: 'Shàofǔ', hanzi: '少府', sense: 'lesser storehouse', source: 'who-points-2008' },
  { code: 'BL23', pinyin: 'Shènshū', hanzi: '腎俞', sense: 'back gate of the Kidney', source: 'who-points-2008' },
  { code: 'BL40', pinyin: 'Wěizhōng', hanzi: '委中', sense: 'middle of the bend', source: 'who-points-2008' },
  { code: 'KI1', pinyin: 'Yǒngquán', hanzi: '湧泉', sense: 'bubbling spring', source: 'who-points-2008' },
  { code: 'KI3', pinyin: 'Tàixī', hanzi: '太谿', sense: 'great stream', source: 'who-points-2008' },
  { code: 'KI27', pinyin: 'Shūfǔ', hanzi: '俞府', sense: 'storehouse gate', source: 'who-points-2008' },
  { code: 'PC8', pinyin: 'Láogōng', hanzi: '勞宮', sense: 'palace of work', source: 'who-points-2008' },
  { code: 'GB20', pinyin: 'Fēngchí', hanzi: '風池', sense: 'pool of wind', source: 'who-points-2008' },
  { code: 'GB21', pinyin: 'Jiānjǐng', hanzi: '肩井', sense: 'shoulder well', source: 'who-points-2008' },
  { code: 'GB30', pinyin: 'Huántiào', hanzi: '環跳', sense: 'ring of the leap', source: 'who-points-2008' },
  { code: 'LR3', pinyin: 'Tàichōng', hanzi: '太衝', sense: 'great surge', source: 'who-points-2008' },
  { code: 'LR14', pinyin: 'Qīmén', hanzi: '期門', sense: 'gate of hope', source: 'who-points-2008' },
  { code: 'GV4', pinyin: 'Mìngmén', hanzi: '命門', sense: 'gate of life', source: 'who-points-2008' },
  { code: 'GV14', pinyin: 'Dàzhuī', hanzi: '大椎', sense: 'great vertebra', source: 'who-points-2008' },
  { code: 'GV20', pinyin: 'Bǎihuì', hanzi: '百會', sense: 'hundred meetings', source: 'who-points-2008' },
  { code: 'CV6', pinyin: 'Qìhǎi', hanzi: '氣海', sense: 'sea of qi', source: 'who-points-2008' },
  { code: 'CV12', pinyin: 'Zhōngwǎn', hanzi: '中脘', sense: 'middle of the stomach', source: 'who-points-2008' },
  { code: 'CV17', pinyin: 'Dànzhōng', hanzi: '膻中', sense: 'chest centre', source: 'who-points-2008' },
  { code: 'EX-HN3', pinyin: 'Yìntáng', hanzi: '印堂', sense: 'hall of the seal', source: 'who-points-2008' },
  { code: 'EX-HN5', pinyin: 'Tàiyáng', hanzi: '太陽', sense: 'temple', source: 'who-points-2008' },
] as const satisfies readonly PointRow[];

export type PointCode = (typeof POINTS)[number]['code'];

/** The row of one point. */
export function point(code: PointCode): PointRow {
  const row = POINTS.find((candidate) => candidate.code === code);
  if (!row) throw new RangeError(`unknown point: got ${code}`);
  return row;
}
