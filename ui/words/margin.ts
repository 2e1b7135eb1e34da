import { lengthOf } from '@/ui/words/region';
import { WHY_NO_PATTERN, WHY_NO_SEAL, WHY_NO_SOUND } from './patterns';
import { otherSide } from '@/core/body/sides';
import { channel } from '@/core/channels/channels';
import { organ, phaseName } from '@/core/phases';
import type { MendSaid, Named, Note, NoteSaid, NoteSays, NotReached, Risk, RuleId } from '@/core/review';
import { conditionLabel } from '@/core/seek/conditionWords';
import { capital } from '@/core/text/text';
import { cautionText } from './cautionSentences';
import { measuredText } from './deeds';
import { ROLE_NAMES } from './names';

const WHY_NOT_LAID = { ...WHY_NO_PATTERN, ...WHY_NO_SOUND, ...WHY_NO_SEAL } as const;

/** Everything the margin says: its notes, why each matters, and what its mends are called. */

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const quoted = (names: readonly string[]): string => names.map((name) => `“${name}”`).join(', ');
const times = (count: number): string => (count === 1 ? 'once' : `${count} times`);

/** Minutes and seconds: “12:05 min”. */
const clock = (ms: number): string => {
  const seconds = Math.round(ms / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')} min`;
};

const SEASONS_SAID = {
  spring: 'spring',
  summer: 'summer',
  autumn: 'autumn',
  winter: 'winter',
  'earth-turn': 'the turn of the season',
} as const;
const RISKS: Readonly<Record<Risk, string>> = {
  'breath-held': 'a breath held',
  'head-low': 'the head below the heart',
  'head-back': 'the head back on the toes',
  'hard-heels': 'a hard drop of the heels',
};

const notReachedText = (part: NotReached): string => {
  if ('organ' in part) return `the ${organ(part.organ).name}`;
  if ('channel' in part) return `the ${channel(part.channel).name}`;
  if ('point' in part) return part.point;
  return 'phase' in part ? phaseName(part.phase).name : 'a form to learn';
};
const namedText = (named: Named): string => {
  if ('organ' in named) return `the ${organ(named.organ).name}`;
  if ('phase' in named) return phaseName(named.phase).name;
  if ('channel' in named) return `the ${channel(named.channel).name}`;
  if ('point' in named) return named.point;
  if ('place' in named) return `the ${named.place}`;
  return 'animal' in named ? `the ${named.animal}` : `“${named.form}”`;
};
const STANCES_SAID: Readonly<Record<NoteSays['another-stance']['said'], string>> = {
  together: 'with the feet together',
  'side by side': 'with the feet side by side',
  wide: 'wide',
  'one in front': 'with one foot in front',
  'on one leg': 'on one leg',
  sitting: 'sitting',
  standing: 'standing',
  lying: 'lying down',
};
const RISKS_ASKED: Readonly<Record<NoteSays['risk-asked']['risk'], string>> = {
  'breath-held': 'a breath held',
  'head-back': 'the head tipped back',
  'head-low': 'the head below the heart',
  'eyes-closed': 'eyes closed where one hardly stands',
  pounding: 'hard blows',
};
const DEEDS_SAID: Readonly<Record<NoteSays['deed-against-breath']['deed'], string>> = {
  rise: 'rises',
  sink: 'sinks',
  part: 'opens',
  meet: 'closes',
  push: 'goes forward',
  draw: 'draws home',
  turn: 'turns aside',
  return: 'comes back',
};

// prettier-ignore
const SENTENCES: { readonly [Code in keyof NoteSays]: (says: NoteSays[Code]) => string } = {
  'arms-up-long': ({ seconds, forms }) => `The arms are above the shoulders again and again for ${seconds} s on end: ${quoted(forms)}.`,
  'asked-and-absent': ({ form }) => `The brief asks for “${form}”, and it is not here.`,
  'many-new-forms': ({ forms, allowed }) => `${forms} forms are new to this group; you allow ${allowed} in one class.`,
  'much-talk': ({ share }) => `Announcing and explaining takes ${percent(share)} of the time.`,
  'breath-against-custom': ({ form, against, cm }) => `In “${form}” the breath goes ${against === 'in-while-sinking' ? 'in while the body sinks' : 'out while the body rises'} ${lengthOf(cm)}.`,
  'breathed-two-ways': ({ form }) => `“${form}” comes twice and is breathed another way the second time.`,
  'circles-one-way': ({ form }) => `“${form}” circles one way only.`,
  'cold-joints': ({ form, joints }) => `“${form}” uses ${joints.join(' and ')} deeply, and nothing before it loosens ${joints.length === 1 && (joints[0] === 'spine' || joints[0] === 'neck') ? 'it' : 'them'}.`,
  'condition': ({ form, condition, weight, caution }) => `${weight === 'avoid' ? 'Avoid' : weight === 'change' ? 'Change' : 'Watch'} “${form}”, someone here has ${conditionLabel(condition)}: ${cautionText(caution)}`,
  'count-announced': ({ form, said, done }) => `The words of “${form}” say ${said}, the score does ${done}.`,
  'cue-against-breath': ({ cue, breath }) => `“${cue}” is said while the breath ${breath === 'hold' ? 'stays' : `goes ${breath}`}.`,
  'deed-against-breath': ({ cue, form, deed, breath }) => `“${cue}”, but “${form}” ${DEEDS_SAID[deed]} on the breath ${breath}.`,
  'route-said-otherwise': ({ cue, form, by }) => `“${cue}” names the ${by}, and in “${form}” the breath goes out by the ${by === 'nose' ? 'mouth' : 'nose'}.`,
  'way-turned-round': ({ cue, form }) => `“${cue}” goes the other way than “${form}” does.`,
  'another-stance': ({ cue, form, said }) => `“${cue}”, but “${form}” is not done ${STANCES_SAID[said]}.`,
  'risk-asked': ({ cue, form, risk }) => `“${cue}” asks for ${RISKS_ASKED[risk]}, which “${form}” does not ask for.`,
  'cue-needs-eyes': ({ cue }) => `“${cue}” says nothing to those who only listen.`,
  'cue-turns-sides-round': ({ cue, form }) => `“${cue}” names the other side than “${form}” works there.`,
  'cue-names-one-side': ({ cue, form }) => `“${cue}” is said on both sides of “${form}”, so on one of them it names the wrong one.`,
  'cue-too-long': ({ cue, form, spokenSec, strokeSec }) => `“${cue}” takes about ${spokenSec.toFixed(1)} s to say and its stroke in “${form}” lasts ${strokeSec.toFixed(1)} s.`,
  'clears-by-the-nose': ({ form }) => `“${form}” clears, and its breath goes out by the nose.`,
  'by-the-mouth': ({ form, nourishes }) => `“${form}” ${nourishes ? 'nourishes' : 'is done'}, and its breath goes out by the mouth.`,
  'step-with-weight': ({ form, foot, share }) => `In “${form}” the ${foot} foot goes elsewhere with ${percent(share)} of the weight on it.`,
  'stirs-in-the-evening': ({ form }) => `“${form}” stirs, and this is an evening practice.`,
  'same-as-last-time': ({ again, of }) => `${again} of the ${of} main forms are those of the last class.`,
  'low-long': ({ seconds, forms }) => `The legs stay low for ${seconds} s on end: ${quoted(forms)}.`,
  'may-not': ({ form }) => `Someone here may not do “${form}”, as you have noted.`,
  'hinge-missing': ({ form }) => `Clearing meets nourishing before “${form}” without a breath between.`,
  'one-side-said': ({ form, side }) => `The words of “${form}” speak of the ${side} and never of the ${otherSide(side)}.`,
  'near-twin': ({ form, twin }) => `“${form}” does much what “${twin}” has done.`,
  'not-gathered': ({ missing }) => missing.length === 2 ? 'Nothing is gathered and nothing closed.' : missing[0] === 'gather' ? 'Nothing is gathered before the close.' : 'There is no close.',
  'nourished-before-cleared': ({ form, before, organ: organId }) => `“${form}” clears the ${organId ? organ(organId).name : 'organ'} after “${before}” has nourished it.`,
  'one-leg-long': ({ form, seconds }) => `“${form}” stands on one leg for about ${seconds} s at a stretch.`,
  'other-school': ({ of, written, own }) => `This was written with the ${of} of another school (${written}) than yours (${own}).`,
  'foreign-virtue': ({ virtue }) => `“${virtue}” is the virtue of a phase in another school than yours.`,
  'layers-left': ({ form, layers, done, late }) => `“${form}” is to be built up in ${layers} layers but done ${done} times: ${late.join(' and ')} never comes.`,
  'no-parts-written': ({ form }) => `“${form}” is to be taken in parts, but has none written.`,
  'announced-and-absent': ({ name }) => `“${name}” is announced and is not in the practice.`,
  'little-quiet-after-knocking': ({ form, seconds }) => `After the knocking of “${form}” there are ${seconds} s to feel.`,
  'theme-not-reached': ({ part }) => `The theme asks for ${notReachedText(part)}, and nothing here reaches it.`,
  'risk-unsaid': ({ form, risks }) => `“${form}” asks for ${risks.map((risk) => RISKS[risk]).join(' and ')} and says no word of care.`,
  'route-misses-channel': ({ form, channels }) => `“${form}” is said to work ${channels.join(' and ')}, but its route does not pass there.`,
  'route-against-flow': ({ form, channels }) => `“${form}” runs against the flow of ${channels.join(' and ')}.`,
  'checks-the-season': ({ phase, checking }) => `It is the time of ${phaseName(phase).name}, and most of what is nourished belongs to ${phaseName(checking).name}, which checks it.`,
  'season-of-another-school': ({ season, other, own, ownSeason }) => `This is for ${SEASONS_SAID[season]}. That is today’s season by the ${other}; by the ${own}, which you follow, it is ${SEASONS_SAID[ownSeason]}.`,
  'section-out-of-range': ({ role, share, leastShare, mostShare }) => `The section “${role}” takes ${percent(share)} of the time, ${share < leastShare ? 'less' : 'more'} than is usual (${percent(leastShare)} to ${percent(mostShare)}).`,
  'set-out-of-order': ({ set, order, form }) => `${capital(set)} stand in another order than yours (${order}); the first out of place is “${form}”.`,
  'slip-of-the-tongue': ({ cue, named, form }) => `“${cue}” names ${namedText(named)}, but this is “${form}”.`,
  'sound-out-of-place': ({ form, role }) =>
    `“${form}” sounds in “${ROLE_NAMES[role].toLowerCase()}”; an organ’s sound belongs where it is cleared, once the mind has settled.`,
  'sound-too-loud': ({ form, voice, isQuiet }) =>
    isQuiet
      ? `“${form}” is ${voice} where it must be quiet; the silent sound is as good.`
      : `“${form}” is sounded aloud in a calm evening; whispered or silent suits it better.`,
  'two-sounds-for-organ': ({ organ: of, sounds }) =>
    `The ${organ(of).name} has two sounds here: ${sounds.join(' and ')}.`,
  'sounds-uneven': ({ least, most, usual }) =>
    `The sounds of this round are made ${least} to ${most} times; the same number of each is usual (here ${usual}), one organ half as much again at most.`,
  'sound-of-another-school': ({ form, sound }) => `The sound of “${form}”, ${sound}, is of another school than yours.`,
  'layer-not-laid': ({ form, layer, why }) => `“${layer}” is not laid on “${form}”: ${WHY_NOT_LAID[why]}.`,
  'breath-hurried': ({ form, pattern, sec, leastSec }) =>
    `“${pattern}” on “${form}” gets ${sec.toFixed(1)} s a breath; below ${leastSec} s it is hurried. A slower pace, or the plain breath.`,
  'pattern-on-hard-form': ({ form, pattern }) =>
    `“${form}” is being taught, and “${pattern}” with it: one hard thing at a time.`,
  'exhale-too-long': ({ sec, mostSec }) =>
    `An exhale of ${sec.toFixed(1)} s is asked for; ${mostSec} s is the most for the people here.`,
  'pattern-by-the-mouth': ({ form, pattern }) =>
    `“${form}” nourishes, and “${pattern}” lets the breath out by the mouth; to nourish, in and out by the nose.`,
  'sound-first': ({ form }) => `“${form}” is the very first thing; nobody has arrived yet.`,
  'sound-after-stirring': ({ form, before }) => `“${form}” follows straight on “${before}”, which stirs.`,
  'stance-changes': ({ changes, forms }) => `The stance changes ${changes} times in ${forms} forms.`,
  'third-wide-stance': ({ form }) => `“${form}” is the third wide stance in a row.`,
  'words-fill-the-time': ({ share }) => `The words fill ${percent(share)} of the time.`,
  'no-quiet-stretch': ({ seconds }) => `The longest quiet stretch is ${seconds} s; nowhere is there half a minute without words.`,
  'uneven-count': ({ form, left, right }) => `“${form}” does ${left} strokes on the left and ${right} on the right; the ${left < right ? 'left' : 'right'} comes short.`,
  'uneven-seconds': ({ form, short, leastSec, mostSec }) => `In “${form}” the ${short} side gets ${leastSec} s against ${mostSec} s; take your time there too, or let it be known before the class.`,
  'ends-stirred': ({ form }) => `The practice ends on “${form}”, which stirs.`,
  'words-against-body': ({ cue, form, measured }) => `The words “${cue}” in “${form}”, but in the body ${measuredText(measured)}.`,
  'asked-times': ({ asked, done }) => `The brief asks for it ${times(asked)}; here it is done ${times(done)}.`,
  'asked-section': ({ role }) => `The brief asks for it in another section (${role}).`,
  'asked-place': ({ asked, place, of }) => `The brief asks for it as ${asked === 'last' ? 'the last' : `number ${asked}`} of its section; here it is number ${place} of ${of}.`,
  'asked-out': () => 'The brief leaves this form out, and here it is.',
  'begins-on-the-floor': ({ form, before }) => `“${form}” begins on the floor, but everyone sits on a chair after “${before}”.`,
  'begins-on-a-chair': ({ form, before }) => `“${form}” begins on a chair, but everyone is standing after “${before}”.`,
  'begins-standing': ({ form, before }) => `“${form}” begins standing, but everyone is sitting after “${before}”.`,
  'length': ({ lastsMs, minutes }) => `This lasts ${clock(lastsMs)}, ${clock(Math.abs(lastsMs - minutes * 60_000))} ${lastsMs > minutes * 60_000 ? 'longer' : 'shorter'} than the ${minutes} minutes asked for.`,
};

export const noteText = (said: NoteSaid): string =>
  (SENTENCES[said.code] as (says: NoteSaid) => string)(said);

// prettier-ignore
const WHYS: Readonly<Record<RuleId, string>> = {
  'arms-up-long': 'Arms held high tire the shoulders and drive the qi up; let them hang in between.',
  'as-asked': 'The brief says what must be in, where and how often; hands forget it sooner than sentences do.',
  'beginner-load': 'A few new forms can be learnt in one class; more are only followed.',
  'breath-custom': 'In to open and rise, out to close and sink; a form that turns this round says why.',
  'breathed-two-ways': 'The same form with the breath turned round or let out another way confuses those who follow by ear.',
  'circles-one-way': 'Circles go both ways: what is wound up is unwound.',
  'cold-joints': 'A joint is loosened before it is used deeply.',
  conditions: 'Someone here has to be careful; their own clinician decides, this only reminds.',
  'count-announced': 'People who hear “six” and are led through four stop trusting the count.',
  'cue-breath': 'When the word says one thing and the movement another, the group holds its breath.',
  'cue-side': 'A side spoken outright is wrong every second time: half the group moves the wrong hand.',
  'cue-shown': 'Those who turn away, close their eyes or listen at home see no “here” and no “this way”; name the hand and the way.',
  'cue-too-long': 'A cue that does not fit its stroke delays the breath of the whole group.',
  'exhale-route': 'To clear, the breath goes out by the mouth; to nourish, in and out by the nose. Some keep to the nose always.',
  'footing': 'A foot must be free before it goes: the weight on the other, a tenth at most on the one that steps.',
  'hour': 'The evening is for yin: what stirs late keeps people awake.',
  'last-time': 'Hard forms come back to be learnt; the rest may change from week to week.',
  'length': 'People plan their day by the minutes they were told.',
  'low-long': 'A low stance held long sets knees and breath; rise in between.',
  'may-not': 'What somebody may not do is left out for everyone, or done when they are not there.',
  'missing-hinge': 'A gathering breath parts one block from the next, so that the group knows where it stands.',
  'missing-side': 'What is said of one side only is done on one side only.',
  'near-twins': 'Two forms that do the same thing the same way are one form too many, or one done too short.',
  'no-gathering': 'Always gather and close at the lower dāntián, so that what was made stays.',
  'nourish-before-clear': 'Clear a place before you fill it: knock or trace before nourishing the same organ.',
  'one-leg-long': 'On one leg, fix the gaze, keep it short and have a chair at hand.',
  'other-school': 'Animal, sound and virtue differ by school; one practice keeps to one.',
  'part-absent': 'What is announced and never comes leaves the group waiting for it.',
  'percussion-still': 'After knocking, stand still and feel: that is where it works.',
  'reach': 'What the theme names should be touched by something in the practice.',
  'risk-unsaid': 'A hold, a fold with the head down, the head back on the toes, pounding: each needs its word of care, and more than the form asks is asked only of those one knows.',
  'route-declared': 'A route that is said to work a channel and never touches it misleads.',
  'route-flow': 'Down the inside of the arm and up the outside, down the outside of the leg and up the inside; some schools drain against the flow, and then the words say so too.',
  'season': 'Each season has its phase; to nourish much of the one that checks it goes against the year.',
  'season-school': 'Schools begin the seasons on different days; a practice keeps to one calendar.',
  'section-range': 'Each section has a range that serves it; outside it something else usually suffers.',
  'set-order': 'A set that is numbered is done in its numbers, by the order of your school.',
  'slip-words': 'Saying one organ, phase or form for another is the commonest slip of all.',
  'exhale-long': 'An exhale longer than is easy makes people snatch the next breath; the ratio gives way before they do.',
  'layer-unlaid': 'A breath or a sound is laid only where the form has room for it; what does not fit is said, never dropped.',
  'pattern-hurried': 'A pattern with stays or stages needs a longer breath; hurried, it does the opposite of what it is for.',
  'pattern-taught': 'Feet, then hands, then breath: who is learning a hard form has no breath to spare for a pattern.',
  'sound-place': 'A sound clears once the mind has settled; aloud to learn it, whispered and silent where it is late or quiet.',
  'sound-round': 'In a round every organ is given its due; one sound for each, the same number of times.',
  'sound-school': 'One practice keeps to the sounds of one school, so that nobody learns two for the same organ.',
  'sound-before-settling': 'A sound comes after the mind has settled: hold the organ in mind first.',
  'stance-hopping': 'Every change of stance costs a few seconds and everyone’s attention; three wide stances in a row tire.',
  'talk': 'Talk thins as a practice goes on; good leaders leave half a minute quiet once a form is known.',
  'uneven-count': 'Both sides get the same, so that the body stays even.',
  'uneven-seconds': 'The second side is usually the shorter one in led practice, though it should not be.',
  'vigorous-end': 'Never end on a vigorous form: what was stirred is carried home unsettled.',
  'words-against-body': 'Hand, foot and weight are said as the body does them, or one of the two is wrong.',
};

/** Why a rule's notes matter, in a teacher's voice. */
export const ruleWhy = (rule: RuleId): string => WHYS[rule];

const MENDS = {
  'put-there': 'Put it there',
  'plain-breath': 'The plain breath here',
  'sound-silent': 'Only breath and mouth, silent',
  'sound-whispered': 'Whisper it',
  'same-number': 'The same number of each',
  'no-seal-here': 'Hands as the form has them',
  'no-sound-here': 'No sound here',
  'shorter-exhale': 'No exhale longer than that',
  'even-sides': 'The same number on both sides',
  'take-out': 'Take it out',
  smaller: 'Do it smaller',
  'own-words': 'Take the form’s own words',
  'side-follows': 'Let the side follow the score',
  'by-mouth': 'Out by the mouth',
  'by-nose': 'Out by the nose',
  fit: 'Make it fit',
  'clear-first': 'Clear first',
  'own-school': 'Take your school',
  'one-more-each': 'Do one repetition more for each',
  'in-order': 'Put them in order',
  'settle-first': 'Let it settle first',
  'no-holds': 'Leave the holds out',
} as const;

/** What a mend is called, on its button and in the history. */
export function mendText(said: MendSaid): string {
  switch (said.code) {
    case 'do-times':
      return `Do it ${times(said.times)}`;
    case 'do-count':
      return `Do ${said.count}`;
    case 'stand-still':
      return `Stand still for ${said.seconds} s`;
    default:
      return MENDS[said.code];
  }
}

/** A note with everything that is said of it: put into words in the worker, so that no room carries the sentences. */
export interface NoteInWords extends Note {
  readonly text: string;
  readonly why: string;
  /** What its mend is called; nothing where it has none. */
  readonly mendText: string | undefined;
}

export const inWords = (note: Note): NoteInWords => ({
  ...note,
  text: noteText(note.said),
  why: ruleWhy(note.rule),
  mendText: note.mend && mendText(note.mend.said),
});
