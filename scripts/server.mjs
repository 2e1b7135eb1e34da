// The production server, one process: the guard first, then the framework. NAVUREN_PORT says where it listens, on this
// machine only until its door is opened (server/access/); NAVUREN_DATA which folder it opens. Prints one line when it is ready, or one that says why it is not.
import { AsyncLocalStorage } from 'node:async_hooks';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { readFileSync } from 'node:fs';
import process from 'node:process';

process.env.NEXT_TELEMETRY_DISABLED = '1';
process.env.NODE_ENV = 'production';
process.env.NAVUREN_SERVE = '1';

const { default: next } = await import('next');
const { refuse, turnedAway } = await import('./guard.mjs');

/** How the line begins that says where else it listens (see scripts/lib.mjs). */
const ALSO = 'Also in the local network:';
const hostname = '127.0.0.1';
const port = Number(process.env.NAVUREN_PORT ?? 3210);
const app = next({ dev: false, hostname, port, dir: process.cwd() });
const handle = app.getRequestHandler();

/** Waits for whoever judges who may come in (server/access/door.ts); it is there once the database is open. */
async function judged(request) {
  for (let tries = 0; globalThis.navurenDoor === undefined && tries < 600; tries += 1) {
    // The first request opens the database: health may, and says nothing else.
    if (request.url === '/api/health') return { kind: 'comes' };
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  if (globalThis.navurenDoor === undefined)
    return { kind: 'refused', status: 503, message: 'Navuren is not ready yet.' };
  return globalThis.navurenDoor(request);
}

/** What is chosen for whoever makes a request, of its own for each (ui/kit/askedFor.ts). */
const asked = new AsyncLocalStorage();
globalThis.navurenAsked = asked;

async function answer(request, response) {
  const why = turnedAway(request);
  if (why) return refuse(response, why);
  try {
    const verdict = await judged(request);
    if (verdict.kind === 'refused') return refuse(response, [verdict.status, verdict.message]);
    if (verdict.kind === 'to-enter') {
      response.writeHead(303, { location: verdict.location, 'cache-control': 'no-store' });
      return response.end();
    }
    await asked.run({}, () => handle(request, response));
  } catch (error) {
    console.error(error instanceof Error ? error.name : 'Error');
    if (!response.headersSent) refuse(response, [500, 'Something went wrong inside Navuren.']);
    else response.end();
  }
}

function made(secured) {
  const server = secured ? createSecureServer(secured, answer) : createServer(answer);
  // A request that cannot be read at all is answered like any other refusal.
  server.on('clientError', (_error, socket) => {
    if (socket.writable)
      socket.end('HTTP/1.1 400 Bad Request\r\nconnection: close\r\ncontent-length: 0\r\n\r\n');
  });
  // Nothing here speaks another protocol.
  server.on('upgrade', (_request, socket) => socket.destroy());
  server.on('connect', (_request, socket) => socket.destroy());
  return server;
}

/** The owner’s own certificate and its key, where both are given; none is made here. */
function certificate() {
  const { NAVUREN_TLS_CERT: cert, NAVUREN_TLS_KEY: key } = process.env;
  if (!cert && !key) return undefined;
  if (!cert || !key)
    throw new Error('NAVUREN_TLS_CERT and NAVUREN_TLS_KEY are given together, or neither is');
  return { cert: readFileSync(cert), key: readFileSync(key) };
}

/** What listens in the local network, while it is open; this machine is always answered. */
let outside = [];
globalThis.navurenListen = async (isOpen, addresses) => {
  const former = outside;
  outside = [];
  for (const server of former) {
    server.close();
    // Who is still connected is not answered any more, once whoever shut it has been.
    setTimeout(() => server.closeAllConnections(), 500).unref();
  }
  if (!isOpen) return;
  for (const address of addresses) {
    const server = made(secured);
    await new Promise((resolve) => {
      server.once('error', (error) => {
        console.error(`Navuren cannot listen at ${address}:${port} (${error.code ?? error.name}).`);
        resolve();
      });
      server.listen(port, address, () => {
        outside.push(server);
        console.log(
          `${ALSO} ${secured ? 'https' : 'http'}://${address.includes(':') ? `[${address}]` : address}:${port}`,
        );
        resolve();
      });
    });
  }
};

let secured;
try {
  secured = certificate();
} catch (error) {
  console.error(`Navuren did not start. The certificate cannot be read: ${error.message}.`);
  process.exit(1);
}
// Only now: what is started with the application may already ask to listen in the local network.
await app.prepare();
made().listen(port, hostname, () => {
  // The data folder is opened with the first request: nothing is said before it has been.
  void fetch(`http://${hostname}:${port}/api/health`).then((one) => {
    if (one.ok) console.log('Navuren listens.');
  });
});
