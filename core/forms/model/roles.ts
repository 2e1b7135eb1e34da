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
  /** The range of its share of the whole practice, 0–1, seen where the section is present. */
  readonly leastShare: number;
  readonly mostShare: number;
  readonly note: string;
  readonly source: SourceId;
}

/** How the minutes may be spent; how they usually are depends on the shape of a class. */
// prettier-ignore
export const ROLE_SHARES = {
  arrive: { leastShare: 0.01, mostShare: 0.33, note: 'settle, posture, a few cleansing breaths', source: 'common-practice' },
  loosen: { leastShare: 0.08, mostShare: 0.5, note: 'joints, warmed before depth', source: 'common-practice' },
  wake: { leastShare: 0.03, mostShare: 0.4, note: 'shaking, swings, knocking, then a still moment', source: 'common-practice' },
  clear: { leastShare: 0.03, mostShare: 0.55, note: 'tapping, tracing, sounds', source: 'common-practice' },
  nourish: { leastShare: 0.05, mostShare: 0.75, note: 'the heart of the theme', source: 'common-practice' },
  still: { leastShare: 0.05, mostShare: 0.25, note: 'a standing or sitting hold', source: 'common-practice' },
  balance: { leastShare: 0.02, mostShare: 0.4, note: 'harmonise, integrate', source: 'common-practice' },
  gather: { leastShare: 0.02, mostShare: 0.2, note: 'wash down, store', source: 'common-practice' },
  close: { leastShare: 0.01, mostShare: 0.1, note: 'hands at the lower belly, thanks', source: 'common-practice' },
} as const satisfies Record<Role, RoleRow>;
