import http from 'node:http';

// What no honest page sends, many times over and the same each time: for the interface tests, and in thousands for
// `npm run hostile`.

const at = Date.UTC(2026, 1, 1);
const record = { startedAtMs: at, endedAtMs: at, plannedMs: 1, actualMs: 1, finished: true, items: [] };
const given = {
  id: '11111111-1111-4111-8111-111111111112',
  practiceId: 'before-the-rounds',
  version: 1,
  groupId: null,
};
// prettier-ignore
const paths = ['/', '/shelf', '/compose', '/compose/before-the-rounds', '/lead/before-the-rounds', '/sheet/before-the-rounds', '/aloud/before-the-rounds', '/atlas', '/forms', '/forms/shaking', '/forms/beside', '/forms/own/x', '/log', '/log/taught', '/api/taught/shaking', '/customs', '/api/practices', '/api/practices/before-the-rounds', '/api/practices/before-the-rounds/export', '/api/practices/before-the-rounds/versions/1', '/api/practices/import', '/api/forms', '/api/forms/import', '/api/forms/shaking/words', '/api/forms/own-x/bin', '/api/groups/library-chairs', '/api/classes', '/api/classes/by-hand', '/api/classes/11111111-1111-4111-8111-111111111111', '/api/customs', '/door', '/api/door', '/api/devices', '/api/devices/x', '/api/passphrase', '/api/called', '/api/teachers', '/api/teachers/x', '/api/shared/practice/before-the-rounds', '/api/shared/term/x', '/follow', '/follow/zzzzzz', '/api/follow', '/api/follow/zzzzzz', '/api/follow/zzzzzz/clock', '/people', '/people/00000000-0000-4000-9000-000000000001', '/people/x', '/term', '/term/00000000-0000-4000-a000-000000000001', '/term/x', '/register/before-the-rounds', '/everything', '/words', '/aloud/before-the-rounds', '/handout/practice/before-the-rounds', '/handout/form/shaking', '/forms/known', '/forms/breaths', '/forms/sounds', '/forms/breaths/own/x', '/forms/sounds/own/x', '/lead/before-the-rounds/hall', '/sheet/of-others/before-the-rounds', '/api/find', '/api/towns', '/api/offline', '/api/everything', '/api/everything/x', '/api/handout/practice/before-the-rounds', '/api/handout/form/shaking', '/api/handout/channel/LU', '/api/handout/year/2026', '/api/handout-data/practice/before-the-rounds', '/api/layers/breath', '/api/layers/sound/x', '/api/layers/breath/x/bin', '/api/people/x', '/api/people/x/felt', '/api/people/x/felt/y', '/api/people/x/homework', '/api/people/x/homework/y', '/api/practices/before-the-rounds/scroll', '/api/practices/before-the-rounds/versions', '/api/practices/x/duplicate', '/api/practices/x/restore', '/api/practices/x/bin', '/api/raw/practice/x', '/api/raw/person/x', '/api/registers/before-the-rounds', '/api/terms/x', '/api/terms/x/busy', '/api/terms/x/plan', '/api/classes/11111111-1111-4111-8111-111111111111/came', '/api/follow/zzzzzz/stream', '/api/health', '/schema/navuren.practice.v1.json'];
// prettier-ignore
const bits = ['%00', '%', '%ZZ', '%E0%A4%A', '%ed%a0%80', '..%2f..', '9'.repeat(400), '-1', '1e300', 'constructor', '__proto__', '%F0%9F%99%82', '%5c', '%2e%2e'];
// prettier-ignore
const queries = ['at=9999-12-31T23:59', 'at=1900-01-01T00:00', 'at=2100-12-31T23:59', 'theme=__proto__.x', 'theme=mix', 'minutes=1e300', 'with=a~place.9e9', 'group=%00', 'q=%00', 'ids=%00', 'ids=constructor,__proto__', 'a=%', 'point=%00', 'season=constructor', 'form=%00&way=%00', 'as=text&for=people', 'as=text&for=__proto__&paper=%00', 'as=order&for=people&table=1e300', 'as=figure&width=1e300', 'as=calendar&for=people&at=9999-99-99', 'person=%00&from=-1&month=9999-99'];
// prettier-ignore
const bodies = ['', '{', 'null', '[]', '{}', '{"practice":{"name":"\\u0000"}}', '{"practice":{"name":"\\ud800"}}', JSON.stringify({ ...given, record: { ...record, startedAtMs: 1e300 } }), JSON.stringify({ ...given, version: 99, record }), JSON.stringify({ ...given, groupId: 'nobody', record }), JSON.stringify({ group: { id: 'library-chairs', name: 'x', minutes: 1e300 }, baseVersion: -1 }), JSON.stringify({ customs: {}, baseVersion: 1e300 }), JSON.stringify({ note: 'x', ledBy: 'y' }), JSON.stringify({ words: { formId: 'shaking', cues: {} }, baseVersion: 1e9 }), '['.repeat(50_000), '{"a":'.repeat(5000), '{"form":{"id":"own-a"},"baseVersion":1e18}', '{"passphrase":""}', '{"do":"open","passphrase":"x"}', JSON.stringify({ told: { sessionId: given.id, actions: [{ kind: 'go', atMs: 1e300, toMs: -1 }], teaching: null, isOver: false }, base: 1e18, by: '' }), '{"person":{"id":"x","name":"\\u0000","stature":1e300},"baseVersion":0}', '{"term":{"id":"x","weeks":[null]},"baseVersion":-1}', '{"homework":{"minutesADay":1e300},"baseVersion":1}', '{"id":"x","atMs":1e300,"felt":{"pulse":{"taps":[1e300,-1]}}}', '{"here":["\\ud800"],"others":1e300}', '{"baseVersion":9007199254740993}'];
const methods = ['GET', 'GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'OPTIONS', 'PATCH', 'TRACE', 'PROPFIND'];
// prettier-ignore
const headerSets: readonly Record<string, string>[] = [{}, {}, {}, { rsc: '1' }, { 'next-router-state-tree': 'garbage', rsc: '1' }, { 'next-action': 'x' }, { 'next-router-segment-prefetch': '/\u00ff' }, { 'next-url': 'x' }, { cookie: 'navuren-light=%00; a=%' }, { range: 'bytes=5-1' }, { 'content-encoding': 'gzip' }, { 'x-matched-path': '/x' }, { 'if-none-match': '"' }];

interface Hostile {
  readonly origin: string;
  readonly requests: number;
  readonly seed: number;
  /** What every request brings: a cookie of who is in. */
  readonly headers?: Readonly<Record<string, string>>;
  /** Further paths, for who knows some. */
  readonly paths?: readonly string[];
}

interface Answered {
  readonly status: number;
  readonly text: string;
}

const asked = (
  origin: string,
  method: string,
  path: string,
  headers: Readonly<Record<string, string>>,
  body: string | undefined,
): Promise<Answered> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(origin);
    const sent = http.request(
      {
        hostname,
        port,
        method,
        path,
        headers: {
          ...headers,
          origin,
          ...(body === undefined ? {} : { 'content-length': Buffer.byteLength(body) }),
        },
      },
      (answer) => {
        let text = '';
        answer.on('data', (chunk: Buffer) => (text += chunk.toString()));
        answer.on('end', () => resolve({ status: answer.statusCode ?? 0, text }));
      },
    );
    sent.on('error', reject);
    sent.end(body);
  });

export interface Endured {
  /** What was answered with an error of the server’s own, or in words of a library. */
  readonly wrong: readonly string[];
  readonly slowest: { readonly ms: number; readonly what: string };
  /** How often each status was answered. */
  readonly statuses: ReadonlyMap<number, number>;
}

/** What whoever is in would send themselves away by. */
export const ENTRANCE = ['/enter', '/api/enter'] as const;

/** Asks a server for what it must refuse, one after the other (seeded: a linear congruential generator). */
export async function hostile({
  origin,
  requests,
  seed,
  headers = {},
  paths: more = [],
}: Hostile): Promise<Endured> {
  let state = seed;
  const chance = (): number => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 4294967296;
  const pick = <One>(list: readonly One[]): One => list[Math.floor(chance() * list.length)] as One;
  const all = [...paths, ...more];
  const wrong: string[] = [];
  const statuses = new Map<number, number>();
  let slowest = { ms: 0, what: '' };
  for (let index = 0; index < requests; index += 1) {
    const parts = pick(all).split('/');
    if (chance() < 0.35 && parts.length > 2) parts[parts.length - 1] = pick(bits);
    const path = parts.join('/') + (chance() < 0.4 ? `?${pick(queries)}` : '');
    const method = pick(methods);
    const body = method === 'GET' || method === 'HEAD' ? undefined : pick(bodies);
    const what = `${method} ${path} ${body?.slice(0, 60) ?? ''}`;
    const from = performance.now();
    const { status, text } = await asked(origin, method, path, { ...pick(headerSets), ...headers }, body);
    const ms = performance.now() - from;
    if (ms > slowest.ms) slowest = { ms, what };
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    if (status >= 500) wrong.push(`${status} ${what}`);
    // And every refusal is in our words, not a library’s.
    if (status === 422 && /Invalid (?:input|option|type)|Unrecognized key|Too (?:big|small)/.test(text))
      wrong.push(`raw words: ${text.slice(0, 160)}`);
  }
  return { wrong, slowest, statuses };
}
