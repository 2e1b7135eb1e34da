import { performance } from 'node:perf_hooks';
import { readAlmanac } from '../core/almanac';
import { PLAIN_BRIEF } from '../core/brief';
import { compose } from '../core/compose';
import { DEFAULT_CUSTOMS } from '../core/customs';
import { REPERTOIRE } from '../core/forms';
import { breathLine, compile } from '../core/practice';

/** Median of several runs after a few to warm up, ms. */
function median(work: () => void, runs = 21): number {
  for (let warm = 0; warm < 4; warm += 1) work();
  const times = Array.from({ length: runs }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return times[Math.floor(runs / 2)] as number;
}

function report(what: string, ms: number, budgetMs?: number): void {
  const budget = budgetMs === undefined ? '' : `   budget ${budgetMs} ms`;
  console.log(`${what.padEnd(62)} ${ms.toFixed(2).padStart(7)} ms${budget}`);
}

const make = (minutes: number) =>
  compose({ ...PLAIN_BRIEF, minutes }, REPERTOIRE, DEFAULT_CUSTOMS, { conditions: [] }, 1);
const hour = make(60);
if (!hour.ok) throw new Error('the bench practice could not be composed');

report(
  'compile a 60-minute practice',
  median(() => compile(hour.practice)),
  5,
);
report(
  'breath line of a 60-minute practice',
  median(() => breathLine(hour.timeline, 0, hour.timeline.totalMs)),
);
for (const [minutes, budget] of [
  [12, undefined],
  [40, 150],
  [60, undefined],
] as const)
  report(
    `compose ${minutes} minutes from ${REPERTOIRE.length} forms`,
    median(() => make(minutes), 9),
    budget,
  );
report(
  'read the almanac for one moment',
  median(() => readAlmanac(1_795_000_000_000, DEFAULT_CUSTOMS.place, DEFAULT_CUSTOMS)),
);
