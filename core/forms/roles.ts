import type { SourceId } from '../sources';

/** The sections of a practice in the order they come. */
export const ROLES = [
  'arrive',
  'loosen',
  'wake',
  'clear',
  'nourish',
  'still',
  'balance',
  'gather',
  'close',
] as const;
export type Role = (typeof ROLES)[number];

interface RoleRow {
  /** Usual share of the whole practice, 0–1, and the range seen where the section is present. */
  readonly share: number;
  readonly leastShare: number;
  readonly mostShare: number;
  readonly note: string;
  readonly source: SourceId;
}

/** How the minutes are spent. */
// prettier-ignore
export const ROLE_SHARES = {
  arrive: { share: 0.07, leastShare: 0.01, mostShare: 0.36, note: 'settle, posture, a few cleansing breaths', source: 'measured-practice' },
  loosen: { share: 0.17, leastShare: 0.07, mostShare: 0.55, note: 'joints, warmed before depth', source: 'measured-practice' },
  wake: { share: 0.14, leastShare: 0.03, mostShare: 0.39, note: 'shaking, swings, knocking, then a still moment', source: 'measured-practice' },
  clear: { share: 0.2, leastShare: 0.02, mostShare: 0.58, note: 'tapping, tracing, sounds', source: 'measured-practice' },
  nourish: { share: 0.38, leastShare: 0.04, mostShare: 0.78, note: 'the heart of the theme', source: 'measured-practice' },
  still: { share: 0.09, leastShare: 0.06, mostShare: 0.24, note: 'a standing or sitting hold', source: 'measured-practice' },
  balance: { share: 0.08, leastShare: 0.02, mostShare: 0.41, note: 'harmonise, integrate', source: 'measured-practice' },
  gather: { share: 0.06, leastShare: 0.02, mostShare: 0.21, note: 'wash down, store', source: 'measured-practice' },
  close: { share: 0.035, leastShare: 0.01, mostShare: 0.11, note: 'hands at the lower belly, thanks', source: 'measured-practice' },
} as const satisfies Record<Role, RoleRow>;
