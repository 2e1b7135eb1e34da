// The server of the interface tests: production build, sample data, a fresh folder each time.
import { rmSync } from 'node:fs';
import path from 'node:path';
import { root, serve } from './lib.mjs';

const port = Number(process.env.NAVUREN_PORT);
const folder = path.join(root, '.e2e');
rmSync(folder, { recursive: true, force: true });
await serve({
  port,
  data: path.join(folder, 'data'),
  demo: true,
  firstSeed: 1,
  says: `Test server at http://127.0.0.1:${port}`,
});
