import { weight, type WeightId } from '../weights';
import type { Character } from '../characters';
import { only, type Criterion } from './criterion';

const PLACE: Readonly<Record<Character, WeightId>> = {
  'as-asked': 'place',
  gentler: 'place',
  fuller: 'placeFuller',
  plainer: 'placePlainer',
};

export const economy: Criterion = {
  id: 'economy',
  strength: 'economy',
  weights: ['place', 'placeFuller', 'placePlainer'],
  isCapped: true,
  points: (_, { character }) => only(weight(PLACE[character])),
};
