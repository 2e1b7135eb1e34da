import { USUAL_AGAIN, type Again, type Brief } from '../brief';
import type { Role } from '../forms';
import type { People } from './asking';

/** How much is to come again; nothing to be said where no class is known. */
export const againOf = ({ again }: Brief, { recent }: People): Again | undefined =>
  (recent?.[0]?.length ?? 0) === 0 ? undefined : (again ?? USUAL_AGAIN);

/** What holds a class together from week to week: how it arrives, gathers and closes. */
export const ANCHORS: ReadonlySet<Role> = new Set(['arrive', 'gather', 'close']);
