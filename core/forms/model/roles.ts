import type { SourceId } from '../../sources';

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
  arrive: { share: 0.07, leastShare: 0.01, mostShare: 0.33, note: 'settle, posture, a few cleansing breaths', source: 'common-practice' },
  loosen: { share: 0.15, leastShare: 0.08, mostShare: 0.5, note: 'joints, warmed before depth', source: 'common-practice' },
  wake: { share: 0.15, leastShare: 0.03, mostShare: 0.4, note: 'shaking, swings, knocking, then a still moment', source: 'common-practice' },
  clear: { share: 0.2, leastShare: 0.03, mostShare: 0.55, note: 'tapping, tracing, sounds', source: 'common-practice' },
  nourish: { share: 0.4, leastShare: 0.05, mostShare: 0.75, note: 'the heart of the theme', source: 'common-practice' },
  still: { share: 0.1, leastShare: 0.05, mostShare: 0.25, note: 'a standing or sitting hold', source: 'common-practice' },
  balance: { share: 0.08, leastShare: 0.02, mostShare: 0.4, note: 'harmonise, integrate', source: 'common-practice' },
  gather: { share: 0.06, leastShare: 0.02, mostShare: 0.2, note: 'wash down, store', source: 'common-practice' },
  close: { share: 0.04, leastShare: 0.01, mostShare: 0.1, note: 'hands at the lower belly, thanks', source: 'common-practice' },
} as const satisfies Record<Role, RoleRow>;
