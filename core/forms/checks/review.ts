import { entryAt } from '../../lists/lists';
import { findMisses, goalsOf, isOnSoles, solvePosture, type Posture } from '../../body';
import type { Pace } from '../../breath';
import { routeByChannel } from '../../channels';
import { againstBreath } from './breathing';
import { contradictions } from './claims';
import { noteWeight, type FormNote, type NoteWeight } from './formNotes';
import { asksOf, cycleOf, hasVariant, stanceOf } from '../model/variants';
import { VARIANTS, type VariantId } from '../model/terms';
import { type Form, type Stroke } from '../model/model';
import { restIn } from '../writing/embody';
import { cueFit } from '../../time/speech';
import { strokeClock } from '../../time/layout';
import { outOfTime } from '../model/timing';

/** The pace a form is held to, and how quickly is spoken where that is known. */
export interface Speaking extends Pace {
  readonly wordsPerMin?: number;
}

/** A foot that changes its place must be free before it goes; an empty foot carries about a tenth. */
const FREE_SHARE = 0.25;
/** Less than this is the foot settling, not a step; shares of stature. */
const STEP = 0.02;

function stepsWithWeight(from: Posture, to: Posture): { foot: 'left' | 'right'; share: number } | undefined {
  if (!isOnSoles(from.base ?? 'feet') || !isOnSoles(to.base ?? 'feet')) return undefined;
  const [a, b] = [goalsOf(from), goalsOf(to)];
  if (a.left.air > 0 || a.right.air > 0 || b.left.air > 0 || b.right.air > 0) return undefined;
  // Only how the feet stand to each other is known: one of them has moved.
  const moved = Math.hypot(
    b.left.x - b.right.x - (a.left.x - a.right.x),
    b.left.z - b.right.z - (a.left.z - a.right.z),
  );
  if (moved < STEP) return undefined;
  const lightest = Math.min(a.weight, 1 - a.weight, b.weight, 1 - b.weight);
  if (lightest <= FREE_SHARE) return undefined;
  return { foot: a.weight <= 0.5 ? 'left' : 'right', share: Math.min(a.weight, 1 - a.weight) };
}

const SIDE_TOKEN = /\{(?:side|other|way)\}/i;

function strokeNotes(
  form: Form,
  variant: VariantId,
  stroke: Stroke,
  index: number,
  before: Posture,
  pace: Speaking,
): FormNote[] {
  const at = { variant, stroke: index };
  const notes: FormNote[] = [];
  const postures = stroke.postures ?? [];
  if (postures.length === 0) notes.push({ ...at, code: 'no-posture' });
  const misses = postures.flatMap((posture) => findMisses(solvePosture(posture)));
  if (misses.length > 0) notes.push({ ...at, code: 'cannot-be-done', misses });
  postures.forEach((posture, place) => {
    const step = stepsWithWeight(postures[place - 1] ?? before, posture);
    if (step) notes.push({ ...at, code: 'step-with-weight', ...step });
  });
  if ((stroke.breath === 'free' || stroke.breath === 'hold') && stroke.seconds === undefined)
    notes.push({ ...at, code: 'no-time' });
  const fit = cueFit(
    stroke.cue,
    { breath: stroke.breath, sec: strokeClock(form, { pace, stretch: 1 })(stroke) },
    pace.wordsPerMin,
  );
  if (!fit.fits)
    notes.push({ ...at, code: 'cue-too-long', spokenSec: fit.spokenSec, strokeSec: fit.strokeSec });
  return notes;
}

function variantNotes(form: Form, variant: VariantId, pace: Speaking): FormNote[] {
  const cycle = cycleOf(form, variant);
  const notes: FormNote[] = [];
  let before = restIn(stanceOf(form, variant).start);
  const last = cycle.at(-1)?.postures?.at(-1);
  cycle.forEach((stroke, index) => {
    // The first stroke comes from the last, once the form is under way.
    notes.push(...strokeNotes(form, variant, stroke, index, index === 0 ? (last ?? before) : before, pace));
    before = stroke.postures?.at(-1) ?? before;
  });
  for (const { code, stroke, headCm } of form.exceptions?.breath === undefined
    ? againstBreath(form, variant)
    : [])
    notes.push({ variant, stroke, code, cm: Math.abs(headCm) });
  const breathed = cycle.filter(({ breath }) => breath === 'in' || breath === 'out');
  const inhales = breathed.filter(({ breath }) => breath === 'in').length;
  const exhales = breathed.length - inhales;
  if (inhales !== exhales) notes.push({ variant, code: 'breaths-uneven', inhales, exhales });
  breathed.forEach(({ breath }, index) => {
    if (index > 0 && breathed[index - 1]?.breath === breath && (breath === 'in' || breath === 'out'))
      notes.push({ variant, stroke: cycle.indexOf(entryAt(breathed, index)), code: 'breath-twice', breath });
  });
  const told = cycle.some(({ cue }) => SIDE_TOKEN.test(cue));
  if (variant === 'full' && form.sides !== 'symmetric' && !told)
    notes.push({ variant, code: 'side-not-said' });
  if (form.sides === 'symmetric' && told) notes.push({ variant, code: 'side-without-sides' });
  for (const { text, measured } of contradictions(form, variant))
    notes.push({ variant, code: 'words-against-body', text, measured });
  const out = form.exceptions?.time === undefined ? outOfTime(form, variant) : undefined;
  if (out)
    notes.push({ variant, code: 'out-of-time', sec: out.sec, least: out.range[0], most: out.range[1] });
  return notes;
}

const HEAVY: Readonly<Record<NoteWeight, number>> = { must: 0, should: 1, consider: 2 };

/** The margin notes of a form at a pace, heaviest first, every one with the place it speaks of. */
export function reviewForm(form: Form, pace: Speaking): readonly FormNote[] {
  const notes = VARIANTS.filter((variant) => hasVariant(form, variant)).flatMap((variant) =>
    variantNotes(form, variant, pace),
  );
  const worked = form.channels
    .filter(({ how }) => how === 'tap' || how === 'trace')
    .map(({ channel }) => channel);
  const against = form.route
    ? routeByChannel(form.route).filter(({ channel, runs }) => runs !== 'with' && worked.includes(channel))
    : [];
  if (against.length > 0)
    notes.push({
      variant: 'full',
      code: 'route-against-flow',
      channels: against.map(({ channel }) => channel),
    });
  if (asksOf(form, 'full').percussion.length > 0 && form.settleSec < 8)
    notes.push({ variant: 'full', code: 'no-still-moment' });
  if (!form.smaller && !form.seated) notes.push({ variant: 'full', code: 'no-gentler-way' });
  return notes.toSorted((a, b) => HEAVY[noteWeight(a)] - HEAVY[noteWeight(b)]);
}
