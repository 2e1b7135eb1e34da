import { headers } from 'next/headers';
import { refuse } from '../answers';
import { database } from '../database';
import { OWNER, ownedBy, type OwnDatabase } from '../sql';
import type { Whose } from './accounts';
import { TEACHER_HEADER } from './door';

/** Raised where what is a teacher’s own is asked for and nobody who teaches here asks. */
export class NobodyAsks extends Error {
  constructor() {
    super('nobody who has come in asks for it');
    this.name = 'NobodyAsks';
  }
}

/**
 * The teacher who asks for this page or answer, as whoever judged the request says (server/access/door.ts): nobody else can
 * set that header. The development server has no judge, and one teacher: the owner.
 */
export async function whoAsks(): Promise<string | undefined> {
  const told = (await headers()).get(TEACHER_HEADER);
  if (told === null && process.env.NODE_ENV === 'development') return OWNER;
  return told === null || told === '' ? undefined : told;
}

/** The database as the teacher who asks has it. Throws NobodyAsks. */
export async function mine(): Promise<OwnDatabase> {
  const teacherId = await whoAsks();
  if (teacherId === undefined) throw new NobodyAsks();
  return ownedBy(await database(), teacherId);
}

/** The database as who asks has it, or for somebody who has not come in as the owner does: for how things look, no more. */
export const ofTheHouse = async (): Promise<OwnDatabase> =>
  ownedBy(await database(), (await whoAsks()) ?? OWNER);

/** Refuses what is for the owner alone; nothing where it is they who ask. */
export const refusalToOthers = async (): Promise<Response | undefined> =>
  (await whoAsks()) === OWNER
    ? undefined
    : refuse(403, { message: 'That is for the owner of this Navuren.' });

/** Whose devices who asks may see and send away: their own, and the owner everybody’s. Throws NobodyAsks. */
export async function whoseDevices(): Promise<Whose> {
  const accountId = await whoAsks();
  if (accountId === undefined) throw new NobodyAsks();
  return accountId === OWNER ? 'everybody' : { accountId };
}
