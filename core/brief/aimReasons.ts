import type { SourceId } from '../sources';
import type { AimId } from './aims';

/** Why an aim is served as it is, and who says so; apart from the aims, for it is read where one is chosen alone. */
// prettier-ignore
export const AIM_REASONS: Readonly<Record<AimId, { readonly why: string; readonly source: SourceId }>> = {
  sleep: { why: 'In the tradition sleep comes when the Heart’s fire goes down to meet the Kidney’s water: settle, sink, nothing that stirs.', source: 'common-practice' },
  calm: { why: 'The Heart is said to house the shén: slow exhales, hands that close and sink, stillness.', source: 'su-wen-23' },
  energy: { why: 'Kidney, Spleen and Lung are said to make qi together: root, food and breath.', source: 'common-practice' },
  back: { why: 'The low back is called the dwelling of the Kidney, and the Bladder channel runs down beside the spine.', source: 'su-wen-17' },
  breath: { why: 'The Lung is said to govern the breath and the Kidney to receive it.', source: 'common-practice' },
  digestion: { why: 'Spleen and Stomach in the middle; a free Liver, so that, as it is said, wood does not press upon earth.', source: 'common-practice' },
  focus: { why: 'The Spleen is said to house thought and the Heart the clear mind: steady slow forms, weight that is felt.', source: 'ling-shu-8' },
  joints: { why: 'Wood is said to govern the sinews; each joint is moved through its easy range.', source: 'su-wen-5' },
  mood: { why: 'Qi is said to slacken with sorrow and to rise with anger: let the sides spread, the chest open and the breath go; then warm the Heart.', source: 'su-wen-39' },
};
