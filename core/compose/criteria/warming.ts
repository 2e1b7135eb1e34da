import { aim, themeParts, themePhases } from '../../brief';
import type { PhaseId } from '../../phases';
import { usedAtAll } from '../joints';
import { shapeOf } from '../shapes';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

/** The joints worth warming first for a phase (common practice, after the regions of the table). */
const PHASE_JOINTS: Readonly<Record<PhaseId, readonly string[]>> = {
  wood: ['spine', 'hips', 'neck'],
  fire: ['shoulders', 'wrists', 'spine'],
  earth: ['hips', 'knees', 'spine'],
  metal: ['shoulders', 'wrists', 'neck'],
  water: ['ankles', 'spine', 'hips'],
};

export const warming: Criterion = {
  id: 'warming',
  strength: 'theme',
  weights: ['warmedJoint'],
  isCapped: false,
  points: ({ form, role }, { brief, whole }) => {
    if (role !== 'loosen' || shapeOf(brief).isSoft) return [];
    const joints = new Set([
      ...themePhases(brief.theme).flatMap((phase) => PHASE_JOINTS[phase]),
      ...themeParts(brief.theme).flatMap((part) => (part.kind === 'aim' ? aim(part.aim).joints : [])),
      ...(whole?.taught ?? []).flatMap(usedAtAll),
    ]);
    // What moves several is not worth more for it.
    return only(form.loosens.some((joint) => joints.has(joint)) ? weight('warmedJoint') : 0);
  },
};
