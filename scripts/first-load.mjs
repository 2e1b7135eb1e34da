// After a build: the compressed JavaScript a page must load before it answers, held against its budget.
import { existsSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const STATS = '.next/diagnostics/route-bundle-stats.json';
const BUDGET_KB = 250;
/** Pages with a budget of their own, each with its reason. */
const OWN_BUDGETS_KB = {
  // The editor leads the body by its limbs as the page opens, and so brings the solver and the atlas at once.
  '/forms/own/new': 287,
  '/forms/own/[id]': 287,
  // The score lays breaths and sounds on every stroke as it opens, and so brings their tables at once.
  '/compose': 262,
  '/compose/[id]': 262,
};

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
  budget: OWN_BUDGETS_KB[route] ?? BUDGET_KB,
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
