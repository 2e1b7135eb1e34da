import type { PointCaution } from '@/core/channels';

// prettier-ignore
const POINT_SENTENCES: Readonly<Record<PointCaution, string>> = {
  'pregnancy-strong-press': 'In pregnancy no strong pressing or knocking here.',
  'pregnancy-low-back': 'In pregnancy no strong pressing or knocking on the low back and sacrum.',
  'pregnancy-lower-belly': 'In pregnancy no pressing or knocking on the lower belly; rest the hands only.',
  'large-vessel': 'A large vessel lies under it: touch, do not strike or press hard.',
  'throat': 'On the throat only the lightest touch, never both sides at once.',
  'beside-the-eye': 'Beside the eye: a light touch with the eye closed.',
  'lung-close': 'The lung lies close under it: tap lightly.',
  'device-near': 'No knocking near a pacemaker, port or line.',
  'breast': 'On the breast: attention or a resting hand only.',
  'neck-and-skull': 'At the neck and the base of the skull: press gently, never strike.',
  'spine-osteoporosis': 'With osteoporosis no knocking on the spine.',
  'kidneys-and-lowest-ribs': 'Over the kidneys and the lowest ribs: warm or pat, do not strike hard.',
  'attention-only': 'Attention only.',
};

/** What to take care of at a point. */
export const pointCautionText = (caution: PointCaution): string => POINT_SENTENCES[caution];
