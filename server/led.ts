import { point } from '@/core/channels';
import { review, type Note } from '@/core/review';
import { historyOf } from '@/core/log';
import { compile, withoutPrivate, type Practice, type Story } from '@/core/practice';
import type { ConditionId } from '@/core/people';
import { REPERTOIRE, withOwn } from '@/core/forms';
import { likelyNext, type Likely } from '@/core/lead/likely';
import { readCustoms } from './customs';
import { readOwn } from './forms';
import type { Group } from './groups';
import { whoIsHere } from './minded';
import { readHistory } from './history';
import { readPractice } from './practices';
import { storyOf } from '@/core/story';
import type { OwnQueries } from './sql';

/** A practice on its way to the hall or onto paper: nothing private in it, and beside it what to take care of. */
export interface LedPractice {
  readonly id: string;
  readonly version: number;
  readonly practice: Practice;
  readonly story: Story;
  readonly groupId: string | null;
  /** Of the people who are here; nothing where nothing is known, and then every usual caution speaks. */
  readonly conditions: readonly ConditionId[] | undefined;
  /**
   * For paper, which others read: what is minded in the group whoever comes; every usual caution where somebody who
   * comes has more, so that nothing of them can be read off it.
   */
  readonly conditionsOnPaper: readonly ConditionId[] | undefined;
  /** Forms that somebody here may not do. */
  readonly mayNot: readonly string[];
  /** How many are ticked, or expected; nothing where it is for oneself and nobody was ticked. */
  readonly here: { readonly count: number; readonly isTicked: boolean } | undefined;
  /** Whose a condition is, by initials: for the teacher alone. */
  readonly whose: NonNullable<Group['initials']>;
  readonly sideSeen: 'own' | 'facing';
}

/** What Lead and the cue sheet are made from; undefined when there is no such practice on the shelf. */
export async function readLed(queries: OwnQueries, id: string): Promise<LedPractice | undefined> {
  const stored = await readPractice(queries, id);
  if (!stored || stored.binned) return undefined;
  const customs = await readCustoms(queries);
  const { practice, version } = stored;
  const { groupId } = practice.brief;
  const here = await whoIsHere(
    queries,
    { practiceId: id, groupId },
    customs.ownConditions,
    customs.place.zone,
    Date.now(),
  );
  const { conditions: known, always, mayNot } = here;
  // What was written before practices told a story, or pasted, is given one on its way.
  const story =
    practice.story ??
    storyOf({
      brief: practice.brief,
      virtueSchool: practice.customs.virtueSchool,
      ownVirtues: customs.ownVirtues,
      seed: practice.seed,
      given: historyOf(await readHistory(queries, id), groupId).given,
      formName: (formId) => practice.forms[formId]?.name ?? formId,
      pointNamed: point,
    });
  return {
    id,
    version,
    practice: { ...withoutPrivate(practice), story },
    story,
    groupId,
    conditions: groupId === null && known.length === 0 ? undefined : known,
    conditionsOnPaper:
      known.length > always.length || (groupId === null && always.length === 0) ? undefined : always,
    mayNot,
    whose: here.whose,
    here:
      groupId === null && !here.isTicked
        ? undefined
        : { count: here.people.length + here.others, isTicked: here.isTicked },
    sideSeen: customs.sideSeen,
  };
}

/** Notes of the weight *must* that nobody has waved aside: they are read before the class begins, and by nobody else. */
export async function readMusts(
  queries: OwnQueries,
  { id, groupId, conditions = [], mayNot }: Pick<LedPractice, 'id' | 'groupId' | 'conditions' | 'mayNot'>,
): Promise<readonly Pick<Note, 'id' | 'rule' | 'said'>[]> {
  const stored = await readPractice(queries, id);
  if (!stored) return [];
  const { recent, known } = historyOf(await readHistory(queries, id), groupId);
  return review(stored.practice, compile(stored.practice), await readCustoms(queries), {
    conditions,
    mayNot,
    recent,
    known,
  })
    .filter((note) => note.weight === 'must' && note.wavedBecause === undefined)
    .map(({ id: noteId, rule, said }) => ({ id: noteId, rule, said }));
}

/** What may be put in while it is led: the class needs the server no more once it is open. */
export const readLikely = async (
  queries: OwnQueries,
  { practice, conditions = [], mayNot }: Pick<LedPractice, 'practice' | 'conditions' | 'mayNot'>,
): Promise<readonly Likely[]> =>
  likelyNext(practice, withOwn(REPERTOIRE, await readOwn(queries)), await readCustoms(queries), {
    conditions,
    mayNot,
  });

/** What is for the teacher alone while a class is led: their notes on its forms, and whose a condition is. */
export interface ForTeacher {
  readonly initials: NonNullable<Group['initials']>;
  /** By form. */
  readonly notes: Readonly<Record<string, string>>;
}

export async function readForTeacher(
  queries: OwnQueries,
  { practice, whose }: Pick<LedPractice, 'practice' | 'whose'>,
): Promise<ForTeacher> {
  const { words } = await readOwn(queries);
  return {
    initials: whose,
    notes: Object.fromEntries(
      words.flatMap(({ formId, note = '' }) =>
        note.trim() !== '' && practice.forms[formId] ? [[formId, note]] : [],
      ),
    ),
  };
}
