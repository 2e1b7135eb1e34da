import { STRENGTH_LEVELS, type Customs, type StrengthId } from '../customs';

/**
 * Every number the model weighs with, in one table: its value, what it is counted in, and why it is there. Points are
 * what the model adds up: a form costs 1.6 to take at all, and the first that serves an organ gives 2.9. All are chosen
 * here after common practice; the user's own strengths are laid over them.
 */
interface Weight {
  readonly value: number;
  readonly unit:
    | 'points'
    | 'minutes'
    | 'points a minute'
    | 'points at full effort'
    | 'points over the practice'
    | 'share'
    | 'factor';
  readonly why: string;
}

// prettier-ignore
export const WEIGHTS = {
  // What a form gives by itself.
  firstRole: { value: 0.3, unit: 'points', why: 'A role a form is first known for counts a little more than one it can also play.' },
  aimAction: { value: 0.5, unit: 'points', why: 'What an aim wants done is done.' },
  intentAction: { value: 0.4, unit: 'points', why: 'What the intent wants done is done.' },
  warmedJoint: { value: 0.5, unit: 'points', why: 'Each joint that the theme will use is worth warming first.' },
  usualArrival: { value: 0.2, unit: 'points', why: 'One arrives as people know it: standing, or sitting, still.' },
  usualJoint: { value: 0.3, unit: 'points', why: 'The joints are gone through as people know it before their variations are taken.' },
  jointOfTheme: { value: 1.4, unit: 'points', why: 'Where supple joints are the theme every one of them is moved.' },
  seasonPhase: { value: 0.5, unit: 'points', why: 'The season leans the choice a little to its own phase.' },
  hourPolarity: { value: 0.4, unit: 'points', why: 'Yang in the morning, yin in the evening.' },
  againstEvening: { value: -0.3, unit: 'points', why: 'What rouses suits the evening least.' },
  againstMorning: { value: -0.2, unit: 'points', why: 'What stills suits the morning a little less.' },
  ofBlock: { value: 1.2, unit: 'points', why: 'In a block for one organ its own forms come first.' },
  besideHeart: { value: 0.22, unit: 'share', why: 'Beside the heart the theme still colours the choice.' },
  enough: { value: 0.3, unit: 'points', why: 'Less than a form costs: no form is taken for what it gives alone.' },
  beyondEnough: { value: 0.05, unit: 'share', why: 'What it gives beyond enough counts for so much.' },
  namedFirst: { value: 1.6, unit: 'points', why: 'What a teacher names first for the theme comes first.' },
  namedBeside: { value: 0.6, unit: 'points', why: 'To loosen, wake, balance and gather, too, what is named first for the theme comes first.' },
  wakesForIt: { value: 0.3, unit: 'points', why: 'To wake, what is known for the theme as well comes before what is known for something else.' },
  loosensSoftly: { value: 0.8, unit: 'points', why: 'Where what is loosened is stroked and let go, as towards sleep, what is known for it comes first.' },
  wakesForAnother: { value: -1, unit: 'points', why: 'What taps or rubs one region wakes a class for which it is known: shaking and swinging wake any.' },
  famous: { value: 1, unit: 'points', why: 'The brocade of an organ is known for it by its very name.' },
  alongIt: { value: 1.2, unit: 'points', why: 'Where a channel is asked for the hand goes along it; to a point the hand or the attention comes.' },
  accepted: { value: 0.5, unit: 'points', why: 'What is known for the theme as well comes after that.' },
  filler: { value: -1.4, unit: 'points', why: 'A form that touches many things a little is a filler.' },
  massageBalances: { value: -0.8, unit: 'points', why: 'To balance is to join above and below: a massage does not.' },
  treadingBalances: { value: -0.8, unit: 'points', why: 'Treading in a chair carries no weight from foot to foot, and so balances little.' },
  neverFor: { value: -8, unit: 'points', why: 'What an aim forbids has no place in a practice for it.' },
  movedThrough: { value: 2, unit: 'points', why: 'Attention and the hand have something to rest on: one form at least is moved through, but towards sleep and in a few minutes.' },
  oneNamed: { value: 1.6, unit: 'points', why: 'What a heart feeds with is, once at least, what a teacher names first for the theme.' },
  ledWithin: { value: -1.2, unit: 'points', why: 'The attention is led to two places in the heart; a third is one too many, but in a few minutes. Towards sleep it may be one more every quarter of an hour.' },
  holdBalances: { value: -0.8, unit: 'points', why: 'After standing still one joins by moving: one more hold does it less.' },
  atHome: { value: 3, unit: 'points', why: 'A practice closes with the hands at the lower dāntián.' },
  soundLaid: { value: -0.9, unit: 'points', why: 'A sound laid on another form says a little less than with its own movement.' },
  again: { value: -5, unit: 'points', why: 'One pass of tapping or tracing in a section, no region tapped twice; no brocade both full and gentle.' },
  otherSound: { value: -6, unit: 'points', why: 'Where one organ is asked for, the sound of another has no place.' },
  jointMore: { value: 0.5, unit: 'points', why: 'Each region loosened for the first time is worth moving.' },
  jointsEnough: { value: -0.7, unit: 'points', why: 'In a short class a few joints are loosened well rather than all of them; one more every ten minutes.' },
  smallJointMore: { value: 0.2, unit: 'points', why: 'So, a little less, are the small joints: elbows, wrists and fingers.' },
  sameSound: { value: -4, unit: 'points', why: 'The sound of the same organ is not made in two forms.' },
  breathLaid: { value: 0.5, unit: 'points', why: 'The breath asked for lies on the forms it suits.' },
  organSound: { value: 3.4, unit: 'points', why: 'To clear an organ its own sound is in, unless sounds are off.' },
  // What a form costs.
  placeLoosen: { value: -0.55, unit: 'points', why: 'One joint more is soon loosened.' },
  placeGather: { value: -1, unit: 'points', why: 'To wash down and then to store belong together.' },
  placeShort: { value: 3, unit: 'minutes', why: 'In so few minutes a form costs twice its place.' },
  heldMust: { value: 2, unit: 'points', why: 'Without arriving, loosening, a heart, gathering in and closing it is no practice.' },
  heldMore: { value: 0.5, unit: 'points', why: 'What else a shape has makes the practice rounder.' },
  place: { value: -2.3, unit: 'points', why: 'Every further form must be worth its place.' },
  placeFuller: { value: -1.1, unit: 'points', why: 'A fuller draft takes more forms.' },
  tooNew: { value: -6, unit: 'points', why: 'More new forms than people can take in are taken only where nothing else can be had.' },
  tooMany: { value: -6, unit: 'points', why: 'More forms than a practice of so many minutes has are too many.' },
  placePlainer: { value: -3.4, unit: 'points', why: 'A plainer draft takes few forms.' },
  tooMuchEffort: { value: -1, unit: 'points at full effort', why: 'Too much effort for its section weighs most.' },
  tooLittleEffort: { value: -0.6, unit: 'points at full effort', why: 'Too little effort for its section weighs less.' },
  eveningEffort: { value: 0.6, unit: 'factor', why: 'In the evening less effort is right.' },
  gentlerEffort: { value: 0.5, unit: 'factor', why: 'In a gentler draft less effort is right.' },
  spared: { value: -0.7, unit: 'points', why: 'A gentler draft spares each thing a form asks.' },
  levelTaught: { value: -0.6, unit: 'points', why: 'A harder form costs much while it is taught as we go.' },
  levelKnown: { value: -0.15, unit: 'points', why: 'A harder form costs a little where it is known.' },
  plainerLevel: { value: 3, unit: 'factor', why: 'A plainer draft minds hard forms more.' },
  talk: { value: -1, unit: 'points a minute', why: 'Long announcing takes from the practice.' },
  stranger: { value: -0.5, unit: 'points', why: 'In the heart a form that serves nothing of the theme is in the way.' },
  mouthForNose: { value: -0.8, unit: 'points', why: 'Where the custom wants the breath out by the nose, a form that sends it by the mouth suits less.' },
  returns: { value: 1.6, unit: 'points', why: 'What the last class did is wished for again, as much of it as should come again.' },
  returnsTooMany: { value: -2.2, unit: 'points', why: 'More than that would be the same class once more.' },
  returnsUnwanted: { value: -3, unit: 'points', why: 'Where all is to be new, what comes again is in the way.' },
  anchor: { value: 1.2, unit: 'points', why: 'How a class arrives, gathers and closes stays, whatever changes between.' },
  beingLearnt: { value: 0.7, unit: 'points', why: 'What was begun lately comes again until it is known.' },
  hadItsWeeks: { value: -0.4, unit: 'points', why: 'What was in three classes running makes room first.' },
  lastClass: { value: -0.9, unit: 'points', why: 'What the last class did counts for less.' },
  classBefore: { value: -0.5, unit: 'points', why: 'So does, a little, the one before …' },
  classBeforeThat: { value: -0.25, unit: 'points', why: '… and the one before that.' },
  atHand: { value: 6, unit: 'points', why: 'What was brought is used, and so is who came: as many forms as the minutes take.' },
  liked: { value: 0.5, unit: 'points', why: 'Among what serves, what those who come like is taken.' },
  apart: { value: -3, unit: 'points', why: 'Drafts to choose among should differ.' },
  // What forms cost together.
  twins: { value: -0.9, unit: 'points', why: 'Two forms of one kind for the same organs seldom both.' },
  sameAnimal: { value: -1.8, unit: 'points', why: 'One animal is moved like once in a class that is not of the animals; a second time costs as much as a place.' },
  kin: { value: -2.4, unit: 'points', why: 'Two forms that do the same in another dress: one of them is enough.' },
  stanceChange: { value: 0.2, unit: 'points', why: 'A change of stance costs time and attention.' },
  plainerStance: { value: 2, unit: 'factor', why: 'A plainer draft stays in one stance.' },
  armsInARow: { value: 0.35, unit: 'points', why: 'Not two forms in a row with the arms up.' },
  lowInARow: { value: 0.35, unit: 'points', why: 'Not two forms in a row in a low stance.' },
  awayFromShare: { value: 9, unit: 'points over the practice', why: 'Beyond that each section near its usual share of the minutes.' },
  easyShare: { value: 0.45, unit: 'share', why: 'A section so much shorter or longer than its share is still as it should be.' },
  easyOwnShare: { value: 0.15, unit: 'share', why: 'What one has so oneself is kept more closely …' },
  awayFromOwnShare: { value: 40, unit: 'points over the practice', why: '… and beyond that it weighs more than which form stands there.' },
  offLength: { value: 12, unit: 'points over the practice', why: 'The whole near its minutes.' },
  // How often and how long a form is done.
  setDose: { value: 4, unit: 'factor', why: 'The forms of a set are done alike often: away from the usual costs so many times as much.' },
  dose: { value: -0.25, unit: 'points', why: 'Near the usual repetitions; at twice or half as many, so much is lost.' },
  drillDose: { value: -1.5, unit: 'points', why: 'Drilling wants as often as there is time for.' },
  slowed: { value: -0.03, unit: 'points', why: 'A slower breath is as good, all else even.' },
  long: { value: -0.8, unit: 'points a minute', why: 'A form that goes on longer than it should is felt to.' },
  // What the theme gives: the first form that serves, before the returns fall.
  organFirst: { value: 2.9, unit: 'points', why: 'The organ, phase, season, hour or aim asked for.' },
  channelFirst: { value: 2.2, unit: 'points', why: 'The channel asked for.' },
  pointFirst: { value: 2.4, unit: 'points', why: 'The point asked for.' },
  roundPointFirst: { value: 1.2, unit: 'points', why: 'What lies round the point asked for.' },
  eachPartFirst: { value: 5, unit: 'points', why: 'Of several things asked for together none is left out.' },
  eachPhaseFirst: { value: 4, unit: 'points', why: 'Where all five are walked, none is left out.' },
  supportFirst: { value: 1.2, unit: 'points', why: 'The pair, the mother to nourish, the child to clear.' },
  // How much a draft's whim may lift or lower a form, so that another draft is another.
  whim: { value: 1.6, unit: 'points', why: 'Half of it up, half of it down.' },
} as const satisfies Readonly<Record<string, Weight>>;

export type WeightId = keyof typeof WEIGHTS;

/** The value of a weight. */
export const weight = (id: WeightId): number => WEIGHTS[id].value;

/** How many times as much a strength counts as the customs have it. */
export const factorOf = (customs: Customs, strength: StrengthId): number =>
  STRENGTH_LEVELS[customs.strengths[strength]];
