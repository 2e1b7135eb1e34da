/**
 * Places of the body as they are said, each with the group it lies in: who says "the legs" means the knees too, and a
 * hand at the brow is a hand at the face.
 */
// prettier-ignore
const PLACES = {
  crown: { group: 'head', words: 'crown|top of the head|scalp' },
  nape: { group: 'head', words: 'nape|back of the (?:neck|head)|base of the skull' },
  head: { group: 'head', words: 'head|skull' },
  brow: { group: 'face', words: 'brows?|forehead|temples?' },
  face: { group: 'face', words: 'face|cheeks?|jaw|nose|chin|eyes?|mouth' },
  ears: { group: 'ears', words: 'ears?|lobes?|rims?' },
  neck: { group: 'neck', words: 'neck|throat' },
  shoulders: { group: 'shoulders', words: 'shoulders?' },
  'shoulder blades': { group: 'back', words: 'shoulder blades?|upper back' },
  collarbone: { group: 'chest', words: 'collarbones?' },
  chest: { group: 'chest', words: 'chest|breastbone|heart' },
  ribs: { group: 'flanks', words: 'ribs|flanks?' },
  armpit: { group: 'flanks', words: 'armpits?|under the arms' },
  belly: { group: 'belly', words: '(?:lower |upper )?belly|navel|abdomen|dāntián|dantian' },
  'low back': { group: 'back', words: 'low(?:er)? back|small of the back|kidneys|waist' },
  sacrum: { group: 'back', words: 'sacrum|tailbone|buttocks?|flat bone' },
  hips: { group: 'hips', words: 'hips?|groin|pelvis' },
  thighs: { group: 'legs', words: 'thighs?' },
  knees: { group: 'legs', words: 'knees?' },
  shins: { group: 'legs', words: 'shins?|calves|calf|lower legs?' },
  ankles: { group: 'legs', words: 'ankles?' },
  legs: { group: 'legs', words: 'legs?' },
  feet: { group: 'feet', words: 'foot|feet|toes?|soles?|heels?' },
  arms: { group: 'arms', words: 'arms?|upper arms?|forearms?' },
  elbows: { group: 'arms', words: 'elbows?' },
  wrists: { group: 'hands', words: 'wrists?' },
  hands: { group: 'hands', words: 'hands?|palms?|fingers?|thumbs?' },
  spine: { group: 'back', words: 'spine|back' },
} as const satisfies Record<string, { readonly group: string; readonly words: string }>;
export type Place = keyof typeof PLACES;
const PLACE_IDS = Object.keys(PLACES) as readonly Place[];

/** Words that are a place only with others before them stand first: "the back of the head" is no back. */
const ANY = PLACE_IDS.map((id, index) => ({ id, index, words: PLACES[id].words }))
  .flatMap(({ id, words }) => words.split(/\|(?![^(]*\))/).map((word) => ({ id, word })))
  .toSorted((a, b) => b.word.length - a.word.length);
const PLACE = new RegExp(`\\b(?:${ANY.map(({ word }) => word).join('|')})\\b`, 'gi');
const idOf = (said: string): Place | undefined =>
  ANY.find(({ word }) => new RegExp(`^(?:${word})$`, 'i').test(said))?.id;

/** The places of a text, in its order. */
export const placesIn = (text: string): readonly Place[] =>
  [...text.matchAll(PLACE)].flatMap(([said]) => idOf(said) ?? []);

/** Whether one place can be meant by the other: the same, or a part of one group named whole. */
export function isSamePlace(a: Place, b: Place): boolean {
  if (a === b) return true;
  const [one, other] = [PLACES[a], PLACES[b]];
  if (one.group !== other.group) return false;
  const isWhole = (id: Place): boolean => id === one.group || WHOLE.has(id);
  return isWhole(a) || isWhole(b);
}
/** Places that stand for all of their group, though the group has another name. */
const WHOLE: ReadonlySet<Place> = new Set(['spine', 'ribs', 'nape', 'sacrum']);

const JOINTS: readonly Place[] = [
  'ankles',
  'knees',
  'hips',
  'shoulders',
  'elbows',
  'wrists',
  'neck',
  'spine',
  'feet',
  'hands',
];

const TOUCH =
  'pats?|patting|taps?|tapping|drums?|drumming|knocks?|knocking|patters?|rubs?|rubbing|kneads?|massages?|combs?|combing|wipes?|brush(?:es)?|strokes?|wash(?:es)?';
const ROUND = 'circles?|circling|rolls?|rolling|rotates?|rotating';
const HANDS = '(?:one |both |the |your |warm |hollow )*(?:hands?|palms?|fingertips|fists|thumbs?)';

const TOUCHED = new RegExp(`\\b(?:${TOUCH})\\b(?<rest>[^.;:,]*)`, 'gi');
const ROUNDED = new RegExp(
  `\\b(?:${ROUND})\\b (?:with )?(?:the |your |both |\\{side\\} |\\{other\\} )*(?<rest>[^.;:,]*)`,
  'gi',
);
const LAID = new RegExp(
  `\\b(?:${HANDS}\\b(?:(?!\\bfrom\\b|\\bbefore\\b)[^.;:,])*?\\b(?:on|below|round|under|lie)|(?:lay|rest|place|put) ${HANDS}[^.;:,]*?\\b(?:on|over|below|round)) (?<rest>[^.;:,]*)`,
  'gi',
);

/** What a text says the hands do to a place, or which joint is taken round. */
export interface WorkSaid {
  readonly places: readonly Place[];
  /** Whether it is the joint itself that moves; else a hand comes to it. */
  readonly isJoint: boolean;
}

/** The hand at work is no place it comes to. */
const withoutTools = (rest: string): string =>
  rest.replace(
    /\bwith (?:the |both |your |soft |loose |flat )*(?:palms?|hands?|fingertips|fingers|fists|knuckles|thumbs?)\b/gi,
    '',
  );

export const readWork = (text: string): readonly WorkSaid[] => {
  const of = (pattern: RegExp, isJoint: boolean): readonly WorkSaid[] =>
    [...text.matchAll(pattern)].flatMap(({ groups = {} }) => {
      const places = placesIn(withoutTools(groups['rest'] ?? ''));
      return places.length === 0 ? [] : [{ places, isJoint }];
    });
  const rounded = of(ROUNDED, true).map(({ places, isJoint }) => ({
    places,
    isJoint: isJoint && places.slice(0, 1).every((place) => JOINTS.includes(place)),
  }));
  return [...of(TOUCHED, false), ...of(LAID, false), ...rounded];
};
