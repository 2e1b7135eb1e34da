import { keysOf } from '../lists/lists';
import type { ConditionId } from '../people';

const ILL = '(?:bad|sore|painful|weak|worn|injured|hurt(?:ing)?|aching|arthritic|dodgy)';
/** Pain, trouble or arthritis of a part, said the long way round. */
const IN = '(?:arthritis|pain|trouble|problems?) (?:of|in|with) (?:(?:the|my|his|her|their) )?';
const TROUBLE = '(?:pain|trouble|problems?|injury|injuries|arthritis|surgery)';

/**
 * How a condition is spoken of when a form is asked for, as patterns over plain text (no tones, lower case), the more
 * particular first; kept apart from the rules of the conditions so that the page that asks stays light.
 */
// prettier-ignore
const CONDITION_WORDS = {
  'low-blood-pressure': { label: 'low blood pressure or dizziness', said: 'low blood pressure|hypotension|dizz(?:y|iness)|faint(?:ing|ness)?|light ?headed(?:ness)?' },
  'high-blood-pressure': { label: 'high blood pressure', said: '(?:(?:high|raised) )?blood pressure|hypertension|hypertensives?' },
  heart: { label: 'heart disease or a recent event', said: 'heart (?:disease|trouble|conditions?|attack|failure|problems?|patients?|surgery)|(?:weak|bad) hearts?|angina|cardiac|(?:a )?recent event' },
  pacemaker: { label: 'pacemaker or defibrillator', said: 'pacemakers?|defibrillators?' },
  glaucoma: { label: 'glaucoma, retinal trouble or recent eye surgery', said: 'glaucoma|retinal? (?:trouble|tear|detachment)|detached retina|(?:recent )?eye surgery' },
  osteoporosis: { label: 'osteoporosis', said: 'osteopor\\w+|osteopenia|(?:brittle|thin|weak) bones' },
  knee: { label: 'knee trouble', said: `${ILL} knees?|${IN}knees?|knee (?:replacements?|${TROUBLE})` },
  'new-hip': { label: 'new hip', said: '(?:new|replaced|artificial) hips?|hip replacements?' },
  'low-back': { label: 'low-back disc trouble', said: `low back disc trouble|(?:bad|injured|hurt|weak) (?:low(?:er)? )?backs?|(?:low(?:er)? )?back (?:trouble|problems?|injury)|(?:slipped|bulging|herniated|prolapsed) dis[ck]s?|dis[ck] (?:trouble|problems?|prolapse)|sciatica` },
  neck: { label: 'neck trouble', said: `${ILL} necks?|${IN}neck|neck ${TROUBLE}|whiplash` },
  shoulder: { label: 'shoulder trouble', said: `(?:${ILL}|frozen) shoulders?|${IN}shoulders?|shoulder (?:impingement|${TROUBLE})|rotator cuffs?|impingement` },
  balance: { label: 'poor balance or neuropathy', said: '(?:poor|bad|weak) balance|neuropathy|unsteady(?: (?:feet|on \\w+ feet))?|(?:fear of )?fall(?:s|ing)' },
  pregnancy: { label: 'pregnancy', said: 'pregnan(?:t|cy)(?: \\w*wom[ae]n)?' },
  'menses-childbirth': { label: 'heavy periods or after birth', said: '(?:heavy )?periods?|menstruat\\w+|menses|after (?:a |the )?birth|post ?partum|childbirth' },
  'recent-surgery': { label: 'recent surgery or hernia', said: '(?:recent )?surgery|operations?|hernias?' },
  bleeding: { label: 'bleeding risk, anticoagulants, varicose veins or clots', said: 'bleeding(?: risk)?|blood thinners?|anticoagulants?|varicose(?: veins?)?|thrombos[ie]s|(?:blood )?clots?' },
  stroke: { label: 'a stroke or TIA', said: '(?:a|had|after|of) strokes?|strokes? (?:survivors?|recovery)|strokes?$|tia' },
  'bone-metastases': { label: 'bone metastases', said: '(?:bone )?metastas[ei]s|bone cancer' },
  parkinsons: { label: 'Parkinson’s', said: 'parkinsons?(?: disease)?' },
  'epilepsy-psychosis': { label: 'epilepsy, psychosis or mania', said: 'epilep\\w+|seizures?|psychosis|psychotic|manic|mania|bipolar' },
  panic: { label: 'panic', said: 'panic(?: attacks?)?' },
  asthma: { label: 'asthma or COPD', said: 'asthma(?:tics?)?|copd|emphysema|bronchitis' },
  vertigo: { label: 'migraine or vertigo', said: 'vertigo|migraines?' },
  lymphoedema: { label: 'lymphoedema, a port or a line', said: 'lympho?edema(?: a port or a line)?|a port|(?:picc|central) line' },
  'diabetic-feet': { label: 'diabetic feet', said: 'diabet(?:es|ics?)(?: (?:feet|foot))?' },
  'after-meal': { label: 'a meal within the hour', said: '(?:right |just |soon )?after (?:a |the )?(?:meals?|eating|breakfast|lunch|dinner|supper)|just eaten|full (?:stomach|belly)|(?:a )?meal within the hour' },
  'acute-illness': { label: 'fever or acute illness', said: 'fever(?:ish)?|flu|acute illness|infections?' },
} as const satisfies Record<ConditionId, { readonly label: string; readonly said: string }>;

const ORDER = keysOf(CONDITION_WORDS);

/** The bit of one condition in the bits of a way; there are fewer than 31. */
export const conditionBit = (id: ConditionId): number => 1 << ORDER.indexOf(id);

/** Each condition with the pattern it is read by, in the order they are tried. */
export const CONDITIONS_SAID = ORDER.map((id) => ({
  id,
  label: CONDITION_WORDS[id].label,
  said: new RegExp(`\\b(?:${CONDITION_WORDS[id].said})\\b`, 'g'),
}));

/** What a condition is called. */
export const conditionLabel = (id: ConditionId): string => CONDITION_WORDS[id].label;
