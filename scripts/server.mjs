// The production server, one process: the guard first, then the framework. NAVUREN_PORT says where it listens, on this
// machine only; NAVUREN_DATA which folder it opens. Prints one line when it is ready, or one that says why it is not.
import { createServer } from 'node:http';
import process from 'node:process';

process.env.NEXT_TELEMETRY_DISABLED = '1';
process.env.NODE_ENV = 'production';
process.env.NAVUREN_SERVE = '1';

const { default: next } = await import('next');
const { refuse, turnedAway } = await import('./guard.mjs');

const hostname = '127.0.0.1';
const port = Number(process.env.NAVUREN_PORT ?? 3210);
const app = next({ dev: false, hostname, port, dir: process.cwd() });
await app.prepare();
const handle = app.getRequestHandler();

const server = createServer((request, response) => {
  const why = turnedAway(request);
  if (why) return refuse(response, why);
  handle(request, response).catch((error) => {
    console.error(error instanceof Error ? error.name : 'Error');
    if (!response.headersSent) refuse(response, [500, 'Something went wrong inside Navuren.']);
    else response.end();
  });
});
// A request that cannot be read at all is answered like any other refusal.
server.on('clientError', (_error, socket) => {
  if (socket.writable)
    socket.end('HTTP/1.1 400 Bad Request\r\nconnection: close\r\ncontent-length: 0\r\n\r\n');
});
// Nothing here speaks another protocol.
server.on('upgrade', (_request, socket) => socket.destroy());
server.on('connect', (_request, socket) => socket.destroy());
server.listen(port, hostname, () => {
  // The data folder is opened with the first request: nothing is said before it has been.
  void fetch(`http://${hostname}:${port}/api/health`).then((answer) => {
    if (answer.ok) console.log('Navuren listens.');
  });
});
