import { performance } from 'node:perf_hooks';
import { readAlmanac } from '../core/almanac';
import { solvePosture, type Posture } from '../core/body';
import highsLoader from 'highs';
import { PLAIN_BRIEF, type Brief, type Theme } from '../core/brief';
import { compose, modelOf } from '../core/compose';
import { solve, solved } from '../core/compose/solver';
import { gapScale } from '../core/compose/tolerance';
import { mixedInteger } from '../core/compose/solver/mixedInteger.test.data';
import { DEFAULT_CUSTOMS } from '../core/customs';
import { REPERTOIRE, tellingPosture, type Form } from '../core/forms';
import { reviewForm } from '../core/forms/checks/review';
import { readQuestion, rowOf, seek } from '../core/seek';
import { formsToLearn, planTerm } from '../core/term/plan';
import { bodiesOf, bodyLanes, breathLine, compile, edit } from '../core/practice';
import { retime } from '../core/lead/retime';
import { review } from '../core/review';
import { drawFigure } from '../ui/figure/draw/figure';
import { cameraOnBody, VIEWS } from '../ui/figure/view';
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
  compose({
    brief: { ...PLAIN_BRIEF, minutes },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
    enough: 0.01,
  });
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
const twoHours = make(120);
if (!twoHours.ok) throw new Error('the long bench practice could not be composed');
{
  const bodies = REPERTOIRE.map((form) => {
    const body = solvePosture(tellingPosture(form, 'full'));
    return { body, camera: cameraOnBody(VIEWS[form.view ?? 'front'], body) };
  });
  let next = 0;
  report(
    'draw the figure, fingers and face (mean over the repertoire)',
    median(() => {
      for (let one = 0; one < 20; one += 1) {
        const found = bodies[(next += 1) % bodies.length];
        if (found) drawFigure(found.body, found.camera, { line: 2.6, ground: true, detail: 'fingers' });
      }
    }, 41) / 20,
    2,
  );
}
{
  const { practice, timeline } = twoHours;
  const positionMs = 0.3 * timeline.totalMs;
  report(
    'fit what is left of two hours, two minutes missing',
    median(() => retime({ practice, timeline, positionMs }, timeline.totalMs - positionMs - 120_000)),
    50,
  );
}
report(
  'read a 60-minute practice over, forms met before',
  median(() => review(hour.practice, hour.timeline, DEFAULT_CUSTOMS, { conditions: [] })),
  20,
);

/** The same hour with a breath on everything it fits and a sound on every exhale it fits. */
const laid = [
  {
    kind: 'breathing' as const,
    itemIds: hour.practice.items.map(({ id }) => id),
    breathing: { pattern: 'four-even-parts' },
  },
  {
    kind: 'sound' as const,
    itemIds: hour.practice.items.map(({ id }) => id),
    sound: { sound: 'lung-standard', voice: 'whispered' as const },
  },
].reduce((practice, change) => edit(practice, change), hour.practice);
const laidTimeline = compile(laid);
report(
  'compile a 60-minute practice, breath and sound laid on it',
  median(() => compile(laid)),
  5,
);
report(
  'read it over',
  median(() => review(laid, laidTimeline, DEFAULT_CUSTOMS, { conditions: [] })),
  20,
);

/** Every theme a bench brief is made of: usual ones, and the ones that are hard to prove. */
const THEMES: readonly Theme[] = [
  ...(['lung', 'kidney', 'liver', 'heart', 'spleen'] as const).map((organ): Theme => ({
    kind: 'organ',
    organ,
  })),
  { kind: 'phase', phase: 'wood' },
  { kind: 'channel', channel: 'GB' },
  { kind: 'set', set: 'eight-brocades' },
  { kind: 'all-phases' },
  { kind: 'aim', aim: 'sleep' },
];

const modelFor = (minutes: number, theme: Theme, repertoire: readonly Form[], over: Partial<Brief> = {}) =>
  modelOf({
    brief: { ...PLAIN_BRIEF, minutes, theme, ...over },
    repertoire,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
  });

const RUNS = 4;

/** How long the composer takes to an answer within 1 % and to proof, over all bench themes. */
function composing(
  what: string,
  minutes: number,
  repertoire: readonly Form[],
  budgetMs: number,
  over: Partial<Brief> = {},
): void {
  const found = THEMES.map((theme) => {
    let [near, done, gap] = [Infinity, Infinity, Infinity];
    // The quickest of a few runs: the machine does other things too, and the first run is the compiler's.
    for (let run = 0; run < RUNS; run += 1) {
      const from = performance.now();
      const { problem } = modelFor(minutes, theme, repertoire, over);
      let firstNear = Infinity;
      let last = Infinity;
      for (const progress of solve(problem)) {
        const share = (progress.bound - progress.value) / gapScale(minutes, progress.value);
        if (firstNear === Infinity && progress.selection && share <= 0.01)
          firstNear = performance.now() - from;
        last = progress.proved ? 0 : share;
      }
      near = Math.min(near, firstNear);
      done = Math.min(done, performance.now() - from);
      gap = last;
    }
    return { near, done, gap };
  });
  const sorted = (pick: (row: (typeof found)[number]) => number) => found.map(pick).sort((a, b) => a - b);
  const at = (list: readonly number[], share: number): string =>
    `${(list[Math.min(list.length - 1, Math.floor(list.length * share))] ?? NaN).toFixed(0)} ms`;
  const [near, done] = [sorted((row) => row.near), sorted((row) => row.done)];
  const proved = found.filter((row) => row.gap === 0).length;
  const worst = Math.max(...found.map((row) => row.gap));
  console.log(
    `${what}\n    within 1 %: median ${at(near, 0.5)}, p95 ${at(near, 0.95)}   to the end: median ${at(done, 0.5)}, p95 ${at(done, 0.95)}   budget ${budgetMs} ms` +
      `\n    proved ${proved} of ${found.length}, widest gap ${(worst * 100).toFixed(2)} %`,
  );
}

const fewer = REPERTOIRE.filter((_, index) => index % 7 !== 6);
composing(`compose 40 minutes from ${fewer.length} forms`, 40, fewer, 150);
composing(`compose 40 minutes from all ${REPERTOIRE.length} forms`, 40, REPERTOIRE, 150);
// What laying breath and sound costs shows only beside the very same brief without them.
const CLEARING = { intent: 'clear-then-nourish' } as const;
composing(`compose 40 minutes, clearing and nourishing, no sound or breath laid`, 40, REPERTOIRE, 150, {
  ...CLEARING,
  voice: 'none',
});
composing(`the same, with sound and breath weighed`, 40, REPERTOIRE, 150, {
  ...CLEARING,
  voice: 'aloud',
  breath: 'lower-belly',
});
report(
  'compose the six sounds, 25 minutes, at every number they can be made',
  median(
    () =>
      compose({
        brief: { ...PLAIN_BRIEF, minutes: 25, theme: { kind: 'set', set: 'six-sounds' }, voice: 'aloud' },
        repertoire: REPERTOIRE,
        customs: DEFAULT_CUSTOMS,
        people: { conditions: [] },
        seed: 1,
      }),
    3,
  ),
);
// More forms than are shipped: each copy serves what another form serves, so that none is its own twin.
const twice: readonly Form[] = Array.from({ length: 600 }, (_, index) => {
  const form = REPERTOIRE[index % REPERTOIRE.length];
  const other = REPERTOIRE[(index + 37) % REPERTOIRE.length];
  if (!form || !other) throw new Error('the repertoire is empty');
  const { phases, organs, channels, points } = other;
  return index < REPERTOIRE.length ? form : { ...form, id: `${form.id}-2`, phases, organs, channels, points };
});
composing(`compose 60 minutes from ${twice.length} forms`, 60, twice, 1000);

/** The same instances given to a general solver: how many times longer it takes. */
async function againstHighs(): Promise<void> {
  const highs = await highsLoader();
  // A third of the repertoire: on all of it the general solver takes minutes.
  const some = REPERTOIRE.filter((_, index) => index % 3 === 0 || index < 12);
  const ratios = THEMES.slice(0, 3).map((theme) => {
    const { problem } = modelFor(20, theme, some);
    let from = performance.now();
    const own = solved(problem);
    const ownMs = performance.now() - from;
    from = performance.now();
    const theirs = highs.solve(mixedInteger(problem), { mip_rel_gap: 0, time_limit: 120 });
    const theirsMs = performance.now() - from;
    console.log(
      `    ${JSON.stringify(theme)}: ${ownMs.toFixed(0)} ms, value ${own.value.toFixed(3)}; highs ${theirsMs.toFixed(0)} ms, ${theirs.Status}, value ${theirs.ObjectiveValue.toFixed(3)}`,
    );
    return theirsMs / ownMs;
  });
  console.log(
    `    highs takes ${Math.min(...ratios).toFixed(1)} to ${Math.max(...ratios).toFixed(1)} times as long`,
  );
}
console.log(`the same instances by the package highs, 20 minutes from a third of the forms`);
await againstHighs();

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
const rows = Array.from({ length: 600 }, (_, index) => {
  const form = REPERTOIRE[index % REPERTOIRE.length];
  if (!form) throw new Error('the repertoire is empty');
  return rowOf({ ...form, id: `${form.id}-${index}` }, DEFAULT_CUSTOMS, DEFAULT_CUSTOMS);
});
report(
  'read a question and count facets over 600 forms, for one key press',
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
for (const aim of ['year', 'balance'] as const)
  report(
    `plan a term of 26 weeks, the eight brocades learnt in it (${aim})`,
    median(
      () =>
        planTerm(
          {
            days: {
              first: '2026-09-07',
              last: '2027-03-07',
              times: [{ weekday: 4, hour: 19, minute: 0 }],
              out: [],
            },
            aim,
            also: [],
            learn: formsToLearn('eight-brocades', [], DEFAULT_CUSTOMS),
            learnSet: 'eight-brocades',
            ledMs: {},
            nowMs: 0,
            fixed: {},
            former: {},
          },
          REPERTOIRE,
          DEFAULT_CUSTOMS,
        ),
      5,
    ),
    1000,
  );
