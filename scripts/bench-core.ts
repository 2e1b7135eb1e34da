import { performance } from 'node:perf_hooks';
import { readAlmanac } from '../core/almanac';
import { solvePosture, type Posture } from '../core/body';
import { PLAIN_BRIEF } from '../core/brief';
import { compose } from '../core/compose';
import { DEFAULT_CUSTOMS } from '../core/customs';
import { REPERTOIRE, rowOf } from '../core/forms';
import { reviewForm } from '../core/forms/review';
import { readQuestion, seek } from '../core/forms/seek';
import { bodiesOf, bodyLanes, breathLine, compile } from '../core/practice';
import { CHANNEL_IDS, placeCourse, placePoint, POINTS, findPoints } from '../core/channels';

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

const BATCH = 200;
const posture: Posture = {
  sink: 30,
  weight: 0.7,
  feet: { apart: 1.5 },
  hands: {
    left: { near: 'middle dantian', off: [4, 0, 8] },
    right: { near: 'reach', toward: [1, 0.4, 0.5] },
  },
};
report(
  'solve a posture (mean of 200)',
  median(() => {
    for (let index = 0; index < BATCH; index += 1) solvePosture(posture);
  }) / BATCH,
  0.2,
);
const body = solvePosture(posture);
report(
  'place all points and courses on a body, both sides',
  median(() => {
    for (const side of ['left', 'right'] as const) {
      for (const row of POINTS) placePoint(body, row.code, side);
      for (const id of CHANNEL_IDS) placeCourse(body, id, side);
    }
  }),
  16,
);
report(
  'search the points for one key press',
  median(() => findPoints('water point')),
  16,
);
report(
  'lanes of a 60-minute practice (in a worker)',
  median(() => bodyLanes(hour.timeline, bodiesOf(hour.practice, hour.timeline)), 5),
);

// Twice the shipped forms and more: as many as a practitioner with forms of their own may come to have.
const rows = Array.from({ length: 300 }, (_, index) => {
  const form = REPERTOIRE[index % REPERTOIRE.length];
  if (!form) throw new Error('the repertoire is empty');
  return rowOf({ ...form, id: `${form.id}-${index}` }, DEFAULT_CUSTOMS, DEFAULT_CUSTOMS);
});
report(
  'read a question and count facets over 300 forms, for one key press',
  median(() =>
    seek(rows, readQuestion('what nourishes the Kidney, seated, without raising the arms, in four min')),
  ),
  16,
);
const widest = REPERTOIRE.find((form) => form.id === 'animal-tiger-pounce');
if (!widest) throw new Error('the bench form is gone');
report(
  'margin notes of a form in three ways',
  median(() => reviewForm(widest, DEFAULT_CUSTOMS)),
);
