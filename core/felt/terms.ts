import { keysOf } from '../lists/lists';

/** Where tension is felt, and how it is called; the left and the right apart where the body has both. */
export const TENSION_REGIONS = {
  head: 'head',
  jaw: 'jaw and face',
  neck: 'neck',
  'left-shoulder': 'left shoulder',
  'right-shoulder': 'right shoulder',
  chest: 'chest',
  'upper-back': 'upper back',
  'left-arm': 'left arm',
  'right-arm': 'right arm',
  'left-hand': 'left hand',
  'right-hand': 'right hand',
  belly: 'belly',
  'low-back': 'low back',
  'left-hip': 'left hip',
  'right-hip': 'right hip',
  'left-thigh': 'left thigh',
  'right-thigh': 'right thigh',
  'left-knee': 'left knee',
  'right-knee': 'right knee',
  'left-calf': 'left calf',
  'right-calf': 'right calf',
  'left-foot': 'left foot',
  'right-foot': 'right foot',
} as const;
export type TensionRegion = keyof typeof TENSION_REGIONS;
export const TENSION_REGION_IDS = keysOf(TENSION_REGIONS);

/** How tense: nothing is 0 and is not kept. */
export const TENSION_MOST = 3;

/** Plain scales of five steps, from the least to the most; the middle is neither. */
export const SCALES = {
  hands: ['cold', 'cool', 'neither', 'warm', 'hot'],
  feet: ['cold', 'cool', 'neither', 'warm', 'hot'],
  energy: ['spent', 'low', 'middling', 'good', 'full'],
  mood: ['heavy', 'low', 'middling', 'light', 'glad'],
  sleep: ['hardly', 'badly', 'middling', 'well', 'deeply'],
} as const;
export type ScaleId = keyof typeof SCALES;
export const SCALE_IDS = keysOf(SCALES);

/** How a rate came about: tapped along, counted, or told by a strap. */
export const RATE_WAYS = ['tapped', 'counted', 'strap'] as const;

/** When somebody was asked: before a class, after one, or apart from any. */
export const FELT_WHEN = ['before', 'after', 'apart'] as const;
export type FeltWhen = (typeof FELT_WHEN)[number];
