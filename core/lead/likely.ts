import { alternatives, fitForm, type Alternative, type People } from '../compose';
import type { Customs } from '../customs';
import { isWithinReach, type Form, type Role } from '../forms';
import { edit, type Item, type Practice } from '../practice';

/** What a leader may put in while leading, with all it needs: the class goes on without asking anyone. */
export interface Likely {
  readonly kind: 'breath' | 'quiet' | 'form';
  readonly item: Item;
  readonly form: Form;
}

/** Quiet after the breath it begins with, s: a minute together. */
const QUIET_SEC = 50;
/** Of each of these so many forms are offered: more than can be chosen from while one leads would be none. */
const OFFERED = [
  { role: 'nourish', forms: 3 },
  { role: 'clear', forms: 2 },
  { role: 'still', forms: 2 },
  { role: 'wake', forms: 1 },
  { role: 'balance', forms: 1 },
] as const satisfies readonly { readonly role: Role; readonly forms: number }[];

type Found = Pick<Alternative, 'form' | 'fitting'>;

/** What is stood, or sat, in for a quiet minute. */
const STILLNESS = 'arrive-wuji';

function itemOf(
  practice: Practice,
  role: Role,
  { form, fitting }: Found,
  customs: Customs,
): Item | undefined {
  const { variant, omitHolds, exhaleByMouth } = fitting;
  const added = edit(practice, {
    kind: 'add',
    at: 0,
    item: {
      form,
      role,
      variant,
      omitHolds,
      exhaleByMouth,
      // What is put in unasked is not taught.
      familiarity: 'known',
      firstSide: customs.firstSide,
      reasons: [{ code: 'chosen-by-hand' }],
    },
  });
  return added.items[0];
}

/**
 * A breath between, a quiet minute, and the forms a teacher would most likely put in that are not in the practice yet:
 * such as the people here may do, best first. Nothing of a kind for which no form fits.
 */
export function likelyNext(
  practice: Practice,
  repertoire: readonly Form[],
  customs: Customs,
  people: People,
): readonly Likely[] {
  const { brief, items } = practice;
  const fits = (form: Form): readonly Found[] => {
    const fitting = fitForm(form, brief.posture, people, customs, brief.place);
    return typeof fitting === 'string' ? [] : [{ form, fitting }];
  };
  const likely = (
    kind: Likely['kind'],
    role: Role,
    found: Found,
    over: Partial<Item> = {},
  ): readonly Likely[] => {
    const item = itemOf(practice, role, found, customs);
    return item ? [{ kind, form: found.form, item: { ...item, ...over } }] : [];
  };
  const own = items.find(({ hinge }) => hinge)?.formId;
  const isBreath = ({ id, hinge }: Form): boolean => (own === undefined ? hinge === true : id === own);
  const [breath] = repertoire.filter(isBreath).flatMap(fits);
  const [quiet] = repertoire.filter(({ id }) => id === STILLNESS).flatMap(fits);
  const met = new Set(items.map(({ formId }) => formId));
  const forms = OFFERED.flatMap(({ role, forms: most }) => {
    const best = alternatives(practice, role, repertoire, customs, people)
      .filter(
        ({ form, fitting }) =>
          form.hinge !== true && !met.has(form.id) && isWithinReach(form, fitting.variant, brief.atHand),
      )
      .slice(0, most);
    for (const { form } of best) met.add(form.id);
    return best.flatMap((one) => likely('form', role, one));
  });
  return [
    ...(breath ? likely('breath', 'balance', breath, { repetitions: 1, hinge: true }) : []),
    ...(quiet
      ? likely('quiet', 'still', quiet, {
          repetitions: 1,
          quietSec: QUIET_SEC,
          talkSec: 3,
          cues: { setup: 'A quiet minute' },
        })
      : []),
    ...forms,
  ];
}
