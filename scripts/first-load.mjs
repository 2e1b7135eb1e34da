// After a build: the compressed JavaScript a page must load before it answers, held against its budget.
import { existsSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const STATS = '.next/diagnostics/route-bundle-stats.json';
const BUDGET_KB = 250;
if (!existsSync(STATS)) {
  console.error(`${STATS} is missing: run npm run build first`);
  process.exit(1);
}
const sizes = new Map();
const sizeOf = (path) => {
  if (!sizes.has(path)) sizes.set(path, gzipSync(readFileSync(path)).length);
  return sizes.get(path);
};
let over = 0;
const rows = JSON.parse(readFileSync(STATS, 'utf8')).map(({ route, firstLoadChunkPaths }) => ({
  route,
  kb: firstLoadChunkPaths.reduce((sum, path) => sum + sizeOf(path), 0) / 1000,
  budget: BUDGET_KB,
}));
if (rows.length === 0) {
  console.error('no page is in the build’s statistics; has their format changed?');
  process.exit(1);
}
for (const { route, kb, budget } of rows.sort((a, b) => b.kb - a.kb)) {
  const fits = kb <= budget;
  if (!fits) over += 1;
  console.log(`${fits ? ' ' : '!'} ${route.padEnd(20)} ${kb.toFixed(0)} of ${budget} kB`);
}
process.exit(over === 0 ? 0 : 1);
