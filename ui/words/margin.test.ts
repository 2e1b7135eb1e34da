import { POINT_CAUTIONS } from '@/core/channels/cautions';
import { CAUTION_CODES } from '@/core/people';
import { RULE_IDS, RULES, type NoteCode, type NoteSaid, type NoteSays } from '@/core/review';
import { DEEDS } from '@/core/forms/checks/claims/evidence';
import { cautionText } from './cautionSentences';
import { measuredText } from './deeds';
import { pointCautionText } from './pointCautions';
import { mendText, noteText, ruleWhy } from './margin';

/** One of everything the margin can say, and the sentence it makes of it. */
// prettier-ignore
const SAMPLES: { readonly [Code in NoteCode]: readonly [NoteSays[Code], string] } = {
  'arms-up-long': [{ seconds: 240, forms: ['A', 'B'] }, 'The arms are above the shoulders again and again for 240 s on end: “A”, “B”.'],
  'asked-and-absent': [{ form: 'Crane' }, 'The brief asks for “Crane”, and it is not here.'],
  'many-new-forms': [{ forms: 7, allowed: 3 }, '7 forms are new to this group; you allow 3 in one class.'],
  'much-talk': [{ share: 0.42 }, 'Announcing and explaining takes 42 % of the time.'],
  'breath-against-custom': [{ form: 'Crane', against: 'in-while-sinking', cm: 7 }, 'In “Crane” the breath goes in while the body sinks 7 cm.'],
  'breathed-two-ways': [{ form: 'Crane' }, '“Crane” comes twice and is breathed another way the second time.'],
  'circles-one-way': [{ form: 'Crane' }, '“Crane” circles one way only.'],
  'cold-joints': [{ form: 'Crane', joints: ['hips', 'knees'] }, '“Crane” uses hips and knees deeply, and nothing before it loosens them.'],
  'condition': [{ form: 'Crane', condition: 'low-back', weight: 'avoid', caution: 'no-strained-holds' }, 'Avoid “Crane”, someone here has low-back disc trouble: No strained holds.'],
  'count-announced': [{ form: 'Crane', said: 6, done: 4 }, 'The words of “Crane” say 6, the score does 4.'],
  'cue-against-breath': [{ cue: 'Rise.', breath: 'out' }, '“Rise.” is said while the breath goes out.'],
  'cue-names-one-side': [{ cue: 'Rise.', form: 'Crane' }, '“Rise.” is said on both sides of “Crane”, so on one of them it names the wrong one.'],
  'cue-turns-sides-round': [{ cue: 'Rise.', form: 'Crane' }, '“Rise.” names the other side than “Crane” works there.'],
  'cue-needs-eyes': [{ cue: 'Like this.' }, '“Like this.” says nothing to those who only listen.'],
  'deed-against-breath': [{ cue: 'Rise.', form: 'Crane', deed: 'part', breath: 'in' }, '“Rise.”, but “Crane” opens on the breath in.'],
  'route-said-otherwise': [{ cue: 'Rise.', form: 'Crane', by: 'nose' }, '“Rise.” names the nose, and in “Crane” the breath goes out by the mouth.'],
  'way-turned-round': [{ cue: 'Rise.', form: 'Crane' }, '“Rise.” goes the other way than “Crane” does.'],
  'another-stance': [{ cue: 'Rise.', form: 'Crane', said: 'one in front' }, '“Rise.”, but “Crane” is not done with one foot in front.'],
  'risk-asked': [{ cue: 'Rise.', form: 'Crane', risk: 'head-back' }, '“Rise.” asks for the head tipped back, which “Crane” does not ask for.'],
  'cue-too-long': [{ cue: 'Rise.', form: 'Crane', spokenSec: 4.24, strokeSec: 3 }, '“Rise.” takes about 4.2 s to say and its stroke in “Crane” lasts 3.0 s.'],
  'clears-by-the-nose': [{ form: 'Crane' }, '“Crane” clears, and its breath goes out by the nose.'],
  'by-the-mouth': [{ form: 'Crane', nourishes: true }, '“Crane” nourishes, and its breath goes out by the mouth.'],
  'step-with-weight': [{ form: 'Crane', foot: 'left', share: 0.42 }, 'In “Crane” the left foot goes elsewhere with 42 % of the weight on it.'],
  'stirs-in-the-evening': [{ form: 'Crane' }, '“Crane” stirs, and this is an evening practice.'],
  'same-as-last-time': [{ again: 2, of: 5 }, '2 of the 5 main forms are those of the last class.'],
  'may-not': [{ form: 'A' }, 'Someone here may not do “A”, as you have noted.'],
  'low-long': [{ seconds: 240, forms: ['A', 'B'] }, 'The legs stay low for 240 s on end: “A”, “B”.'],
  'hinge-missing': [{ form: 'Crane' }, 'Clearing meets nourishing before “Crane” without a breath between.'],
  'one-side-said': [{ form: 'Crane', side: 'left' }, 'The words of “Crane” speak of the left and never of the right.'],
  'near-twin': [{ form: 'Crane', twin: 'Heron' }, '“Crane” does much what “Heron” has done.'],
  'not-gathered': [{ missing: ['close'] }, 'There is no close.'],
  'nourished-before-cleared': [{ form: 'Crane', before: 'Heron', organ: 'lung' }, '“Crane” clears the Lung after “Heron” has nourished it.'],
  'one-leg-long': [{ form: 'Crane', seconds: 240 }, '“Crane” stands on one leg for about 240 s at a stretch.'],
  'other-school': [{ of: 'animals', written: 'one', own: 'other' }, 'This was written with the animals of another school (one) than yours (other).'],
  'foreign-virtue': [{ virtue: 'courage' }, '“courage” is the virtue of a phase in another school than yours.'],
  'layers-left': [{ form: 'Crane', layers: 3, done: 4, late: ['mind'] }, '“Crane” is to be built up in 3 layers but done 4 times: mind never comes.'],
  'no-parts-written': [{ form: 'Crane' }, '“Crane” is to be taken in parts, but has none written.'],
  'announced-and-absent': [{ name: 'The swallow' }, '“The swallow” is announced and is not in the practice.'],
  'little-quiet-after-knocking': [{ form: 'Crane', seconds: 240 }, 'After the knocking of “Crane” there are 240 s to feel.'],
  'theme-not-reached': [{ part: { organ: 'lung' } }, 'The theme asks for the Lung, and nothing here reaches it.'],
  'risk-unsaid': [{ form: 'Crane', risks: ['breath-held', 'head-low'] }, '“Crane” asks for a breath held and the head below the heart and says no word of care.'],
  'route-misses-channel': [{ form: 'Crane', channels: ['LU', 'LI'] }, '“Crane” is said to work LU and LI, but its route does not pass there.'],
  'route-against-flow': [{ form: 'Crane', channels: ['LU', 'LI'] }, '“Crane” runs against the flow of LU and LI.'],
  'checks-the-season': [{ phase: 'wood', checking: 'metal' }, 'It is the time of Wood, and most of what is nourished belongs to Metal, which checks it.'],
  'season-of-another-school': [{ season: 'earth-turn', other: 'one calendar', own: 'other', ownSeason: 'autumn' }, 'This is for the turn of the season. That is today’s season by the one calendar; by the other, which you follow, it is autumn.'],
  'section-out-of-range': [{ role: 'gather', share: 0.42, leastShare: 0.02, mostShare: 0.2 }, 'The section “gather” takes 42 % of the time, more than is usual (2 % to 20 %).'],
  'set-out-of-order': [{ set: 'the eight brocades', order: 'usual', form: 'Crane' }, 'The eight brocades stand in another order than yours (usual); the first out of place is “Crane”.'],
  'slip-of-the-tongue': [{ cue: 'Rise.', named: { form: 'Heron' }, form: 'Crane' }, '“Rise.” names “Heron”, but this is “Crane”.'],
  'sound-out-of-place': [{ form: 'Crane', role: 'close' }, '“Crane” sounds in “close”; an organ’s sound belongs where it is cleared, once the mind has settled.'],
  'sound-too-loud': [{ form: 'Crane', voice: 'aloud', isQuiet: true }, '“Crane” is aloud where it must be quiet; the silent sound is as good.'],
  'two-sounds-for-organ': [{ organ: 'lung', sounds: ['sī', 'sss'] }, 'The Lung has two sounds here: sī and sss.'],
  'sounds-uneven': [{ least: 6, most: 7, usual: 6 }, 'The sounds of this round are made 6 to 7 times; the same number of each is usual (here 6), one organ half as much again at most.'],
  'sound-of-another-school': [{ form: 'Crane', sound: 'sss' }, 'The sound of “Crane”, sss, is of another school than yours.'],
  'layer-not-laid': [{ form: 'Crane', layer: 'humming out', why: 'no-breath' }, '“humming out” is not laid on “Crane”: this form has no breath to lay it on.'],
  'breath-hurried': [{ form: 'Crane', pattern: 'four even parts', sec: 12, leastSec: 14 }, '“four even parts” on “Crane” gets 12.0 s a breath; below 14 s it is hurried. A slower pace, or the plain breath.'],
  'pattern-on-hard-form': [{ form: 'Crane', pattern: 'four even parts' }, '“Crane” is being taught, and “four even parts” with it: one hard thing at a time.'],
  'exhale-too-long': [{ sec: 8.2, mostSec: 6 }, 'An exhale of 8.2 s is asked for; 6 s is the most for the people here.'],
  'pattern-by-the-mouth': [{ form: 'Crane', pattern: 'sighing out' }, '“Crane” nourishes, and “sighing out” lets the breath out by the mouth; to nourish, in and out by the nose.'],
  'sound-first': [{ form: 'Crane' }, '“Crane” is the very first thing; nobody has arrived yet.'],
  'sound-after-stirring': [{ form: 'Crane', before: 'Heron' }, '“Crane” follows straight on “Heron”, which stirs.'],
  'stance-changes': [{ changes: 5, forms: 7 }, 'The stance changes 5 times in 7 forms.'],
  'third-wide-stance': [{ form: 'Crane' }, '“Crane” is the third wide stance in a row.'],
  'words-fill-the-time': [{ share: 0.42 }, 'The words fill 42 % of the time.'],
  'no-quiet-stretch': [{ seconds: 240 }, 'The longest quiet stretch is 240 s; nowhere is there half a minute without words.'],
  'uneven-count': [{ form: 'Crane', left: 4, right: 3 }, '“Crane” does 4 strokes on the left and 3 on the right; the right comes short.'],
  'uneven-seconds': [{ form: 'Crane', short: 'right', leastSec: 20, mostSec: 30 }, 'In “Crane” the right side gets 20 s against 30 s; take your time there too, or let it be known before the class.'],
  'ends-stirred': [{ form: 'Crane' }, 'The practice ends on “Crane”, which stirs.'],
  'words-against-body': [{ cue: 'Rise.', form: 'Crane', measured: { does: 'hands-rise', amount: 1 } }, 'The words “Rise.” in “Crane”, but in the body the hands rise 1 cm.'],
  'asked-times': [{ asked: 3, done: 4 }, 'The brief asks for it 3 times; here it is done 4 times.'],
  'asked-section': [{ role: 'gather' }, 'The brief asks for it in another section (gather).'],
  'asked-place': [{ asked: 'last', place: 2, of: 5 }, 'The brief asks for it as the last of its section; here it is number 2 of 5.'],
  'asked-out': [{  }, 'The brief leaves this form out, and here it is.'],
  'begins-on-the-floor': [{ form: 'Crane', before: 'Heron' }, '“Crane” begins on the floor, but everyone sits on a chair after “Heron”.'],
  'begins-on-a-chair': [{ form: 'Crane', before: 'Heron' }, '“Crane” begins on a chair, but everyone is standing after “Heron”.'],
  'begins-standing': [{ form: 'Crane', before: 'Heron' }, '“Crane” begins standing, but everyone is sitting after “Heron”.'],
  'length': [{ lastsMs: 725_000, minutes: 10 }, 'This lasts 12:05 min, 2:05 min longer than the 10 minutes asked for.'],
};

describe('what the margin says', () => {
  it.each(Object.entries(SAMPLES))('%s', (code, [says, sentence]) => {
    expect(noteText({ code, ...says } as NoteSaid)).toBe(sentence);
    expect(sentence).toMatch(/^[A-Z“0-9].*[.!?]$/s);
  });

  it('gives for every rule, and for no other, why it matters', () => {
    expect([...RULE_IDS].sort()).toEqual(RULES.map(({ id }) => id).sort());
    for (const id of RULE_IDS) expect(ruleWhy(id)).toMatch(/^[A-Z].{20,}\.$/s);
  });

  it('names its mends by what they do', () => {
    expect(mendText({ code: 'do-times', times: 1 })).toBe('Do it once');
    expect(mendText({ code: 'do-times', times: 4 })).toBe('Do it 4 times');
    expect(mendText({ code: 'do-count', count: 6 })).toBe('Do 6');
    expect(mendText({ code: 'stand-still', seconds: 20 })).toBe('Stand still for 20 s');
    expect(mendText({ code: 'smaller' })).toBe('Do it smaller');
  });
});

describe('what is to be minded', () => {
  it('is a sentence for every code, and no two are the same', () => {
    const said = CAUTION_CODES.map(cautionText);
    for (const sentence of said) expect(sentence).toMatch(/^[A-Z].*\.$/s);
    expect(new Set(said).size).toBe(said.length);
  });
});

describe('what is to be minded at a point', () => {
  it('is a sentence, and no two are the same', () => {
    const said = POINT_CAUTIONS.map(({ caution }) => pointCautionText(caution));
    for (const sentence of said) expect(sentence).toMatch(/^[A-Z].*\.$/s);
    expect(new Set(said).size).toBe(said.length);
  });
});

describe('what a body does instead', () => {
  it('is said with its unit, and every measure has words', () => {
    expect(measuredText({ does: 'hands-rise', amount: -3.4 })).toBe('the hands rise -3 cm');
    expect(measuredText({ does: 'head-sinks', amount: 1.26 })).toBe('the head sinks 1.3 cm');
    expect(measuredText({ does: 'weight-on-that-foot', amount: 38.2 })).toBe('38 % on that foot');
    expect(measuredText({ does: 'other-hand' })).toBe('the other hand does it');
    for (const does of DEEDS) expect(measuredText({ does, amount: 1 })).not.toMatch(/[{}]|undefined/);
  });
});
