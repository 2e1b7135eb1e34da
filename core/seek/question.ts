import type { AimId } from '../brief/aims';
import type { PointCode } from '../channels';
import { CHANNELS, type ChannelId } from '../channels/channels';
import { POINT_CODES } from '../channels/codes';
import { NUMBER_WORDS } from '../forms/model/numbers';
import { plainText } from '../forms/asking/plain';
import { ROLES } from '../forms/model/roles';
import type { ChannelWay } from '../forms/model/terms';
import type { ConditionId } from '../people';
import { organ, ORGAN_IDS, PHASE_IDS, phaseName } from '../phases';
import { simplified } from '../text';
import { CONDITIONS_SAID } from './conditionWords';
import type { Joint, Wishes, WithoutId } from './seek';

/** Words that ask and carry nothing. */
const ASKING = new Set(
  'a about an and any anything are be because but can could do does done exercise exercises find for form forms from get give good group has have help helps her him his i im in into is it its like me my need needs of on one or our people person please practice reach reached reaches reaching show some someone something suitable suits than that the their them there these they this those to touch touches treat under us want wants we what when which while who with within work works would you your'.split(
    ' ',
  ),
);

type Understood = { -readonly [Key in keyof Omit<Wishes, 'words' | 'without' | 'conditions'>]: Wishes[Key] };
type Reader = readonly [words: RegExp, read: (match: RegExpExecArray) => Understood | WithoutId];

const negative =
  '(?:without|no|not|sparing|nothing|avoid(?:ing)?)(?: (?:any|the|a|too|so|on|raising|raised|lifting|full|deep|standing on))*';

/** What is done to a channel, as it is said. */
const HOW_WORDS: readonly (readonly [how: ChannelWay, said: string])[] = [
  ['stretch', 'stretch\\w*|opens?|opening|lengthen\\w*'],
  ['trace', 'trac\\w+|follow\\w*|brush\\w*|strok(?:es?|ing)(?: along)?'],
  ['tap', 'tap(?:s|ping)?|pat(?:s|ting)?|knock\\w*'],
  ['press', 'press\\w*|knead\\w*|rubs?|rubbing'],
  ['hold', 'holds?|holding'],
  ['attend', 'attend\\w*|lead(?:s|ing)?'],
];
const anyHow = HOW_WORDS.map(([, said]) => said).join('|');
const howOf = (said: string | undefined): ChannelWay | undefined =>
  HOW_WORDS.find(([, words]) => new RegExp(`^(?:${words})$`).test(said ?? ''))?.[0];

/** A channel by its name, with any other name it goes by. */
const OTHER_NAMES: Partial<Record<ChannelId, string>> = {
  TE: 'triple (?:burner|energi[sz]er|heater|warmer)|san ?jiao',
  BL: '(?<!gall )bladder',
  GB: 'gall ?bladder',
  GV: 'governing|du(?: ?mai)?',
  CV: 'conception|ren(?: ?mai)?',
};
const channelName = (id: ChannelId, name: string): string =>
  OTHER_NAMES[id] ?? name.toLowerCase().replace(/ (?:channel|vessel)$/, '');

const JOINT_WORDS: readonly (readonly [Joint, string])[] = [
  ['ankles', 'ankles?'],
  ['knees', 'knees?'],
  ['hips', 'hips?'],
  ['spine', 'spines?|backbone'],
  ['shoulders', 'shoulders?'],
  ['wrists', 'wrists?'],
  ['neck', 'necks?'],
];
const LOOSEN =
  '(?:stiff|tight|tense|rusty|loosen\\w*|loose|free(?:s|ing)?|mobil\\w+|opens?|opening|unlock\\w*)';

const AIM_WORDS: readonly (readonly [AimId, string])[] = [
  ['sleep', 'insomnia\\w*|sleep(?:ing|less\\w*)?|asleep|(?:lie|lying) awake|before bed|bedtime'],
  [
    'calm',
    'anxi(?:ety|ous)|stress(?:ed|ful)?|nervous(?:ness)?|nerves|restless(?:ness)?|worr(?:y|ies|ied)|relax\\w*|agitat\\w+',
  ],
  ['energy', 'energy|tired(?:ness)?|fatigued?|exhaust(?:ion|ed)|weary|weariness|vitality'],
  [
    'back',
    '(?:an easy|stiff|tight|tired|aching|sore|painful) (?:low(?:er)? )?backs?|(?:low(?:er)? )?back ?(?:aches?|pain)|(?:the|my|low(?:er)?) back\\b(?! bend)',
  ],
  ['breath', '(?:the|deeper|better|easier|easy) breath(?:ing)?|breathless(?:ness)?|short(?:ness)? of breath'],
  ['digestion', 'digesti(?:on|ve)|indigestion|bloat(?:ing|ed)|constipat(?:ion|ed)|appetite'],
  ['focus', 'focus(?:ed)?|concentrat(?:ion|e)|scattered(?: mind)?|brain fog|clear (?:mind|head)'],
  [
    'joints',
    '(?:stiff|supple|creaky|aching|sore|painful|all the) joints|joints|stiffness|flexib(?:le|ility)',
  ],
  [
    'mood',
    '(?:(?:a )?(?:low|lighter|bad|better) )?mood|sad(?:ness)?|grief|griev\\w+|ang(?:er|ry)|irritab\\w+|frustrat\\w+',
  ],
];

const isCounting = (word: string, next: string | undefined): boolean =>
  word === 'one' && /^(?:legs?|hands?|arms?|palms?)$/.test(next ?? '');

/** Phrases in plain text (no tones, lower case), longest meaning first. */
// prettier-ignore
const READERS: readonly Reader[] = [
  [new RegExp(`${negative} arms?(?: (?:up|high|raised|overhead|above \\w+))*|arms? (?:kept )?(?:down|low)`), () => 'raised-arms'],
  [new RegExp(`${negative} (?:one leg|balanc\\w+)|both feet down`), () => 'one-leg'],
  [new RegExp(`${negative} (?:knees?(?: bends?)?|low stances?)|easy on the knees`), () => 'deep-knees'],
  [new RegExp(`${negative} (?:folds?|folding|bending forward|head (?:down|below \\w+ heart))`), () => 'deep-fold'],
  [new RegExp(`${negative} twist(?:s|ing)?`), () => 'twist'],
  [new RegExp(`${negative} (?:holds?|holding(?: the breath)?|pauses?)`), () => 'holds'],
  [new RegExp(`${negative} (?:knock(?:s|ing)|tapp?(?:ing|s)|patt?ing|percussion)`), () => 'knocking'],
  [new RegExp(`${negative} (?:impact|jolts?|heel drops?)`), () => 'impact'],
  [new RegExp(`${negative} step(?:s|ping)?`), () => 'steps'],
  [new RegExp(`${negative} neck`), () => 'neck'],
  [new RegExp(`${negative} vigo(?:u?r|rous)\\w*`), () => 'vigour'],
  [new RegExp(`${negative} (?:inward )?(?:imagery|images)`), () => 'imagery'],
  [new RegExp(`${negative} (?:hard|difficult|advanced)`), () => ({ level: 1 })],
  [/(?:(?:in|under|within|for|up to|at most|less than) )?(\d+|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty) ?(?:min(?:ute)?s?)\b/, (match) => ({ minutes: NUMBER_WORDS[match[1] ?? ''] ?? Number(match[1]) })],
  ...CHANNELS.map(({ id, name }): Reader => [new RegExp(`(?:\\b(${anyHow}) )?(?:(?:along|on|to|the) )*\\b(?:${channelName(id, name)}) (?:channels?|meridians?|vessels?)\\b`), (match) => { const how = howOf(match[1]); return how === undefined ? { channel: id } : { channel: id, how }; }]),
  ...AIM_WORDS.map(([id, said]): Reader => [new RegExp(`\\b(?:${said})\\b`), () => ({ aim: id })]),
  ...JOINT_WORDS.map(([joint, said]): Reader => [new RegExp(`\\b(?:${LOOSEN}(?: up)? (?:(?:the|my|your|our) )?)?(?:${said})\\b(?! (?:width|wide|high|deep|height))`), () => ({ joint })]),
  [/\b(?:sitting|seated|from (?:a|the) chair|(?:on|in) (?:a|the) chair|sit)\b/, () => ({ posture: 'seated' })],
  [/\b(?:standing up|while standing|stood|on (?:my|the) feet)\b/, () => ({ posture: 'standing' })],
  [/\bnourish(?:es|ing)?\b/, () => ({ action: 'nourishes' })],
  [/\b(?:clears?|clearing|drains?|draining)\b/, () => ({ action: 'clears' })],
  [/\bmoves\b/, () => ({ action: 'moves' })],
  [/\bcalm(?:s|ing)?\b/, () => ({ action: 'calms' })],
  ...ORGAN_IDS.map((id): Reader => [new RegExp(`\\b${organ(id).name.toLowerCase()}s?\\b(?! (?:channel|meridian|sound))`), () => ({ organ: id })]),
  ...PHASE_IDS.map((id): Reader => [new RegExp(`\\b${phaseName(id).name.toLowerCase()}(?: phase)?\\b(?! wave)`), () => ({ phase: id })]),
  ...ROLES.map((role): Reader => [new RegExp(`\\b(?:to ${role}\\b|${role} section)`), () => ({ role })]),
  [/\blevel ?([123])\b/, (match) => ({ level: ([1, 2, 3] as const).find((level) => level === Number(match[1])) ?? 1 })],
  [/\b(?:beginners?|easy|simple|for anyone)\b/, () => ({ level: 1 })],
  [/\b(?:some practice|intermediate)\b/, () => ({ level: 2 })],
  [/\b(?:advanced|hard|difficult|taught in parts)\b/, () => ({ level: 3 })],
];

/** Channel codes are short; they are only read where they stand alone, in capitals. */
const CHANNEL_CODE =
  /\b(LU|LI|ST|SP|HT|SI|BL|KI|PC|TE|GB|LR|GV|CV)\b(?! ?\d)(?: (?:channel|meridian|vessel))?/;
const POINT_CODE = /\b(?:(?:LU|LI|ST|SP|HT|SI|BL|KI|PC|TE|GB|LR|GV|CV) ?\d{1,2}|EX-[A-Z]{2,3}\d{1,2})\b/i;

/** A point under the names a question may call it by: plain pinyin in one word, simplified hanzi. */
export type PointNames = readonly (readonly [code: PointCode, pinyin: string, hanzi: string])[];

/** What a question is read against beside its own words. */
export interface Known {
  /** The points any form reaches. */
  readonly points: PointNames;
  /** The names of the forms, plain. */
  readonly forms: readonly string[];
}
const NOTHING_KNOWN: Known = { points: [], forms: [] };

/** Takes the name of a point out of a question: up to five words of pinyin together, or hanzi. */
function takePointName(
  left: string,
  names: PointNames,
): readonly [points: readonly PointCode[], left: string] {
  const written = names.filter(([, , hanzi]) => left.includes(hanzi));
  const longest = Math.max(0, ...written.map(([, , hanzi]) => hanzi.length));
  const exact = written.filter(([, , hanzi]) => hanzi.length === longest);
  if (exact.length > 0) return [exact.map(([code]) => code), left.replace(exact[0]?.[2] ?? '', ' ')];
  const words = left.split(' ');
  for (let length = 5; length >= 1; length -= 1)
    for (let start = 0; start + length <= words.length; start += 1) {
      const joined = words
        .slice(start, start + length)
        .join('')
        .replace(/[-’']/g, '');
      const points =
        joined.length < 5 ? [] : names.filter(([, pinyin]) => pinyin === joined).map(([code]) => code);
      if (points.length > 0)
        return [points, [...words.slice(0, start), ...words.slice(start + length)].join(' ')];
    }
  return [[], left];
}

/** A text in plain words: no tones, no marks, simplified hanzi, one space between. */
export const plainWords = (text: string): string =>
  simplified(plainText(text))
    .replace(/[’']/g, '')
    .replace(/[?.!,;:“”"()/-]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/**
 * Reads a question as a practitioner asks it ("what nourishes the Kidney, seated, without raising the arms, in
 * four minutes?", "stretches the Liver channel", "bad knees") into wishes; what is not understood stays as words.
 * A question that is part of the name of a form (two words or more) asks for that form.
 */
export function readQuestion(question: string, known: Known = NOTHING_KNOWN): Wishes {
  let left = question.normalize('NFC');
  const asked = plainWords(left);
  if (asked.includes(' ') && known.forms.some((name) => ` ${name} `.includes(` ${asked} `)))
    return { without: [], words: asked.split(' ') };
  const understood: Understood = {};
  const without: WithoutId[] = [];
  const pointFound = POINT_CODE.exec(left);
  const code = POINT_CODES.find((one) => one === pointFound?.[0].replace(' ', '').toUpperCase());
  if (pointFound && code) {
    understood.points = [code];
    left = left.replace(pointFound[0], ' ');
  }
  left = left.replace(CHANNEL_CODE, (_, id: string) => CHANNELS.find((row) => row.id === id)?.name ?? '');
  left = plainWords(left);
  if (understood.points === undefined) {
    const [points, rest] = takePointName(left, known.points);
    if (points.length > 0) understood.points = points;
    left = rest;
  }
  const conditions: ConditionId[] = [];
  for (const { id, said } of CONDITIONS_SAID) {
    const rest = left.replace(said, ' ');
    if (rest !== left) conditions.push(id);
    left = rest;
  }
  for (const [pattern, read] of READERS) {
    const match = pattern.exec(left);
    if (!match) continue;
    const meaning = read(match);
    if (typeof meaning === 'string') without.push(meaning);
    else Object.assign(understood, meaning);
    left = left.replace(match[0], ' ');
  }
  // “One” counts a leg or a hand, and otherwise only stands for a form.
  const words = left
    .split(' ')
    .filter((word, index, all) => word !== '' && (!ASKING.has(word) || isCounting(word, all[index + 1])));
  return { ...understood, ...(conditions.length > 0 && { conditions }), without, words };
}
