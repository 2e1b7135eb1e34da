import { isOneOf } from '../lists/lists';
import type { PointCode } from './points';
import type { SourceId } from '../sources';

/** A caution on a point; defers to licensed care. */
interface PointCautionRow {
  readonly codes: readonly PointCode[];
  /** What to mind there; its sentence stands in `ui/words/pointCautions.ts`. */
  readonly caution: string;
  readonly source: SourceId;
}

// prettier-ignore
export const POINT_CAUTIONS = [
  { codes: ['LI4', 'SP6', 'GB21', 'BL60', 'BL67'], caution: 'pregnancy-strong-press', source: 'common-practice' },
  { codes: ['BL23', 'BL24', 'BL25', 'BL26', 'BL27', 'BL28', 'BL29', 'BL30', 'BL31', 'BL32', 'BL33', 'BL34', 'BL52', 'BL53', 'GV3', 'GV4'], caution: 'pregnancy-low-back', source: 'common-practice' },
  { codes: ['CV2', 'CV3', 'CV4', 'CV5', 'CV6', 'CV7', 'CV8', 'KI11', 'KI12', 'KI13', 'KI14', 'KI15', 'KI16', 'ST25', 'ST26', 'ST27', 'ST28', 'ST29', 'ST30', 'SP12', 'SP13', 'SP14', 'SP15'], caution: 'pregnancy-lower-belly', source: 'common-practice' },
  { codes: ['BL40', 'SP12', 'LU9', 'ST9', 'ST42', 'LR10', 'HT1'], caution: 'large-vessel', source: 'common-practice' },
  { codes: ['ST9', 'ST10', 'ST11', 'LI17', 'LI18', 'SI16', 'CV22', 'CV23'], caution: 'throat', source: 'common-practice' },
  { codes: ['ST1', 'BL1', 'GB1'], caution: 'beside-the-eye', source: 'common-practice' },
  { codes: ['ST12', 'GB21', 'LU1', 'LU2', 'KI27'], caution: 'lung-close', source: 'common-practice' },
  { codes: ['LU1', 'LU2', 'PC1', 'ST14', 'ST15', 'ST16'], caution: 'device-near', source: 'common-practice' },
  { codes: ['ST17', 'ST18', 'SP17', 'SP18'], caution: 'breast', source: 'common-practice' },
  { codes: ['GV14', 'GV15', 'GV16', 'GV17', 'BL10', 'GB20'], caution: 'neck-and-skull', source: 'common-practice' },
  { codes: ['GV5', 'GV6', 'GV7', 'GV8', 'GV9', 'GV10', 'GV11', 'GV12', 'GV13'], caution: 'spine-osteoporosis', source: 'common-practice' },
  { codes: ['GB25', 'BL51', 'LR13', 'LR14', 'GB24', 'SP21'], caution: 'kidneys-and-lowest-ribs', source: 'common-practice' },
  { codes: ['CV1'], caution: 'attention-only', source: 'common-practice' },
] as const satisfies readonly PointCautionRow[];

export type PointCaution = (typeof POINT_CAUTIONS)[number]['caution'];

/** What to take care of at a point. */
export const cautionsOfPoint = (code: PointCode): readonly PointCaution[] =>
  POINT_CAUTIONS.filter(({ codes }) => isOneOf<string>(codes, code)).map(({ caution }) => caution);
