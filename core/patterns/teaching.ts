import type { BreathPattern, PatternTeaching, WholePattern } from './model';
import { PATTERN_ROWS } from './rows';

const suits = (
  actions: PatternTeaching['suits']['actions'],
  phases: PatternTeaching['suits']['phases'] = [],
  dayParts: PatternTeaching['suits']['dayParts'] = [],
): PatternTeaching['suits'] => ({ actions, phases, dayParts });

/** What each shipped pattern does, for whom, and how it is taught; apart from the rows, which every page needs. */
const TEACHING: Readonly<Record<string, PatternTeaching>> = {
  natural: {
    does: 'Leaves the breath alone, so that it finds its own length. Always allowed, in every form.',
    suits: suits(['calms', 'nourishes'], [], ['evening']),
    mind: 'For everyone; it is what anybody may go back to at any moment.',
    teach: [
      'Notice that you are breathing, and change nothing.',
      'Let the movement go at its own pace; the breath joins when it likes.',
      'If you catch yourself steering, sigh once and let go again.',
    ],
    mistakes: [{ mistake: 'correcting it', mend: 'A breath that is watched kindly rights itself.' }],
  },
  'old-out-new-in': {
    does: 'Clears the stale breath and opens a practice: what was used goes out, the fresh comes in.',
    suits: suits(['clears'], ['metal'], ['morning']),
    mind: 'Three are enough; more can make the head light.',
    teach: [
      'In by the nose, as far as it comes by itself.',
      'Out by soft lips, the shoulders sinking with it.',
      'Three of these, then the lips close and the nose takes over.',
    ],
    mistakes: [
      { mistake: 'emptying by force', mend: 'Stop a little before empty; the rest goes next time.' },
    ],
  },
  'lower-belly': {
    does: 'Nourishes and calms: the breath sinks to the lower belly, which swells and settles.',
    suits: suits(['nourishes', 'calms'], ['water', 'earth']),
    mind: 'The belly swells by itself; it is never pushed out. Lightly after a meal.',
    teach: [
      'A hand on the lower belly: feel what it does already.',
      'Let the in-breath arrive under the hand, the chest quiet.',
      'Let the out-breath leave a little longer, the hand sinking back.',
    ],
    mistakes: [
      { mistake: 'pushing the belly out', mend: 'Soften it and wait; the breath comes to what is soft.' },
      { mistake: 'lifting the chest', mend: 'Let the breastbone hang like a pendant.' },
    ],
  },
  'reverse-belly': {
    does: 'Moves and raises: the belly draws in as the breath comes in, and lets go as it leaves.',
    suits: suits(['moves'], ['wood', 'fire'], ['morning']),
    mind: 'For people at home in the plain belly breath. Not in pregnancy, with high blood pressure or a hernia; many schools leave it out in heavy periods. The plain belly breath instead.',
    teach: [
      'First a minute of the plain belly breath.',
      'As the breath comes in, let the belly draw back gently, as if the navel stepped inside.',
      'As it goes out, let everything go; never more than half of what you could.',
    ],
    mistakes: [{ mistake: 'gripping', mend: 'A tide, not a clamp: half the effort, twice as slow.' }],
  },
  'into-the-back': {
    does: 'Nourishes the water phase: the breath widens the low back, where the Kidneys are said to be fed.',
    suits: suits(['nourishes'], ['water'], ['evening']),
    mind: 'Whether the tail tucks on the in or on the out differs by school; a custom. With a sore back only as far as it is pleasant.',
    teach: [
      'Backs of the hands on the low back; let it be heavy against them.',
      'The in-breath widens the back from side to side, as if it had lungs of its own.',
      'The out-breath lets it come to rest; take the hands away and keep the feeling.',
    ],
    mistakes: [
      { mistake: 'arching to make room', mend: 'Let the tail hang; the room is behind, not in front.' },
    ],
  },
  'into-the-sides': {
    does: 'Spreads: the ribs open sideways like shutters, which suits the wood phase.',
    suits: suits(['moves', 'clears'], ['wood'], ['morning']),
    mind: 'With sore ribs only a suggestion of it.',
    teach: [
      'Hands on the lower ribs, thumbs behind.',
      'The in-breath moves the hands apart.',
      'The out-breath lets them come together; the shoulders take no part.',
    ],
    mistakes: [{ mistake: 'lifting the ribs', mend: 'Sideways, like a door, not upwards, like a lid.' }],
  },
  'throat-sounded': {
    does: 'Warms and steadies: a soft rustle in the throat slows the breath and lets it be heard.',
    suits: suits(['nourishes', 'moves'], ['fire', 'water'], ['morning']),
    mind: 'Short, and not with a sore throat or a cough; the plain breath instead.',
    teach: [
      'Breathe out with the mouth open, as if to mist a glass.',
      'Close the lips and keep the same soft rustle.',
      'Softer still, until only you hear it, in and out.',
    ],
    mistakes: [{ mistake: 'squeezing the throat', mend: 'As if yawning behind closed lips.' }],
  },
  'out-longer': {
    does: 'Calms and brings down: the longer the out-breath, the quieter it gets.',
    suits: suits(['calms'], ['fire'], ['evening']),
    mind: 'Ease before ratio: when it gets tight, shorten everything.',
    teach: [
      'Breathe in as usual, and count in your mind: perhaps three.',
      'Let the out-breath take one or two counts more.',
      'Forget the counting and keep the slope.',
    ],
    mistakes: [
      { mistake: 'running out of air', mend: 'A smaller in-breath makes a longer out-breath easy.' },
    ],
  },
  'out-twice-as-long': {
    does: 'Brings down and prepares for sleep: one part in, two parts out.',
    suits: suits(['calms'], ['water'], ['evening']),
    mind: 'Not for a first class, and for nobody who is short of breath: out a little longer is enough.',
    teach: [
      'A few breaths with the out-breath a little longer.',
      'Let the in-breath become smaller and earlier.',
      'Let the out-breath trail off like a bell.',
    ],
    mistakes: [
      { mistake: 'pressing out the rest', mend: 'The end of the breath is a fading, not a squeeze.' },
    ],
  },
  'nose-in-mouth-out': {
    does: 'Clears: what is not needed leaves by the mouth, what is fresh comes by the nose.',
    suits: suits(['clears'], ['metal', 'wood'], []),
    mind: 'Back to the nose when it feels clear, and always to nourish.',
    teach: [
      'The lips part by themselves as the breath leaves.',
      'They close, and the nose takes the breath in.',
      'Let each leave softer than the one before.',
    ],
    mistakes: [{ mistake: 'blowing', mend: 'Warm and soft, as onto a window.' }],
  },
  'sighing-out': {
    does: 'Lets go of what is held: shoulders, belly and face fall with the sigh.',
    suits: suits(['clears', 'calms'], ['wood'], ['evening']),
    mind: 'Three is usual. It may bring a yawn, or tears; both are welcome.',
    teach: [
      'In by the nose, the shoulders free to rise.',
      'Let it fall out of the open mouth, with or without a sound.',
      'Wait for the next breath; do not fetch it.',
    ],
    mistakes: [{ mistake: 'acting the sigh', mend: 'Only drop what is already heavy.' }],
  },
  'pursed-lips': {
    does: 'Eases the breath: the small opening keeps the out-breath slow without effort.',
    suits: suits(['calms'], ['metal'], []),
    mind: 'The way out for people with asthma or COPD; the length is theirs, not the teacher’s.',
    teach: [
      'In by the nose, a small breath.',
      'Lips as if to cool a spoon of soup; the air goes by itself.',
      'Stop before empty, and rest.',
    ],
    mistakes: [{ mistake: 'puffing the cheeks', mend: 'The lips do the slowing; the face sleeps.' }],
  },
  'humming-out': {
    does: 'Stirs chest and head from inside and makes the out-breath long by itself.',
    suits: suits(['clears', 'calms'], ['fire', 'metal'], []),
    mind: 'Low and soft; not with a blocked ear or a fresh headache.',
    teach: [
      'Lips closed, teeth apart, tongue at rest.',
      'Hum on the out-breath at the lowest easy note.',
      'Feel where it trembles; let that place grow.',
    ],
    mistakes: [{ mistake: 'humming loudly', mend: 'So softly that the neighbour’s hum can be heard.' }],
  },
  'buzzing-out': {
    does: 'Loosens the chest from inside while the hands tap it from outside.',
    suits: suits(['clears', 'moves'], ['metal'], ['morning']),
    mind: 'With the hands tapping the chest; never where tapping is not allowed. One cough afterwards, if it comes.',
    teach: [
      'Teeth lightly together, a buzz like a bee on the out-breath.',
      'Tap the chest with soft fingers while it buzzes.',
      'Stop, feel, and let one cough bring up what came loose.',
    ],
    mistakes: [{ mistake: 'forcing the voice', mend: 'A lazy bee, not an angry one.' }],
  },
  'two-sips-in': {
    does: 'Fills and wakes: the second sip tops up what the first left empty.',
    suits: suits(['moves'], ['wood', 'fire'], ['morning']),
    mind: 'Short. Not with dizziness, panic or epilepsy: one plain breath instead.',
    teach: [
      'One small sip by the nose, and without stopping another.',
      'Out in one, easy and long.',
      'Nine of these, then the breath goes as it likes.',
    ],
    mistakes: [{ mistake: 'two big sips', mend: 'Both together are one ordinary breath.' }],
  },
  'three-sips-in': {
    does: 'Fills from below upwards, belly, ribs, chest, and wakes.',
    suits: suits(['moves'], ['wood'], ['morning']),
    mind: 'As for two sips, and fewer of them.',
    teach: [
      'First sip to the belly, second to the ribs, third to the chest.',
      'Out in one, from above down.',
      'Six at most, then rest.',
    ],
    mistakes: [{ mistake: 'holding between the sips', mend: 'Three steps of one stair, without a landing.' }],
  },
  'stay-when-full': {
    does: 'Gathers: the full breath is given a moment to spread.',
    suits: suits(['nourishes'], ['metal', 'earth'], ['morning']),
    mind: 'Offered, never required. Not with high blood pressure, heart or eye trouble, in pregnancy, with panic, epilepsy, asthma, after a stroke or an operation: they breathe on.',
    teach: [
      'Breathe in to about four fifths.',
      'Stay a moment with open throat, as if listening; or breathe on.',
      'Let it go before it asks to go.',
    ],
    mistakes: [{ mistake: 'closing the throat', mend: 'A stay is a pause in the air, not a lid on it.' }],
  },
  'stay-when-empty': {
    does: 'Settles and stores: after the out-breath there is a still place.',
    suits: suits(['calms', 'nourishes'], ['water'], ['evening']),
    mind: 'Offered, never required; for the same people as a stay when full it is left out.',
    teach: [
      'Breathe out until it is enough, not until it is all.',
      'Rest there a moment, soft all over; or breathe on.',
      'Let the in-breath come by itself.',
    ],
    mistakes: [{ mistake: 'waiting too long', mend: 'The in-breath must come as a guest, not as a rescue.' }],
  },
  'four-even-parts': {
    does: 'Steadies the mind: in, stay, out, stay, all of one length.',
    suits: suits(['calms'], ['earth'], ['midday', 'afternoon']),
    mind: 'For experienced, healthy people, and not for long. Whoever should not stay breathes in and out evenly.',
    teach: [
      'First in and out evenly, a minute.',
      'Add a stay when full, as long as is easy.',
      'Add the one when empty; shorten all four as soon as one is tight.',
    ],
    mistakes: [{ mistake: 'long parts', mend: 'Three counts each are plenty.' }],
  },
  even: {
    does: 'Centres: neither more nor less on either side.',
    suits: suits(['nourishes', 'calms'], ['earth'], []),
    mind: 'For everyone.',
    teach: [
      'Count the in-breath, say to four.',
      'Let the out-breath take the same four.',
      'Let the count go and keep the evenness.',
    ],
    mistakes: [{ mistake: 'counting too slowly', mend: 'The count follows the breath.' }],
  },
  'pelvic-floor': {
    does: 'Raises and contains what sinks; the tradition closes the lower gate with it.',
    suits: suits(['nourishes', 'moves'], ['earth', 'water'], ['morning']),
    mind: 'Not late in pregnancy, after birth, in heavy periods or with pelvic pain: the belly breath instead.',
    teach: [
      'Out first: let the floor of the pelvis be wide.',
      'With the in-breath it lifts by a hair, as if drawing up a thread.',
      'With the out-breath it lets go wholly; that is the longer half.',
    ],
    mistakes: [{ mistake: 'tightening the buttocks', mend: 'They stay as soft as on a warm bench.' }],
  },
  'small-orbit': {
    does: 'Balances: the attention goes up the Governing vessel on the in, down the Conception vessel on the out.',
    suits: suits(['nourishes', 'calms'], [], ['evening']),
    mind: 'Inward imagery: not with unsettled mind or mood. If the head grows warm, rest the attention in the soles.',
    teach: [
      'Feel the tail, the back between the shoulders, the crown.',
      'Feel brow, breastbone, lower belly.',
      'Join them: up behind with the in-breath, down before with the out.',
    ],
    mistakes: [
      { mistake: 'pushing something along', mend: 'The breath walks; the attention only looks where it is.' },
    ],
  },
  'through-the-skin': {
    does: 'Protects: as if the whole skin breathed, from all sides in, to all sides out; the defensive qi is said to dwell there.',
    suits: suits(['nourishes'], ['metal'], ['morning', 'evening']),
    mind: 'Inward imagery: not with unsettled mind or mood; they feel the air on the face instead.',
    teach: [
      'Feel the air on face and hands.',
      'Let the feeling spread: arms, back, legs.',
      'The whole skin opens with the in-breath and spreads with the out.',
    ],
    mistakes: [
      { mistake: 'trying to feel everything', mend: 'One palm breathing is enough; the rest follows.' },
    ],
  },
  'palm-gates': {
    does: 'Opens the gates of palms and soles, and leads the breath far from the head.',
    suits: suits(['nourishes', 'calms'], ['fire', 'water'], []),
    mind: 'Inward imagery: not with unsettled mind or mood; they only feel hands and feet.',
    teach: [
      'Feel the centre of one palm, then of both.',
      'The in-breath comes in there, the out-breath leaves there.',
      'The same with the soles; at last all four.',
    ],
    mistakes: [{ mistake: 'stiff hands', mend: 'A palm that is soft is open.' }],
  },
  'fine-even-long-deep': {
    does: 'Stores: the breath grows so fine that a feather before the nose would not move.',
    suits: suits(['nourishes', 'calms'], ['water', 'metal'], ['evening']),
    mind: 'Only seated or standing still, and never forced: the length comes by itself or not at all.',
    teach: [
      'First fine: as if through a silken thread.',
      'Then even: the middle of the breath like its ends.',
      'Long and deep come by themselves; wait for them.',
    ],
    mistakes: [{ mistake: 'making it long', mend: 'Make it fine; long is what fine becomes.' }],
  },
  counting: {
    does: 'Stills: the out-breaths are counted from one to ten; then followed; then left.',
    suits: suits(['calms'], ['earth', 'water'], ['evening', 'morning']),
    mind: 'For everyone who may sit or stand still; who loses the count begins again at one, kindly.',
    teach: [
      'Count each out-breath, one to ten, and begin again.',
      'When the count runs by itself, drop it and follow the breath.',
      'When following runs by itself, rest.',
    ],
    mistakes: [
      { mistake: 'changing the breath to fit the count', mend: 'The number waits at the end of the breath.' },
    ],
  },
};

/** A pattern with its teaching: its own where it is one’s own, else the shipped one. */
export function wholePattern(pattern: BreathPattern): WholePattern {
  const teaching = 'teach' in pattern ? (pattern as WholePattern) : TEACHING[pattern.id];
  if (!teaching) throw new RangeError(`no teaching for the pattern "${pattern.id}"`);
  return { ...pattern, ...teaching };
}

/** The shipped patterns, whole. */
export const PATTERNS: readonly WholePattern[] = PATTERN_ROWS.map(wholePattern);
