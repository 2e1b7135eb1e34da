import { back, face, foot, hand, type PointRecord, type Site } from '../site';

/** A point with more places than one on each side. */
export interface ExtraRecord extends PointRecord {
  readonly more?: readonly Site[];
  /** On the midline: one place, not one on each side. */
  readonly midline?: boolean;
}

/** The points outside the channels that practice uses. Places: WHO 2008, written down from memory. */
// prettier-ignore
export const EXTRA_POINTS = [
  { code: 'EX-HN3', pinyin: 'Yìntáng', hanzi: '印堂', sense: 'hall of the seal', site: face(0, 11), midline: true, by: 'between the inner ends of the eyebrows', use: 'upper dāntián, quiet mind' },
  { code: 'EX-HN5', pinyin: 'Tàiyáng', hanzi: '太陽', sense: 'temple', site: face(62, 6), by: 'in the hollow of the temple, behind the outer end of the eyebrow', use: 'temples, eyes' },
  { code: 'EX-B2', pinyin: 'Jiájǐ', hanzi: '夾脊', sense: 'beside the spine', site: back('T1', 0.5), by: 'and so under each vertebra down to the 5th lumbar', use: 'spine, waking the back',
    more: (['T2', 'T3', 'T4', 'T5', 'T6', 'T7', 'T8', 'T9', 'T10', 'T11', 'T12', 'L1', 'L2', 'L3', 'L4', 'L5'] as const).map((vertebra) => back(vertebra, 0.5)) },
  { code: 'EX-UE9', pinyin: 'Bāxié', hanzi: '八邪', sense: 'eight evils', site: hand(0.56, 0.75, 'back'), by: 'in the webs between the fingers, four on each hand', use: 'fingers, shaking out',
    more: [hand(0.62, 0.3, 'back'), hand(0.62, -0.15, 'back'), hand(0.6, -0.62, 'back')] },
  { code: 'EX-LE10', pinyin: 'Bāfēng', hanzi: '八風', sense: 'eight winds', site: foot(0.8, -0.42, 'top'), by: 'in the webs between the toes, four on each foot', use: 'toes, grounding',
    more: [foot(0.8, -0.02, 'top'), foot(0.8, 0.27, 'top'), foot(0.78, 0.56, 'top')] },
] as const satisfies readonly ExtraRecord[];

/** Places practice names that are not one point; where schools differ, each reading is its own row. */
interface RegionRow {
  readonly id: string;
  readonly name: string;
  readonly hanzi: string;
  readonly school: string;
  /** The points that mark it. */
  readonly points: readonly string[];
  readonly where: string;
  readonly source: 'common-practice';
}

// prettier-ignore
export const REGIONS = [
  { id: 'lower-dantian-three-fingers', name: 'lower dāntián', hanzi: '下丹田', school: 'three fingers below the navel', points: ['CV5'], where: 'About 2 cùn below the navel, a little way in', source: 'common-practice' },
  { id: 'lower-dantian-sea-of-qi', name: 'lower dāntián', hanzi: '下丹田', school: 'at the sea of qi', points: ['CV6'], where: '1.5 cùn below the navel, behind CV6', source: 'common-practice' },
  { id: 'lower-dantian-origin', name: 'lower dāntián', hanzi: '下丹田', school: 'at the gate of origin', points: ['CV4'], where: '3 cùn below the navel, behind CV4', source: 'common-practice' },
  { id: 'middle-dantian', name: 'middle dāntián', hanzi: '中丹田', school: 'all', points: ['CV17'], where: 'Behind the chest centre, CV17', source: 'common-practice' },
  { id: 'upper-dantian', name: 'upper dāntián', hanzi: '上丹田', school: 'all', points: ['EX-HN3'], where: 'Deep behind the place between the brows', source: 'common-practice' },
  { id: 'mingmen', name: 'gate of life', hanzi: '命門', school: 'all', points: ['GV4', 'BL23'], where: 'Under L2, level with the navel, and the loins beside it', source: 'common-practice' },
  { id: 'jade-pillow', name: 'jade pillow', hanzi: '玉枕', school: 'all', points: ['GV17', 'BL9'], where: 'The bump of the occiput, last gate of the back in the orbit', source: 'common-practice' },
] as const satisfies readonly RegionRow[];
