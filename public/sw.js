// What was opened once is there again while the server is gone: a page comes from the server where it answers, else as it was
// last, with its own policy and nonce. Pages and what they are made of are kept for one build alone, so that two never mix;
// the next build takes over when the last page of this one is closed. No other answer is kept, and nothing that is written.
const build = new URL(self.location.href).searchParams.get('v') ?? '';
const NAMED = 'navuren-';
const CACHE = `${NAMED}${build}`;
/** Neither the rooms of people nor the log. Lead keeps what it is opened with: of people, whose a condition is by initials. */
const PAGES =
  /^\/$|^\/(shelf|forms|atlas|compose)$|^\/(compose|forms|lead|sheet|aloud)\/[\w.-]+$|^\/lead\/[\w.-]+\/hall$|^\/handout\/\w+\/[\w.-]+$/;
const HANDED = /^\/api\/handout\/\w+\/[\w.-]+$/;
const MOST_PAGES = 60;
/** What is not asked for by the page itself waits till it has what it needs, ms. */
const LATER_MS = 3000;

const isHanded = ({ pathname, searchParams }) => HANDED.test(pathname) && searchParams.get('as') === 'moving';
const isPage = (url) => PAGES.test(url.pathname) || isHanded(url);
const later = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const pagesOf = async (cache) => (await cache.keys()).filter(({ url }) => isPage(new URL(url)));

/** Keeps a page of this build; the one longest kept makes room. What is handed out has everything in itself. */
async function keepPage(at, answer) {
  const isText = (answer.headers.get('content-type') ?? '').includes('text/html');
  if (!answer.ok || answer.redirected || !isText) return;
  const isOurs = isHanded(new URL(at)) || (await answer.clone().text()).includes(`/sw.js?v=${build}"`);
  if (!isOurs) return;
  const cache = await caches.open(CACHE);
  await cache.delete(at);
  await cache.put(at, answer);
  const pages = await pagesOf(cache);
  for (const old of pages.slice(0, Math.max(0, pages.length - MOST_PAGES))) await cache.delete(old);
}
const askPage = async (at) => keepPage(at, await fetch(at));

/** Everything this build is made of, so that what a page loads later is there too. */
async function keepBuild() {
  await later(LATER_MS);
  const answer = await fetch('/api/offline');
  const told = answer.ok ? await answer.json() : { build: undefined, files: [] };
  // Where another build is served by now its own worker is on its way.
  if (told.build !== build) return;
  const cache = await caches.open(CACHE);
  for (const file of told.files) if (!(await cache.match(file))) await cache.add(file).catch(() => undefined);
}

/** The pages that are open, and those of the build before, are asked for; what cannot be had stays as it was. */
async function takeOver() {
  await self.clients.claim();
  for (const { url } of await self.clients.matchAll({ type: 'window' }))
    if (isPage(new URL(url))) await askPage(url).catch(() => undefined);
  for (const name of await caches.keys()) {
    if (!name.startsWith(NAMED) || name === CACHE) continue;
    try {
      for (const { url } of await pagesOf(await caches.open(name))) await askPage(url);
      await caches.delete(name);
    } catch {
      // The server is gone just now: the next start tries again.
    }
  }
}

const plain = (text) => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** Where a page was never opened here: what can be opened. */
async function whatIsThere() {
  const there = [];
  for (const { url } of await pagesOf(await caches.open(CACHE))) {
    const at = new URL(url);
    const title = /<title>([^<]*?)(?: · Navuren)?<\/title>/.exec(await (await caches.match(url)).text())?.[1];
    if (!isHanded(at))
      there.push(`<li><a href="${plain(at.pathname + at.search)}">${title ?? plain(at.pathname)}</a></li>`);
  }
  return new Response(
    `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>The server is away · Navuren</title>
<style>body{font:1.1rem/1.5 Georgia,serif;max-width:38rem;margin:4rem auto;padding:0 1rem;background:#f5efe3;color:#221e19}h1{font-size:1.6rem;font-weight:500}ul{padding-left:1.1rem}a{color:inherit}</style>
<main><h1>The server is away</h1><p>This page was not opened on this device before. These were, and can be used meanwhile; what is
changed in them is kept here and goes home by itself.</p><ul>${there.join('')}</ul></main></html>`,
    {
      status: 503,
      headers: {
        'content-type': 'text/html; charset=utf-8',
        'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; base-uri 'none'",
      },
    },
  );
}

async function page(event) {
  const { request } = event;
  try {
    const answer = await fetch(request);
    event.waitUntil(keepPage(request.url, answer.clone()).catch(() => undefined));
    return answer;
  } catch {
    return (
      (await caches.match(request)) ??
      (await caches.match(request, { ignoreSearch: true })) ??
      (await whatIsThere())
    );
  }
}

const part = async (request) => (await caches.match(request)) ?? fetch(request);

/** A room gone to from another comes as less than a page: the page is asked for too, for when the server is gone. */
async function roomOpened(url) {
  await later(LATER_MS);
  url.searchParams.delete('_rsc');
  await askPage(url.href);
}

let written = 0;
/** A practice was written: its pages that are kept, and those that list it, are kept as they are now. */
async function practiceWritten(id) {
  const mine = (written += 1);
  await later(LATER_MS);
  if (mine !== written) return;
  for (const { url } of await pagesOf(await caches.open(CACHE))) {
    const { pathname } = new URL(url);
    if (['/', '/shelf'].includes(pathname) || pathname.split('/').includes(id)) await askPage(url);
  }
}

self.addEventListener('install', (event) => event.waitUntil(keepBuild().catch(() => undefined)));
self.addEventListener('activate', (event) => event.waitUntil(takeOver()));
self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (url.origin !== self.location.origin) return;
  const unless = () => undefined;
  if (request.method !== 'GET') {
    const id = /^\/api\/practices\/([\w.-]+)/.exec(url.pathname)?.[1];
    if (id !== undefined) event.waitUntil(practiceWritten(id).catch(unless));
  } else if (url.pathname.startsWith('/_next/static/')) event.respondWith(part(request));
  else if (request.mode === 'navigate' && isPage(url)) event.respondWith(page(event));
  // What is not kept is said to be away in our words, with what is there.
  else if (request.mode === 'navigate' && !url.pathname.startsWith('/api/'))
    event.respondWith(fetch(request).catch(whatIsThere));
  else if (request.headers.has('rsc') && !request.headers.has('next-router-prefetch') && isPage(url))
    event.waitUntil(roomOpened(url).catch(unless));
});
// Whoever was sent away, or lets somebody look on, leaves no page behind.
self.addEventListener('message', (event) => {
  if (event.data !== 'forget') return;
  const forget = async () => {
    const cache = await caches.open(CACHE);
    for (const at of await pagesOf(cache)) await cache.delete(at);
  };
  event.waitUntil(forget());
});
