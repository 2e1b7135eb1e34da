/** What is said to come later in the practice. */
export type Announced =
  'animals' | 'brocades' | 'lying' | 'massage' | 'sitting' | 'shaking' | 'sounds' | 'tapping' | 'walking';

// prettier-ignore
const KINDS: readonly (readonly [Announced, RegExp])[] = [
  ['animals', /\b(?:animals?|tiger|deer|bear|monkey|crane|bird)\b/i],
  ['brocades', /\bbrocades?\b/i],
  ['lying', /\blie down\b|\blying\b/i],
  ['massage', /\b(?:massage|rub|knead)\b/i],
  ['sitting', /\b(?:sit|sitting|seated|meditat\w+)\b/i],
  ['shaking', /\b(?:shake|shaking)\b/i],
  ['sounds', /\bsounds\b/i],
  ['tapping', /\b(?:tap|tapping|pat|patting|knock|knocking)\b/i],
  ['walking', /\b(?:walk|walking)\b/i],
];

const LATER =
  /\b(?:(?:and )?then|next|after (?:this|that|it)|afterwards?|later(?: on)?|finally|at the end|(?:we(?: will| shall|[’']ll)?|to) (?:end|finish|close) with|followed by)\b,?(?<what>[^.;!?]*)/gi;
/** What the hands are told to do next, within what is being done. */
const TOLD_TO_DO = /^(?:tap|pat|knock|rub|knead|massage|shake)\b/i;

/** What a text says comes later: what is said of it, and of what kind it is as far as that is known. */
export interface ComingSaid {
  readonly text: string;
  readonly kinds: readonly Announced[];
}

export const readAnnounced = (text: string): readonly ComingSaid[] =>
  [...text.matchAll(LATER)].flatMap(({ groups = {} }) => {
    const what = (groups['what'] ?? '').trim();
    const isOfNow = TOLD_TO_DO.test(what);
    const kinds = isOfNow ? [] : KINDS.filter(([, words]) => words.test(what)).map(([kind]) => kind);
    return what === '' ? [] : [{ text: what, kinds }];
  });

/** A text without what comes later: the rest speaks of what is done now. */
export const withoutAnnounced = (text: string): string => text.replace(LATER, '');
