import { FROM_HEADER } from '../access/door';
import { refuse } from '../answers';
import type { Database } from '../sql';
import { codeIn } from './code';
import { readFollowed, type Followed } from './following';
import { guessed, waitForCode } from './guesses';

/**
 * The class under the code that is asked for, or the refusal. Who typed too many that lead nowhere waits, whatever they type
 * next: else the right one would tell itself apart.
 */
export async function followedUnder(
  database: Database,
  request: Request,
  typed: string,
): Promise<Followed | Response> {
  const nowMs = Date.now();
  const address = request.headers.get(FROM_HEADER) ?? 'this machine';
  const seconds = waitForCode(address, nowMs);
  if (seconds > 0) {
    const answer = refuse(429, { message: `Too many codes that lead nowhere: wait ${seconds} s.`, seconds });
    answer.headers.set('retry-after', String(seconds));
    return answer;
  }
  const code = codeIn(typed);
  const followed = code && (await readFollowed(database, code, nowMs));
  if (followed)
    return followed.isEnded ? refuse(410, { message: 'What was shown under this code is over.' }) : followed;
  guessed(address, nowMs);
  return refuse(404, { message: 'Nothing is shown under this code.' });
}
