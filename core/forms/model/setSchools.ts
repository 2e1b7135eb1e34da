import type { SourceId } from '../../sources';

/** Orders a practitioner chooses among in Customs; the sets themselves stand in `sets.ts`. */

/** The order in which the eight brocades are numbered. */
// prettier-ignore
export const BROCADE_SCHOOLS = [
  { id: 'standard', label: 'standard order: the feet sixth, the fists seventh, the heels eighth', source: 'brocades-standard',
    order: ['hold-up-the-sky', 'draw-the-bow', 'part-heaven-and-earth', 'look-back', 'sway', 'hands-to-feet', 'clench-fists', 'heels'] },
  { id: 'verse', label: 'older verse: the heels sixth, the fists seventh, the feet eighth', source: 'brocades-verse',
    order: ['hold-up-the-sky', 'draw-the-bow', 'part-heaven-and-earth', 'look-back', 'sway', 'heels', 'clench-fists', 'hands-to-feet'] },
] as const satisfies readonly { readonly id: string; readonly label: string; readonly source: SourceId; readonly order: readonly string[] }[];
export type BrocadeSchoolId = (typeof BROCADE_SCHOOLS)[number]['id'];

const FROM_THE_GROUND = [
  ['loosen-feet-rocking'],
  ['loosen-ankles'],
  ['loosen-knees'],
  ['loosen-leg-pendulum', 'loosen-hips'],
  ['loosen-waist'],
  ['loosen-side-bend'],
  ['spine-bellows', 'spinal-wave'],
  ['loosen-shoulder-blades', 'loosen-shoulders', 'loosen-arm-wheels'],
  ['loosen-elbows'],
  ['loosen-wrists', 'loosen-fingers'],
  ['loosen-neck', 'loosen-neck-tilt', 'loosen-neck-turtle'],
] as const;

/** The order in which joints are gone through (all common practice). */
// prettier-ignore
export const JOINT_ORDERS = [
  { id: 'bottom-up', label: 'from the ankles up', source: 'common-practice', order: FROM_THE_GROUND },
  { id: 'top-down', label: 'from the neck down', source: 'common-practice', order: FROM_THE_GROUND.toReversed() },
  { id: 'shake-first', label: 'shake first, then from the ankles up', source: 'common-practice', order: [['shaking', 'bouncing'], ...FROM_THE_GROUND] },
] as const satisfies readonly { readonly id: string; readonly label: string; readonly source: SourceId; readonly order: readonly (readonly string[])[] }[];
export type JointOrderId = (typeof JOINT_ORDERS)[number]['id'];
