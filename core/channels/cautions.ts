import type { PointCode } from './points';
import type { SourceId } from '../sources';

/** A caution on a point; defers to licensed care. */
interface PointCautionRow {
  readonly codes: readonly PointCode[];
  readonly say: string;
  readonly source: SourceId;
}

// prettier-ignore
export const POINT_CAUTIONS = [
  { codes: ['LI4', 'SP6', 'GB21', 'BL60', 'BL67'], say: 'In pregnancy no strong pressing or knocking here.', source: 'common-practice' },
  { codes: ['BL23', 'BL24', 'BL25', 'BL26', 'BL27', 'BL28', 'BL29', 'BL30', 'BL31', 'BL32', 'BL33', 'BL34', 'BL52', 'BL53', 'GV3', 'GV4'], say: 'In pregnancy no strong pressing or knocking on the low back and sacrum.', source: 'common-practice' },
  { codes: ['CV2', 'CV3', 'CV4', 'CV5', 'CV6', 'CV7', 'CV8', 'KI11', 'KI12', 'KI13', 'KI14', 'KI15', 'KI16', 'ST25', 'ST26', 'ST27', 'ST28', 'ST29', 'ST30', 'SP12', 'SP13', 'SP14', 'SP15'], say: 'In pregnancy no pressing or knocking on the lower belly; rest the hands only.', source: 'common-practice' },
  { codes: ['BL40', 'SP12', 'LU9', 'ST9', 'ST42', 'LR10', 'HT1'], say: 'A large vessel lies under it: touch, do not strike or press hard.', source: 'common-practice' },
  { codes: ['ST9', 'ST10', 'ST11', 'LI17', 'LI18', 'SI16', 'CV22', 'CV23'], say: 'On the throat only the lightest touch, never both sides at once.', source: 'common-practice' },
  { codes: ['ST1', 'BL1', 'GB1'], say: 'Beside the eye: a light touch with the eye closed.', source: 'common-practice' },
  { codes: ['ST12', 'GB21', 'LU1', 'LU2', 'KI27'], say: 'The lung lies close under it: tap lightly.', source: 'common-practice' },
  { codes: ['LU1', 'LU2', 'PC1', 'ST14', 'ST15', 'ST16'], say: 'No knocking near a pacemaker, port or line.', source: 'common-practice' },
  { codes: ['ST17', 'ST18', 'SP17', 'SP18'], say: 'On the breast: attention or a resting hand only.', source: 'common-practice' },
  { codes: ['GV14', 'GV15', 'GV16', 'GV17', 'BL10', 'GB20'], say: 'At the neck and the base of the skull: press gently, never strike.', source: 'common-practice' },
  { codes: ['GV5', 'GV6', 'GV7', 'GV8', 'GV9', 'GV10', 'GV11', 'GV12', 'GV13'], say: 'With osteoporosis no knocking on the spine.', source: 'common-practice' },
  { codes: ['GB25', 'BL51', 'LR13', 'LR14', 'GB24', 'SP21'], say: 'Over the kidneys and the lowest ribs: warm or pat, do not strike hard.', source: 'common-practice' },
  { codes: ['CV1'], say: 'Attention only.', source: 'common-practice' },
] as const satisfies readonly PointCautionRow[];

/** What to take care of at a point. */
export const cautionsOfPoint = (code: PointCode): readonly PointCautionRow[] =>
  POINT_CAUTIONS.filter((row) => (row.codes as readonly PointCode[]).includes(code));
