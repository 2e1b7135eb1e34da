import { keysOf } from '../lists/lists';
import type { PointCode } from './points';

/**
 * Places a hand goes by when it taps or traces, each known by the points that lie there.
 * Common practice.
 */
// prettier-ignore
export const ROUTE_REGIONS = {
  'collarbone point': ['LU2', 'KI27', 'ST13'],
  'front of the shoulder': ['LU2', 'LI15'],
  'back of the shoulder': ['TE14', 'SI10'],
  'armpit': ['HT1', 'PC1'],
  'inner upper arm': ['LU3', 'PC2', 'HT2'],
  'inner elbow': ['LU5', 'PC3', 'HT3'],
  'inner wrist': ['LU9', 'PC7', 'HT7'],
  'palm': ['LU10', 'PC8', 'HT8'],
  'thumb': ['LU11'],
  'little finger': ['HT9', 'SI1'],
  'back of the hand': ['LI4', 'TE3', 'SI3'],
  'index finger': ['LI1'],
  'outer wrist': ['LI5', 'TE4', 'SI5'],
  'outer elbow': ['LI11', 'TE10', 'SI8'],
  'outer upper arm': ['LI14', 'TE13'],
  'side of the neck': ['LI18', 'SI16', 'TE16'],
  'beside the nose': ['LI20'],
  'in front of the ear': ['SI19', 'TE21', 'GB2'],
  'outer corner of the eye': ['GB1', 'TE23'],
  'crown': ['BL7', 'GV20'],
  'back of the head': ['BL10', 'GB20', 'GV16'],
  'upper back': ['BL13', 'GV12'],
  'kidneys': ['BL23', 'BL52', 'GV4'],
  'sacrum': ['BL31', 'GV2'],
  'buttock': ['GB30', 'BL54'],
  'back of the thigh': ['BL37'],
  'back of the knee': ['BL40'],
  'calf': ['BL57'],
  'outer ankle': ['BL60', 'GB40'],
  'little toe': ['BL67'],
  'outer hip': ['GB29', 'GB30'],
  'outer thigh': ['GB31'],
  'outer knee': ['GB34'],
  'outer lower leg': ['GB38'],
  'front of the hip': ['ST31'],
  'front of the thigh': ['ST32'],
  'front of the knee': ['ST35'],
  'shin': ['ST37'],
  'top of the foot': ['ST42', 'LR3', 'GB41'],
  'toes': ['ST45', 'GB44'],
  'big toe': ['SP1', 'LR1'],
  'sole': ['KI1'],
  'inner ankle': ['SP5', 'KI3', 'LR4'],
  'inner lower leg': ['SP7', 'KI9', 'LR6'],
  'inner knee': ['SP9', 'KI10', 'LR8'],
  'inner thigh': ['SP11', 'LR10'],
  'groin': ['SP12', 'KI11', 'LR12'],
  'flank': ['GB26', 'LR13', 'SP21'],
  'lower belly': ['CV6', 'KI13', 'ST28', 'SP14'],
  'upper belly': ['CV12', 'KI19', 'ST21', 'SP16'],
  'chest': ['CV17', 'KI23', 'ST16', 'SP19'],
  'ribs': ['LR14', 'SP21', 'GB24'],
  'cheek': ['ST2', 'SI18'],
  'jaw': ['ST6'],
  'tailbone': ['GV1'],
} as const satisfies Record<string, readonly PointCode[]>;
export type RouteRegion = keyof typeof ROUTE_REGIONS;
export const ROUTE_REGION_IDS = keysOf(ROUTE_REGIONS);

export type RouteStop = PointCode | RouteRegion;
