import type { Role } from '../../forms';
import { weight, type WeightId } from '../weights';
import type { Character } from '../characters';
import { only, type Criterion, type Weighing } from './criterion';

const PLACE: Readonly<Record<Character, WeightId>> = {
  'as-asked': 'place',
  gentler: 'place',
  fuller: 'placeFuller',
  plainer: 'placePlainer',
};

/** Sections in which forms follow each other as one. */
const OF_ROLE: Partial<Record<Role, WeightId>> = { loosen: 'placeLoosen', gather: 'placeGather' };

/** What one form more costs in a section, points. */
export const placeOf = (role: Role, { character, brief }: Pick<Weighing, 'character' | 'brief'>): number =>
  weight(OF_ROLE[role] ?? PLACE[character]) * (1 + weight('placeShort') / brief.minutes);

/** Every form must be worth its place, the more so the fewer the minutes; joints are gone through one after another. */
export const economy: Criterion = {
  id: 'economy',
  strength: 'economy',
  weights: ['place', 'placeFuller', 'placePlainer', 'placeShort', 'placeLoosen', 'placeGather'],
  isCapped: true,
  points: ({ form, role, asked }, weighing) =>
    only(asked ? 0 : placeOf(form.family === 'shaking' ? 'wake' : role, weighing)),
};
