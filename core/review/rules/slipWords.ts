import { themeOrgans, themePhases } from '../../brief';
import { ANIMALS, cycleOf, entryOf, exitOf, phasesOfForm, reachOf, type Form } from '../../forms';
import { organ, type OrganId, type PhaseId } from '../../phases';
import type { Practice } from '../../practice';
import { withoutAnnounced } from '../reading/announced';
import { readNames, type NamesSaid } from '../reading/names';
import { isSamePlace, placesIn, readWork, type Place } from '../reading/places';
import { cuesOf, ownWordsOf, type Finding, type ItemView, type ReviewContext, type Rule } from '../rule';
import type { Named } from '../said';

/** What may be named with an item: what it serves, with the pairs, and what one theme is all about. */
interface Near {
  readonly organs: ReadonlySet<OrganId>;
  readonly phases: ReadonlySet<PhaseId>;
}

function nearOf({ form, organs }: ItemView, practice: Practice): Near {
  const withPairs = (ids: readonly OrganId[]): readonly OrganId[] =>
    ids.flatMap((id) => [id, organ(id).pair]);
  const own = phasesOfForm(form, practice.customs);
  const theme = themePhases(practice.brief.theme);
  // Where all phases are walked through, each piece speaks of its own.
  const isOfOne = new Set(theme).size <= 1 || (own.length === 0 && organs.length === 0);
  return {
    organs: new Set(withPairs(isOfOne ? [...organs, ...themeOrgans(practice.brief.theme)] : organs)),
    phases: new Set(isOfOne ? [...own, ...theme] : own),
  };
}

/** The first name in a sentence that is none of this item's; beside its own, another is spoken of and not mistaken. */
function strange({ organs, phases, channels, points }: NamesSaid, near: Near, form: Form): Named | undefined {
  const isNear = (id: OrganId): boolean => near.organs.has(id) || near.phases.has(organ(id).phase);
  const channel = channels.find((id) => !form.channels.some((one) => one.channel === id));
  if (channel !== undefined && !channels.some((id) => form.channels.some((one) => one.channel === id)))
    return { channel };
  const point = points.find((code) => reachOf(form, code) === undefined);
  if (point !== undefined) return { point };
  const other = organs.find((id) => !isNear(id));
  if (
    other !== undefined &&
    channels.length === 0 &&
    !organs.some(isNear) &&
    !phases.some((id) => near.phases.has(id))
  )
    return { organ: other };
  const phase = phases.find((id) => !near.phases.has(id));
  return phase !== undefined && !phases.some((id) => near.phases.has(id)) && !organs.some(isNear)
    ? { phase }
    : undefined;
}

/** The places a form comes to, by its own words and what it is written to loosen, tap and rub. */
function placesOf({ form, item, asks }: ItemView): readonly Place[] {
  const strokes = [
    ...entryOf(form, item.variant),
    ...cycleOf(form, item.variant),
    ...exitOf(form, item.variant),
  ];
  return placesIn(
    [
      form.name,
      ...strokes.map(({ cue }) => cue),
      ...form.images,
      ...form.mistakes.map(({ mend }) => mend),
      ...form.loosens,
      ...asks.percussion,
      ...asks.rubs,
      ...(form.route ?? []),
    ].join('. '),
  );
}

/** Forms in which it matters where the hands go and what is taken round. */
const WORKED: ReadonlySet<Form['family']> = new Set([
  'joint loosening',
  'percussion route',
  'channel tracing',
  'self-massage',
  'standing posture',
  'settling breath',
  'inner breathing',
  'gathering',
  'closing',
]);

function strangePlace(view: ItemView, cue: string): Named | undefined {
  if (!WORKED.has(view.form.family)) return undefined;
  const own = placesOf(view);
  const isOwn = (place: Place): boolean => own.some((one) => isSamePlace(one, place));
  const work = readWork(cue).find(({ places }) => !places.some(isOwn));
  return work?.places[0] === undefined || own.length === 0 ? undefined : { place: work.places[0] };
}

const BECOMES =
  /\b(?:now|this is|(?:turn|change)s? into|become|we are|be)(?: for)?,? (?:the |a |an )?(?<animal>\w+)\b/i;
function strangeAnimal({ animal }: Form, cue: string): Named | undefined {
  const said = BECOMES.exec(cue)?.groups?.['animal']?.toLowerCase();
  const named = ANIMALS.find((one) => one === (said === 'crane' ? 'bird' : said));
  return named !== undefined && named !== animal ? { animal: named } : undefined;
}

function strangeForm({ form }: ItemView, cue: string, items: readonly ItemView[]): Named | undefined {
  const now = withoutAnnounced(cue).toLowerCase();
  const other = items.find(
    (one) =>
      one.form.id !== form.id &&
      one.form.name.length > 5 &&
      !form.name.toLowerCase().includes(one.form.name.toLowerCase()) &&
      now.includes(one.form.name.toLowerCase()),
  );
  return other && { form: other.form.name };
}

function slips(view: ItemView, { practice, items }: ReviewContext): readonly Finding[] {
  const { item, form } = view;
  const near = nearOf(view, practice);
  const instructions = new Set(ownWordsOf(view).map(({ key }) => key));
  return cuesOf(view)
    .filter(({ own }) => own)
    .flatMap(({ key, cue, said }): readonly Finding[] => {
      const named =
        readNames(cue)
          .map((names) => strange(names, near, form))
          .find((one) => one !== undefined) ??
        strangeForm(view, cue, items) ??
        (instructions.has(key)
          ? (strangePlace(view, withoutAnnounced(cue)) ?? strangeAnimal(form, withoutAnnounced(cue)))
          : undefined);
      return named === undefined
        ? []
        : [
            {
              weight: 'should',
              itemId: item.id,
              detail: key,
              said: { code: 'slip-of-the-tongue', cue: said, named, form: form.name },
            },
          ];
    });
}

export const slipWords: Rule = {
  id: 'slip-words',
  source: 'common-practice',
  find: (context) => context.items.flatMap((view) => slips(view, context)),
};
