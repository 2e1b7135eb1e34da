// npm start: your own practices, in ./data or in NAVUREN_DATA.
import path from 'node:path';
import { ensureBuilt, root, serve } from './lib.mjs';

const port = Number(process.env.NAVUREN_PORT ?? 3210);
ensureBuilt();
await serve({
  port,
  data: process.env.NAVUREN_DATA ?? path.join(root, 'data'),
  demo: false,
  says: `Navuren is ready at http://127.0.0.1:${port}. Ctrl-C stops it.`,
});
