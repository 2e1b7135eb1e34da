// npm run demo: the Quillhaven sample in a data folder of its own.
import path from 'node:path';
import { ensureBuilt, root, serve } from './lib.mjs';

const port = Number(process.env.NAVUREN_PORT ?? 3210);
console.log('Preparing Navuren …');
ensureBuilt();
await serve({
  port,
  data: process.env.NAVUREN_DATA ?? path.join(root, 'demo-data'),
  demo: true,
  says: `Navuren is ready at http://127.0.0.1:${port} with the Quillhaven sample. Ctrl-C stops it.`,
});
