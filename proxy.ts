import { NextResponse, type NextRequest } from 'next/server';

/** Names under which this machine itself is reached; any other Host is someone else's page (DNS rebinding). */
const OWN_HOSTS: readonly (readonly [string, string])[] = [
  ['127.0.0.1', 'http'],
  ['localhost', 'http'],
  ['[::1]', 'http'],
];

/**
 * The names it answers to, each with the scheme its pages come by. More than this machine’s own only while the door is open
 * (server/access/door.ts): what is open is known there, and said here by the one thing both bundles share.
 */
function hosts(): ReadonlyMap<string, string> {
  const open = process.env.NAVUREN_HOSTS;
  return new Map(open ? (JSON.parse(open) as [string, string][]) : OWN_HOSTS);
}

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

const hostName = (host: string): string => host.replace(/:\d+$/, '');

/** Whether a write comes from one of our own pages. Browsers send Origin with every write. */
function isOwnWrite(request: NextRequest, host: string, scheme: string): boolean {
  const origin = request.headers.get('origin');
  if (origin !== null) return origin === `${scheme}://${host}`;
  const site = request.headers.get('sec-fetch-site');
  return site === null || site === 'same-origin' || site === 'none';
}

const refuse = (message: string): NextResponse =>
  NextResponse.json({ problem: { message } }, { status: 403 });

function contentPolicy(nonce: string): string {
  // Development needs eval for its own refresh; the production policy has no exception for scripts.
  const development = process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : '';
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development}`,
    // Positions are set as style attributes; style elements need the nonce.
    `style-src-elem 'self'${development ? " 'unsafe-inline'" : ` 'nonce-${nonce}'`}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data:",
    "font-src 'self'",
    // A breath track that was made here is heard before it is kept.
    "media-src 'self' blob:",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

/**
 * What is handed out is shown in a frame of our own page and may reach nothing: a page that moves lets its own policy say what of
 * it runs, and is shut in besides.
 */
function handoutPolicy(isPage: boolean): string {
  return [
    "default-src 'none'",
    "style-src 'unsafe-inline'",
    'font-src data:',
    'img-src data:',
    ...(isPage ? ["script-src 'unsafe-inline'", 'sandbox allow-scripts'] : ["object-src 'self'"]),
    "frame-ancestors 'self'",
  ].join('; ');
}

/** Guards every request: own host, own writes, and a strict content policy with a fresh nonce. */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? '';
  const scheme = hosts().get(hostName(host));
  if (scheme === undefined) return refuse('Navuren does not answer to that name.');
  if (!READS.has(request.method) && !isOwnWrite(request, host, scheme))
    return refuse('A page from elsewhere may not change anything here.');

  const nonce = Buffer.from(crypto.getRandomValues(new Uint8Array(16))).toString('base64');
  const { pathname, searchParams } = request.nextUrl;
  const policy = pathname.startsWith('/api/handout/')
    ? handoutPolicy(searchParams.get('as') === 'moving')
    : contentPolicy(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  // Every page and answer is somebody’s own: no cache between keeps it.
  response.headers.set('cache-control', 'no-store');
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'no-referrer');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  return response;
}

export const config = { matcher: ['/((?!_next/static|_next/image|favicon.ico).*)'] };
