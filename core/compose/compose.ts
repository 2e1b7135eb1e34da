import type { Brief } from '../brief';
import { STANCE_CHANGE_SEC, compile, type Timeline } from '../practice/compile';
import type { Item, Practice, Reason } from '../practice/model';
import { formsOfSet, ROLE_SHARES, ROLES, stanceOf, type Form, type FormSchools, type Role } from '../forms';
import type { Customs } from '../customs';
import type { ConditionId } from '../people';
import { seededRandom } from '../random';
import { fitForm, meritOf, type Fitting, type Refusal } from './candidates';
import { planSections, type SectionPlan } from './plan';
import { searchDraft, type Candidate, type Choice, type SearchResult } from './search';

/** What the composer needs to know of the people: what to be careful of, never who. */
export interface People {
  readonly conditions: readonly ConditionId[];
}

/** A wish that stands in the way, and a change that was tried and found to help. Worded in the interface. */
export type Obstacle =
  | { readonly code: 'too-few-forms'; readonly allowed: number; readonly capacityMin: number }
  | { readonly code: 'too-short'; readonly leastMin: number }
  | { readonly code: 'empty-section'; readonly role: Role; readonly because: Refusal | 'left-out' };

export type Help =
  | { readonly code: 'other-minutes'; readonly minutes: number }
  | { readonly code: 'allow-left-out'; readonly count: number }
  | { readonly code: 'other-posture'; readonly posture: Brief['posture'] }
  | { readonly code: 'other-pace'; readonly breathsPerMin: number };

export type ComposeResult =
  | { readonly ok: true; readonly practice: Practice; readonly timeline: Timeline }
  | { readonly ok: false; readonly obstacles: readonly Obstacle[]; readonly helps: readonly Help[] };

/** Everything may be slower or quicker by this share; finer than anyone feels. */
const ELASTIC = 0.06;
/** A compiled practice may miss the minutes by 1 %, or by 10 s where that is more. */
export const toleranceMs = (minutes: number): number => Math.max(10_000, minutes * 600);
/** From this many minutes on, a gathering breath parts the clearing from the nourishing. */
const HINGE_FROM_MINUTES = 15;

interface Allowed {
  readonly form: Form;
  readonly fitting: Fitting;
}

interface Ground {
  readonly allowed: readonly Allowed[];
  readonly refused: ReadonlyMap<string, Refusal | 'left-out'>;
}

function sortOut(brief: Brief, repertoire: readonly Form[], people: People, schools: FormSchools): Ground {
  const allowed: Allowed[] = [];
  const refused = new Map<string, Refusal | 'left-out'>();
  for (const form of repertoire) {
    if (brief.without.includes(form.id)) {
      refused.set(form.id, 'left-out');
      continue;
    }
    const fitting = fitForm(form, brief.posture, people.conditions, schools);
    if (typeof fitting === 'string') refused.set(form.id, fitting);
    else allowed.push({ form, fitting });
  }
  return { allowed, refused };
}

function familiarityOf(brief: Brief, role: Role): Item['familiarity'] {
  // Arriving and closing are not taught: everyone knows how to stand and how to end.
  return role === 'arrive' || role === 'close' ? 'known' : brief.familiarity;
}

function draftItem(
  form: Form,
  fitting: Fitting,
  role: Role,
  brief: Brief,
  customs: Customs,
  reasons: readonly Reason[],
): Omit<Item, 'id' | 'repetitions'> {
  return {
    formId: form.id,
    variant: fitting.variant,
    role,
    stretch: 1,
    firstSide: customs.firstSide,
    familiarity: familiarityOf(brief, role),
    omitHolds: fitting.omitHolds,
    exhaleByMouth: fitting.exhaleByMouth,
    hinge: false,
    reasons: [...reasons, ...fitting.reasons],
  };
}

/** Inner work and rubbing come after the moving forms of a section; joints in the user's order (common practice). */
function orderOf(form: Form, index: number, jointOrder: readonly string[]): number {
  const late = form.family === 'inner breathing' || form.family === 'self-massage' ? 1000 : 0;
  const joint = jointOrder.indexOf(form.id);
  return late + (joint >= 0 ? joint / 100 : index);
}

function practiceOf(
  brief: Brief,
  customs: Customs,
  seed: number,
  name: string,
  items: readonly Item[],
  forms: readonly Form[],
): Practice {
  return {
    name,
    brief,
    customs: {
      outToIn: customs.outToIn,
      animalSchool: customs.animalSchool,
      virtueSchool: customs.virtueSchool,
      soundSchool: customs.soundSchool,
    },
    seed,
    items: [...items],
    forms: Object.fromEntries(forms.map((form) => [form.id, form])),
  };
}

interface TimeLine {
  readonly baseMs: number;
  readonly perRepetitionMs: number;
}

/** Time lines already measured, by form and by all that its time depends on: a redraft asks for the same ones. */
const measuredLines = new WeakMap<Form, Map<string, TimeLine>>();

/** The time of a form as a line in its repetitions, measured by compiling it once and twice. */
function timeLine(
  form: Form,
  item: Omit<Item, 'id' | 'repetitions'>,
  brief: Brief,
  customs: Customs,
): TimeLine {
  const { variant, familiarity, omitHolds, exhaleByMouth, stretch, firstSide } = item;
  const asked = [
    variant,
    familiarity,
    omitHolds,
    exhaleByMouth,
    stretch,
    firstSide,
    brief.breathsPerMin,
    customs.outToIn,
    customs.soundSchool,
  ].join();
  const lines = measuredLines.get(form) ?? new Map<string, TimeLine>();
  measuredLines.set(form, lines);
  const known = lines.get(asked);
  if (known) return known;
  const lengthAt = (repetitions: number): number =>
    compile(practiceOf(brief, customs, 0, 'measure', [{ ...item, id: 'm', repetitions }], [form])).totalMs;
  const one = lengthAt(1);
  const perRepetitionMs = lengthAt(2) - one;
  const line = { baseMs: one - perRepetitionMs, perRepetitionMs };
  lines.set(asked, line);
  return line;
}

interface Prepared {
  readonly candidates: ReadonlyMap<Role, readonly Candidate[]>;
  readonly items: ReadonlyMap<string, Omit<Item, 'id' | 'repetitions'>>;
}

const key = (role: Role, formId: string): string => `${role}/${formId}`;

function prepare(
  ground: Ground,
  sections: readonly SectionPlan[],
  brief: Brief,
  customs: Customs,
  seed: number,
): Prepared {
  const random = seededRandom(seed);
  const items = new Map<string, Omit<Item, 'id' | 'repetitions'>>();
  const candidates = new Map<Role, Candidate[]>();
  const joints = formsOfSet('joints', customs);
  const jitter = new Map(ground.allowed.map(({ form }) => [form.id, random.next() * 0.5]));
  for (const { role } of sections) {
    const list = ground.allowed
      .map((entry, index) => ({ ...entry, index }))
      .filter(({ form }) => form.roles.includes(role))
      .map(({ form, fitting, index }): Candidate => {
        const merit = meritOf(form, role, brief, customs);
        const item = draftItem(form, fitting, role, brief, customs, merit.reasons);
        items.set(key(role, form.id), item);
        const stance = stanceOf(form, fitting.variant);
        return {
          formId: form.id,
          role,
          fit: merit.fit + (jitter.get(form.id) ?? 0),
          ...timeLine(form, item, brief, customs),
          least: form.repetitions.least,
          usual: form.repetitions.usual,
          most: form.repetitions.most,
          step: form.repetitions.multipleOf,
          order: orderOf(form, index, joints),
          startStance: stance.start,
          endStance: stance.end,
        };
      })
      .toSorted((a, b) => b.fit - a.fit);
    candidates.set(role, list);
  }
  return { candidates, items };
}

/** The time all allowed forms can fill at most, each used once in its longest way, within the sections' ranges. */
function capacityMs(prepared: Prepared, sections: readonly SectionPlan[]): number {
  const used = new Set<string>();
  let sum = 0;
  for (const section of sections) {
    let filled = 0;
    for (const candidate of prepared.candidates.get(section.role) ?? []) {
      if (used.has(candidate.formId)) continue;
      used.add(candidate.formId);
      filled += candidate.baseMs + candidate.perRepetitionMs * candidate.most;
    }
    sum += Math.min(filled, section.mostMs);
  }
  return sum;
}

/** The least time the sections need, each with its shortest form. */
function leastMs(prepared: Prepared, sections: readonly SectionPlan[]): number {
  return sections.reduce((sum, section) => {
    const times = (prepared.candidates.get(section.role) ?? []).map(
      (c) => c.baseMs + c.perRepetitionMs * c.least,
    );
    return sum + (times.length > 0 ? Math.min(...times) : 0);
  }, 0);
}

function obstaclesOf(
  ground: Ground,
  prepared: Prepared,
  sections: readonly SectionPlan[],
  brief: Brief,
  repertoire: readonly Form[],
): readonly Obstacle[] {
  const obstacles: Obstacle[] = [];
  for (const { role } of sections) {
    if ((prepared.candidates.get(role) ?? []).length > 0) continue;
    const refusals = repertoire
      .filter((form) => form.roles.includes(role))
      .map((form) => ground.refused.get(form.id) ?? 'left-out');
    const because = refusals.find((refusal) => refusal === 'caution') ?? refusals[0] ?? 'left-out';
    obstacles.push({ code: 'empty-section', role, because });
  }
  if (obstacles.length > 0) return obstacles;
  const least = leastMs(prepared, sections);
  if (least > brief.minutes * 60_000) return [{ code: 'too-short', leastMin: Math.ceil(least / 60_000) }];
  return [
    {
      code: 'too-few-forms',
      allowed: ground.allowed.length,
      capacityMin: Math.min(brief.minutes, Math.floor(capacityMs(prepared, sections) / 60_000)),
    },
  ];
}

function assemble(
  result: SearchResult,
  prepared: Prepared,
  ground: Ground,
  brief: Brief,
  customs: Customs,
  seed: number,
  hinge: Allowed | undefined,
): Practice {
  const forms = new Map(ground.allowed.map(({ form }) => [form.id, form]));
  const items: Item[] = [];
  const add = (item: Omit<Item, 'id' | 'repetitions'>, repetitions: number) =>
    items.push({ ...item, id: `${item.formId}-${items.length + 1}`, repetitions });
  for (const role of ROLES) {
    for (const { candidate, repetitions } of result.draft.get(role) ?? ([] as readonly Choice[])) {
      const item = prepared.items.get(key(role, candidate.formId));
      if (item) add(item, repetitions);
    }
    if (role === 'clear' && hinge)
      add(
        {
          ...draftItem(hinge.form, hinge.fitting, 'clear', brief, customs, [{ code: 'hinge' }]),
          hinge: true,
          familiarity: 'known',
        },
        1,
      );
  }
  const used = [...new Set(items.map((item) => item.formId))]
    .map((id) => forms.get(id))
    .filter((form) => form !== undefined);
  return practiceOf(brief, customs, seed, 'Untitled practice', items, used);
}

/** Lengthens or shortens every breath by the same small share, so that the whole ends on time. */
function settle(
  practice: Practice,
  targetMs: number,
): { readonly practice: Practice; readonly timeline: Timeline } {
  let settled = practice;
  let timeline = compile(practice);
  for (let round = 0; round < 3 && Math.abs(timeline.totalMs - targetMs) > 400; round += 1) {
    const strokesMs = timeline.events
      .filter((event) => event.kind === 'stroke')
      .reduce((sum, event) => sum + event.lengthMs, 0);
    if (strokesMs === 0) break;
    const factor = (strokesMs + targetMs - timeline.totalMs) / strokesMs;
    settled = {
      ...settled,
      items: settled.items.map((item) => ({
        ...item,
        stretch: Math.round(Math.min(1.25, Math.max(0.8, item.stretch * factor)) * 1000) / 1000,
      })),
    };
    timeline = compile(settled);
  }
  return { practice: settled, timeline };
}

/** Whether every section the brief calls for is there and takes its share, measured on the finished timeline. */
function rangesKept(timeline: Timeline, sections: readonly SectionPlan[]): boolean {
  return sections.every((plan) => {
    const spans = timeline.sections.filter((section) => section.role === plan.role);
    const share = spans.reduce((sum, section) => sum + section.lengthMs, 0) / timeline.totalMs;
    return share >= ROLE_SHARES[plan.role].leastShare && share <= ROLE_SHARES[plan.role].mostShare;
  });
}

function attempt(brief: Brief, repertoire: readonly Form[], customs: Customs, people: People, seed: number) {
  const ground = sortOut(brief, repertoire, people, customs);
  const sections = planSections(brief);
  const prepared = prepare(ground, sections, brief, customs, seed);
  const hasBoth = sections.some((s) => s.role === 'clear') && sections.some((s) => s.role === 'nourish');
  const hinge =
    hasBoth && brief.minutes >= HINGE_FROM_MINUTES
      ? ground.allowed.find(({ form }) => form.hinge)
      : undefined;
  const hingeMs = hinge
    ? compile(
        practiceOf(
          brief,
          customs,
          0,
          'hinge',
          [
            {
              ...draftItem(hinge.form, hinge.fitting, 'clear', brief, customs, []),
              id: 'h',
              hinge: true,
              familiarity: 'known',
              repetitions: 1,
            },
          ],
          [hinge.form],
        ),
      ).totalMs
    : 0;
  const result = searchDraft({
    totalMs: brief.minutes * 60_000,
    sections,
    candidates: prepared.candidates,
    elasticShare: ELASTIC,
    stanceChangeMs: STANCE_CHANGE_SEC[brief.familiarity] * 1000,
    extraMs: new Map(hinge ? [['clear' as const, hingeMs]] : []),
  });
  const settled = settle(
    assemble(result, prepared, ground, brief, customs, seed, hinge),
    brief.minutes * 60_000,
  );
  const onTime = Math.abs(settled.timeline.totalMs - brief.minutes * 60_000) <= toleranceMs(brief.minutes);
  return {
    ...settled,
    ground,
    sections,
    prepared,
    good: onTime && rangesKept(settled.timeline, sections) && settled.practice.items.length > 0,
  };
}

function helpsFor(
  brief: Brief,
  repertoire: readonly Form[],
  customs: Customs,
  people: People,
  seed: number,
): readonly Help[] {
  const works = (changed: Brief): boolean => attempt(changed, repertoire, customs, people, seed).good;
  const helps: Help[] = [];
  const minutes = [50, 45, 40, 30, 25, 20, 15, 12, 10, 8, 6, 5, 55, 60]
    .toSorted((a, b) => Math.abs(a - brief.minutes) - Math.abs(b - brief.minutes))
    .find((candidate) => candidate !== brief.minutes && works({ ...brief, minutes: candidate }));
  if (minutes !== undefined) helps.push({ code: 'other-minutes', minutes });
  if (brief.without.length > 0 && works({ ...brief, without: [] }))
    helps.push({ code: 'allow-left-out', count: brief.without.length });
  const posture = brief.posture === 'standing' ? 'seated' : 'standing';
  if (works({ ...brief, posture })) helps.push({ code: 'other-posture', posture });
  const pace = [brief.breathsPerMin + 2, brief.breathsPerMin - 2].find(
    (candidate) => candidate >= 3 && candidate <= 9 && works({ ...brief, breathsPerMin: candidate }),
  );
  if (pace !== undefined) helps.push({ code: 'other-pace', breathsPerMin: pace });
  return helps;
}

/**
 * Makes a practice from a brief. Pure: the same arguments give the same practice.
 * The compiled length is within 1 % (or 10 s) of the minutes asked; sections stand in order and within their
 * ranges; no form stands twice but hinges; what the group must avoid is left out or softened. Where that
 * cannot be done the obstacles say which wish is in the way, and the helps are changes tried and found to work.
 */
export function compose(
  brief: Brief,
  repertoire: readonly Form[],
  customs: Customs,
  people: People,
  seed: number,
): ComposeResult {
  const tried = attempt(brief, repertoire, customs, people, seed);
  if (tried.good) return { ok: true, practice: tried.practice, timeline: tried.timeline };
  return {
    ok: false,
    obstacles: obstaclesOf(tried.ground, tried.prepared, tried.sections, brief, repertoire),
    helps: helpsFor(brief, repertoire, customs, people, seed),
  };
}
