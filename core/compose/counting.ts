import { themeParts } from '../brief';
import { knownFor } from '../known';
import { entryAt } from '../lists/lists';
import { brocadeKind, isKin, movedLike, twinKind } from '../forms';
import { HEART } from './criteria';
import { SHORT_ROUND_BELOW_MINUTES, comesHome, isLearnt, isMoved, isOfJoints } from '../measures';
import type { Place } from './places';
import type { SoundOrgan } from '../sounds';
import { soundedOrgan } from './dressing';
import { soundsWanted } from './criteria/sound';
import type { SectionPlan } from './plan';
import { shapeOf } from './shapes';
import { twinsMeet } from './counters';
import { weight } from './weights';
import { isAgain, type Ground } from './ground';

/** The organ whose sound is made at a place, where its section asks for it. */
function soundAt({ asking }: Ground, place: Place, section: SectionPlan): SoundOrgan | undefined {
  const { form } = place.allowed;
  const organ = place.sounded?.organ ?? soundedOrgan(asking, form, place.kept ? place.kept.sound : undefined);
  return organ && soundsWanted(asking.brief, section).includes(organ) ? organ : undefined;
}

/** Joints that are moved a little less readily than the others. */
const SMALL_JOINTS: ReadonlySet<string> = new Set(['wrists', 'elbows']);

/** What is not done again: a second pass of tapping or tracing in a section, a region tapped already, a brocade in its other kind, an animal. */
function againAt(
  { asking, counters, strength, plan }: Ground,
  place: Place,
  section: SectionPlan,
): readonly number[] {
  const { form } = place.allowed;
  const again = (key: string): number =>
    counters.once(key, weight('again') * strength('twins'), { kind: 'again' });
  const isJoint = section.role === 'loosen' && form.family !== 'shaking' && !shapeOf(asking.brief).isSoft;
  // What moves several a little counts for the one it is for.
  const regions = isJoint ? form.loosens.slice(0, 1) : [];
  const kind = place.even || place.lesson ? undefined : brocadeKind(form.id);
  const isPass = form.asks.percussion.length > 0 || form.family === 'channel tracing';
  const animal = place.ofSet || place.lesson ? undefined : movedLike(form);
  return [
    ...regions.map((region) =>
      counters.first(
        region,
        weight(SMALL_JOINTS.has(region) ? 'smallJointMore' : 'jointMore') * strength('arc'),
        {
          kind: 'region',
        },
      ),
    ),
    ...(isPass && !place.even ? [again(`pass ${plan.indexOf(section)}`)] : []),
    ...(place.even ? [] : form.asks.percussion.map((part) => again(`tapped ${part}`))),
    ...(kind === undefined ? [] : [again(`brocade ${kind}`)]),
    ...(animal === undefined
      ? []
      : [
          counters.once(`animal ${animal}`, weight('sameAnimal') * strength('twins'), {
            kind: 'again',
          }),
        ]),
  ];
}

/** How many places the attention is led to in the heart before it is too many; towards sleep one more every quarter of an hour. */
const LED_WITHIN = 2;
const LED_FURTHER_MINUTES = 15;

/** What feeds in the heart is, once at least, named first for the theme; of a set and a lesson it is so by itself. */
function namedAt(
  { asking: { brief, customs }, counters, strength }: Ground,
  place: Place,
  { role }: SectionPlan,
): readonly number[] {
  // Where supple joints are the theme they are its heart.
  if (role !== 'nourish' || place.even || place.lesson || shapeOf(brief).id === 'joints') return [];
  if (knownFor(place.allowed.form, themeParts(brief.theme), customs) !== 'named') return [];
  return [counters.first('named', weight('oneNamed') * strength('theme'), { kind: 'named' })];
}

/** What the heart is made of, but towards sleep and in a few minutes: something moved through, and not too much that is only attended to. */
function inHeartAt(
  { asking, counters, strength }: Ground,
  place: Place,
  { role }: SectionPlan,
): readonly number[] {
  const { form } = place.allowed;
  const { id, isSoft } = shapeOf(asking.brief);
  if (role !== 'nourish' || place.even || id === 'short') return [];
  if (isMoved(form) && !isSoft)
    return [counters.first('moved', weight('movedThrough') * strength('arc'), { kind: 'moved' })];
  if (form.family !== 'inner breathing') return [];
  const points = weight('ledWithin') * strength('arc');
  const atMost = LED_WITHIN + (isSoft ? Math.floor(asking.brief.minutes / LED_FURTHER_MINUTES) : 0);
  return [counters.atMost('within', atMost, points, { kind: 'within', atMost })];
}

/** The counters a form adds to at a place. */
export function countsAt(
  ground: Ground,
  place: Place,
  section: SectionPlan,
  served: readonly number[],
): readonly number[] {
  const { role } = section;
  const { targetCounters, twins, counters, news, strength, asking } = ground;
  const { form } = place.allowed;
  const counts = HEART.has(role) ? served.map((index) => entryAt(targetCounters, index)) : [];
  const twin = twinKind(form);
  const canMeet = twinsMeet(form, role);
  if (twin && twins.has(twin) && !place.lesson && canMeet)
    counts.push(
      counters.twins(twin, -weight(isKin(form) ? 'kin' : 'twins') * strength('twins'), form.family),
    );
  const sound = soundAt(ground, place, section);
  if (sound) counts.push(counters.sound(sound, weight('sameSound') * strength('sounds')));
  counts.push(...againAt(ground, place, section));
  // A round of short stations is one form.
  const isStation = place.even === true && asking.brief.minutes < SHORT_ROUND_BELOW_MINUTES;
  if (!isOfJoints(form, role) && !isStation) counts.push(ground.all);
  else if (!isStation && ground.joints !== undefined) counts.push(ground.joints);
  if (role === 'close' && comesHome(form))
    counts.push(counters.first('home', weight('atHome') * strength('arc'), { kind: 'home' }));
  counts.push(...inHeartAt(ground, place, section), ...namedAt(ground, place, section));
  const isNew =
    news !== undefined && !asking.people.known?.includes(form.id) && !ground.askedFor.has(form.id);
  if (isNew && !place.kept && isLearnt(form, role)) counts.push(news);
  const { returning } = ground;
  if (returning !== undefined && isAgain(ground, place, role)) counts.push(returning);
  return counts;
}
