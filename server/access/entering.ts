import { refuse } from '../answers';
import { database } from '../database';
import { isTheirs, letIn, sendAway, STAYS_MS } from './accounts';
import { cookieName, deviceIn, FROM_HEADER } from './door';
import { openHosts } from './network';
import { deviceName, waitFor, wasRight, writeTry, type Outcome } from './tries';

const deviceOfRequest = (request: Request): string => deviceName(request.headers.get('user-agent') ?? '');

/** Whether the pages of this request come by https: only then may its cookie be kept from plain http. */
const isSecure = (request: Request): boolean =>
  openHosts().get((request.headers.get('host') ?? '').replace(/:\d+$/, '')) === 'https';

const setCookie = (request: Request, value: string, seconds: number): string =>
  `${cookieName()}=${value}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${seconds}${isSecure(request) ? '; Secure' : ''}`;

/** An answer that lets somebody’s device in, anew where it was in: its cookie is HttpOnly and goes to our own pages alone. */
export async function lettingIn(request: Request, accountId: string): Promise<Response> {
  const open = await database();
  const former = await deviceIn(request.headers.get('cookie'));
  if (former) await sendAway(open, former, former.id);
  const token = await letIn(open, accountId, deviceOfRequest(request), Date.now());
  const answer = Response.json({ ok: true });
  answer.headers.append('set-cookie', setCookie(request, token, STAYS_MS / 1000));
  return answer;
}

/** An answer after which the browser has no cookie of ours any more. */
export function lettingGo(request: Request): Response {
  const answer = Response.json({ ok: true });
  answer.headers.append('set-cookie', setCookie(request, '', 0));
  return answer;
}

/**
 * Looks at a passphrase that was typed for an account, or for none where the name is nobody’s: nothing where it is right,
 * else the refusal, which is the same for both. Every try is written down before
 * it is looked at, so that many at once are no way round the wait; as `outcome` says once it was right.
 */
export async function refusalOf(
  request: Request,
  accountId: string | undefined,
  passphrase: string,
  { wrong = 'That is not the passphrase.', outcome = 'came in' }: { wrong?: string; outcome?: Outcome } = {},
): Promise<Response | undefined> {
  const open = await database();
  const asked = {
    atMs: Date.now(),
    address: request.headers.get(FROM_HEADER) ?? 'this machine',
    device: deviceOfRequest(request),
  };
  const { waitMs, id } = await open.transaction(async (queries) => {
    const waitMs = await waitFor(queries, asked.address, asked.atMs);
    const outcome = waitMs > 0 ? 'made to wait' : 'refused';
    return { waitMs, id: await writeTry(queries, { ...asked, outcome }) };
  });
  if (waitMs > 0) {
    const seconds = Math.ceil(waitMs / 1000);
    const answer = refuse(429, { message: `Too many tries: wait ${seconds} s.`, seconds });
    answer.headers.set('retry-after', String(seconds));
    return answer;
  }
  if (!(await isTheirs(open, accountId, passphrase)))
    return refuse(401, { message: wrong, field: 'passphrase' });
  await wasRight(open, id, accountId, outcome);
  return undefined;
}
