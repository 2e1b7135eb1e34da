import type { Role } from '../forms';
import type { Practice } from '../practice';
import { accountOf, worthOfPractice, type Contribution } from './account';
import { fitForm, type Refusal } from './candidates';
import { composeIfAny, type Composed } from './compose';
import { modelOf } from './model';
import type { Asking } from './asking';
import { CHARACTERS, type Character } from './characters';
import { carriers, likeness } from './likeness';
import { askedForIn } from '../measures';
import { obstaclesOf, type Obstacle } from './obstacles';

/** Drafts more alike than this count as the same draft. */
const TOO_ALIKE = 0.5;

export interface CharacterDraft {
  readonly character: Character;
  readonly draft: Composed;
}

/**
 * Three drafts that truly differ: gentler, fuller and plainer. Where one comes out too like another, or like
 * the practice they stand beside, it is asked again without the forms that carry these. A character nothing
 * can be made of is left out.
 */
export function* threeDrafts(
  asking: Asking,
  beside?: Practice,
): Generator<readonly CharacterDraft[], readonly CharacterDraft[]> {
  let drafts: readonly CharacterDraft[] = [];
  const askedFor = askedForIn(asking.brief, asking.customs);
  for (const character of CHARACTERS) {
    if (character === 'as-asked') continue;
    const first = composeIfAny({ ...asking, character, enough: 0.01 });
    if (!first) continue;
    const others = [...(beside ? [beside] : []), ...drafts.map(({ draft }) => draft.practice)];
    const isAlike = others.some((other) => likeness(other, first.practice, askedFor) > TOO_ALIKE);
    // Apart from one only it would come out like another.
    const apartFrom = [...(asking.apartFrom ?? []), ...others.flatMap(carriers)];
    const second = isAlike ? composeIfAny({ ...asking, character, enough: 0.01, apartFrom }) : first;
    drafts = [...drafts, { character, draft: second ?? first }];
    yield drafts;
  }
  return drafts;
}

/** What putting a form in costs at best, or why it cannot be put in at all. */
export type WhyNot =
  | {
      readonly ok: true;
      readonly draft: Composed;
      /** Points the practice loses by it; less than 0 where it would gain. */
      readonly cost: number;
      readonly comes: readonly string[];
      readonly leaves: readonly string[];
      /** Forms that stay and stand in another section. */
      readonly moves: readonly { readonly formId: string; readonly to: Role }[];
      /** The section it is put in. */
      readonly role: Role;
      readonly contributions: readonly Contribution[];
    }
  | {
      readonly ok: false;
      readonly because: Refusal | 'left-out' | 'unknown' | 'obstacle';
      readonly obstacles: readonly Obstacle[];
    };

/** Why a form is not in the draft: it is put in at best, everything else free but what is kept. */
export function whyNot(asking: Asking, practice: Practice, formId: string, role?: Role): WhyNot {
  const form = asking.repertoire.find((one) => one.id === formId);
  if (!form) return { ok: false, because: 'unknown', obstacles: [] };
  if (asking.brief.without.includes(formId)) return { ok: false, because: 'left-out', obstacles: [] };
  const fitting = fitForm(form, asking.brief.posture, asking.people, asking.customs, asking.brief.place);
  if (typeof fitting === 'string') return { ok: false, because: fitting, obstacles: [] };
  const keptItems = practice.items.filter((item) => item.kept && !item.hinge);
  const kept = { items: keptItems, forms: practice.forms };
  const asked: Asking = { ...asking, kept, putIn: { formId, ...(role ? { role } : {}) }, enough: 0.005 };
  const result = composeIfAny(asked);
  if (!result) return { ok: false, because: 'obstacle', obstacles: obstaclesOf(modelOf(asked)) };
  // Both are weighed by the same model, the one without the wish to put something in.
  const plain: Asking = { ...asking };
  const cost = worthOfPractice(plain, practice) - worthOfPractice(plain, result.practice);
  const main = (one: Practice) => one.items.filter((item) => !item.hinge);
  const before = new Set(practice.items.map((item) => item.formId));
  const after = new Set(result.practice.items.map((item) => item.formId));
  const placed = result.practice.items.find((item) => item.formId === formId);
  return {
    ok: true,
    draft: result,
    cost,
    comes: [...after].filter((id) => !before.has(id)),
    leaves: [...before].filter((id) => !after.has(id)),
    moves: main(result.practice).flatMap(({ formId: id, role: to }) => {
      const from = main(practice).find((item) => item.formId === id)?.role;
      return from && from !== to ? [{ formId: id, to }] : [];
    }),
    role: placed?.role ?? role ?? 'nourish',
    contributions:
      accountOf(plain, result.practice).find((row) => row.itemId === placed?.id)?.contributions ?? [],
  };
}
