import type { Brief, Intent } from '../brief';
import { ROLE_SHARES, ROLES, type Role } from '../forms';

/** How an intent leans the usual shares: a factor for each section, 0 leaves it out. Common practice. */
const LEANING = {
  nourish: { wake: 0.8, clear: 0.5, nourish: 1.35 },
  clear: { clear: 2.2, nourish: 0.45 },
  'clear-then-nourish': {},
  move: { loosen: 1.2, wake: 1.8, clear: 0.7, still: 0 },
  calm: { wake: 0, clear: 0.8, still: 1.5, balance: 1.5 },
} as const satisfies Record<Intent, Partial<Record<Role, number>>>;

/** From how many minutes on a section has room. Common practice: a short practice keeps to the essentials. */
const FROM_MINUTES: Readonly<Record<Role, number>> = {
  arrive: 0,
  loosen: 0,
  wake: 8,
  clear: 0,
  nourish: 0,
  still: 14,
  balance: 10,
  gather: 0,
  close: 0,
};

export interface SectionPlan {
  readonly role: Role;
  readonly targetMs: number;
  readonly leastMs: number;
  readonly mostMs: number;
}

/** The sections a brief calls for, in order, with the time each should and may take. */
export function planSections(brief: Brief): readonly SectionPlan[] {
  const totalMs = brief.minutes * 60_000;
  const leaning: Partial<Record<Role, number>> = LEANING[brief.intent];
  const weights = ROLES.map((role) => {
    const nourishOnly = brief.intent === 'nourish' && role === 'clear' && brief.minutes < 15;
    const room = brief.minutes >= FROM_MINUTES[role] && !nourishOnly;
    return { role, weight: room ? ROLE_SHARES[role].share * (leaning[role] ?? 1) : 0 };
  }).filter((entry) => entry.weight > 0);
  const sum = weights.reduce((total, entry) => total + entry.weight, 0);
  return weights.map(({ role, weight }) => ({
    role,
    targetMs: (totalMs * weight) / sum,
    leastMs: totalMs * ROLE_SHARES[role].leastShare,
    mostMs: totalMs * ROLE_SHARES[role].mostShare,
  }));
}
