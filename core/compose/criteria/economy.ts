import { weight, type WeightId } from '../weights';
import type { Character } from '../characters';
import { only, type Criterion } from './criterion';

const PLACE: Readonly<Record<Character, WeightId>> = {
  'as-asked': 'place',
  gentler: 'place',
  fuller: 'placeFuller',
  plainer: 'placePlainer',
};

/** Every form must be worth its place, the more so the fewer the minutes; joints are gone through one after another. */
export const economy: Criterion = {
  id: 'economy',
  strength: 'economy',
  weights: ['place', 'placeFuller', 'placePlainer', 'placeShort', 'placeLoosen'],
  isCapped: true,
  points: ({ form, role }, { character, brief }) => {
    const isJoint = role === 'loosen' && form.family !== 'shaking';
    const place = weight(isJoint ? 'placeLoosen' : PLACE[character]);
    return only(place * (1 + weight('placeShort') / brief.minutes));
  },
};
