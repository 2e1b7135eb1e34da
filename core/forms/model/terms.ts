/** The words of the form model: lists without the schemas, for those who only read forms. */

export const BODY_REGIONS = [
  'arms',
  'shoulders',
  'chest',
  'flanks',
  'belly',
  'low back',
  'legs',
  'head',
  'face',
  'eyes',
  'neck',
] as const;

export const STANCES = [
  'feet together',
  'hip width',
  'shoulder width',
  'wide',
  'bow',
  'chair',
  'cross-legged',
  'kneeling',
  'hands and knees',
  'on the back',
  'on the side',
] as const;
export type Stance = (typeof STANCES)[number];

/** What of the floor is asked. */
export type FloorAsk = 'none' | 'sitting' | 'kneeling' | 'on the back' | 'on the side';

/** How far down to the floor a stance goes; none where one stands or sits on a chair. */
export const FLOOR_OF = {
  'feet together': 'none',
  'hip width': 'none',
  'shoulder width': 'none',
  wide: 'none',
  bow: 'none',
  chair: 'none',
  'cross-legged': 'sitting',
  kneeling: 'kneeling',
  'hands and knees': 'kneeling',
  'on the back': 'on the back',
  'on the side': 'on the side',
} as const satisfies Record<Stance, FloorAsk>;

/** Whether one is on the floor in a stance. */
export const isOnFloor = (stance: Stance): boolean => FLOOR_OF[stance] !== 'none';
/** Whether one stands in a stance. */
export const isStanding = (stance: Stance): boolean => stance !== 'chair' && !isOnFloor(stance);

/** Joints that are taken round, swung or slid through their range, rather than used in passing. */
export const ROUNDED_JOINTS = ['knees', 'hips', 'shoulders', 'neck'] as const;

/** How a form treats left and right. */
export const SIDES = ['symmetric', 'alternating', 'one-then-other', 'both-ways'] as const;

export const VARIANTS = ['full', 'smaller', 'seated'] as const;
export type VariantId = (typeof VARIANTS)[number];

export const CHANNEL_WAYS = ['stretch', 'trace', 'tap', 'press', 'hold', 'attend'] as const;
export type ChannelWay = (typeof CHANNEL_WAYS)[number];

export const FAMILIES = [
  'standing posture',
  'settling breath',
  'joint loosening',
  'spinal wave',
  'twist and bend',
  'shaking',
  'arm swing',
  'percussion route',
  'channel tracing',
  'flowing pair',
  'brocade',
  'animal',
  'healing sound',
  'heel drop',
  'balance',
  'inner breathing',
  'gathering',
  'self-massage',
  'closing',
  'set piece',
  'spiral',
  'walking',
  'rest',
] as const;

export const ANIMALS = ['tiger', 'deer', 'bear', 'monkey', 'bird'] as const;

/** From where a form is best seen. */
export const FORM_VIEWS = ['front', 'three-quarter', 'side', 'back'] as const;
export type FormView = (typeof FORM_VIEWS)[number];
