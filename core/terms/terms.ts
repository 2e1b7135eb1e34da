import type { SourceId } from '../sources';

/** A word of the trade or of this application, told in a sentence or two. */
export interface Term {
  readonly id: string;
  readonly word: string;
  /** Other ways it is written or said. */
  readonly also?: readonly string[];
  readonly hanzi?: string;
  readonly says: string;
  /** `ours` for words this application gives a meaning of its own. */
  readonly source: SourceId | 'ours';
  /** Where in the application it is met. */
  readonly href?: string;
}

// prettier-ignore
export const TERMS = [
  // The application's own words
  { id: 'brief', word: 'brief', says: 'The sentence at the head of Compose: for whom, how long, for what, in which season. Each underlined word is a choice; what you leave is chosen for you.', source: 'ours', href: '/compose' },
  { id: 'register', word: 'register', says: 'Who is at one class: ticked by name before it begins, and how many others came. Lead then minds just these people, without naming them.', source: 'ours', href: '/people' },
  { id: 'veil', word: 'veil', says: 'Press it when somebody looks on: no page then shows anything private, until you press it again.', source: 'ours', href: '/people' },
  { id: 'thread', word: 'thread', says: 'A form that is learnt through a term: new in one week, back in the next two, then at growing distances until it is known.', source: 'ours', href: '/term' },
  { id: 'load', word: 'load', says: 'How hard a week of a term is: easy, middling or full. It builds up over the weeks and then rests.', source: 'common-practice', href: '/term' },
  { id: 'scroll', word: 'scroll', also: ['score'], says: 'A practice drawn from left to right as it is done: its people on one ground line, the breath above them, the names below. A gap in the ground is the end of a section.', source: 'ours', href: '/compose' },
  { id: 'lanes', word: 'lanes', says: 'Further lines under the scroll, shown when you tick them: where the weight lies, how high hips and hands are, the effort, the channels, whether the words fit.', source: 'ours', href: '/compose' },
  { id: 'running-order', word: 'running order', says: 'The forms of a practice one under another, in the order they are led, with how much of each.', source: 'ours', href: '/compose' },
  { id: 'section', word: 'section', also: ['arrive', 'loosen', 'wake', 'clear', 'nourish', 'balance', 'be still', 'gather', 'close'], says: 'A part of a practice with one purpose: arrive, loosen, wake, clear, nourish, be still, balance, gather, close. Not every practice has all of them, but they come in this order.', source: 'common-practice', href: '/compose' },
  { id: 'heart', word: 'heart of a practice', says: 'The forms that carry its theme: what is cleared and nourished. What comes before prepares it, what comes after keeps it.', source: 'ours', href: '/compose' },
  { id: 'hinge', word: 'hinge', says: 'A very short form between two blocks, a breath or two, so that one thing ends before the next begins.', source: 'ours', href: '/compose' },
  { id: 'bookend', word: 'bookend', says: 'The same form near the beginning and near the end, so that people feel what has changed between.', source: 'ours', href: '/compose' },
  { id: 'block', word: 'block', says: 'Several forms that are done as one, in their own order: a set, or forms you keep together.', source: 'ours', href: '/compose' },
  { id: 'station', word: 'station', says: 'One place in a round: the group goes from one to the next, and each is done for the same time.', source: 'ours', href: '/compose' },
  { id: 'in-layers', word: 'in layers', says: 'A form learnt piece by piece: first the feet, then the hands, then the breath, then the mind.', source: 'common-practice', href: '/compose' },
  { id: 'lesson', word: 'lesson', says: 'A form given as something new: told in steps, drilled slowly, then done whole with few words.', source: 'ours', href: '/compose' },
  { id: 'stay', word: 'stay', says: 'A posture inside a moving form that is held for some seconds or breaths before it goes on.', source: 'common-practice', href: '/compose' },
  { id: 'keep', word: 'lock', also: ['keep', 'locked'], says: 'A locked form stays as it is when the rest is drafted anew. The small lock on its row does it; so does the key k.', source: 'ours', href: '/compose' },
  { id: 'read-over', word: 'read over', also: ['note', 'must', 'should', 'might'], says: 'What a second teacher would say reading your plan. A must is about safety, a should about craft, a might is a thought. Each says why and offers a change; any can be set aside.', source: 'ours', href: '/compose' },
  { id: 'customs', word: 'customs', says: 'How you do things: your place, the schools you follow, your pace, what is never left out. Drafts keep to them.', source: 'ours', href: '/customs' },
  { id: 'likely', word: 'likely forms', says: 'Forms that can be put in while you lead without breaking the theme or a caution.', source: 'ours' },
  { id: 'open-end', word: 'open end', says: 'A class that is led until it is done, with no time it must end by.', source: 'ours' },
  // The field's words
  { id: 'qigong', word: 'qìgōng', hanzi: '氣功', says: 'Practice with breath, posture, movement and attention.', source: 'common-practice' },
  { id: 'qi', word: 'qì', hanzi: '氣', says: 'What moves, warms, holds and changes in a body, in the terms of Chinese medicine. It is felt rather than measured; nothing here measures it.', source: 'common-practice' },
  { id: 'phase', word: 'phase', also: ['five phases', 'wuxing', 'element'], hanzi: '五行', says: 'One of the five ways things change: Wood spreads, Fire rises, Earth turns, Metal gathers in, Water sinks and stores. Seasons, organs, sounds and movements are sorted by them.', source: 'common-practice', href: '/' },
  { id: 'organ', word: 'organ', also: ['zangfu'], hanzi: '臟腑', says: 'Here always a functional circle of Chinese medicine, written with a capital letter: the Liver is more, and other, than the liver of anatomy.', source: 'common-practice', href: '/atlas' },
  { id: 'channel', word: 'channel', also: ['meridian', 'jing luo'], hanzi: '經絡', says: 'A course over the body that joins an organ with limbs and skin. Twelve regular ones make one circuit; eight extraordinary vessels hold what they overflow.', source: 'common-practice', href: '/atlas' },
  { id: 'point', word: 'point', also: ['acupoint', 'xue'], hanzi: '穴', says: 'A place on the body, most of them on a channel, where touch, warmth or attention is put. Its code names channel and number: LR3 is the third of the Liver channel.', source: 'common-practice', href: '/atlas' },
  { id: 'cun', word: 'cùn', also: ['body inch', 'finger width'], hanzi: '寸', says: 'The body’s own inch: the breadth of one’s thumb at its joint. Distances between points are given in it, so that they fit every body.', source: 'common-practice', href: '/atlas' },
  { id: 'dantian', word: 'dāntián', also: ['lower belly', 'field'], hanzi: '丹田', says: 'A region where breath and attention are gathered. The lower one lies behind and below the navel; it is meant where nothing else is said.', source: 'common-practice' },
  { id: 'healing-sound', word: 'healing sound', also: ['six sounds', 'liu zi jue', 'xu', 'he', 'hu', 'si', 'chui', 'xi'], hanzi: '六字訣', says: 'A syllable given to the out-breath, one for each of five organs and one for the Triple Burner. Schools differ in which and how; yours is chosen in Customs.', source: 'common-practice', href: '/forms/sounds' },
  { id: 'triple-burner', word: 'Triple Burner', also: ['sanjiao', 'san jiao'], hanzi: '三焦', says: 'The three rooms of the trunk taken as one organ: chest, upper belly, lower belly, and what passes through them.', source: 'common-practice', href: '/atlas' },
  { id: 'solar-term', word: 'solar term', also: ['jieqi', '24 terms'], hanzi: '節氣', says: 'One of twenty-four stretches of about fifteen days into which the sun’s way parts the year.', source: 'common-practice', href: '/' },
  { id: 'earth-between', word: 'Earth between the seasons', also: ['late summer', 'doyo'], says: 'Some schools give Earth a season of its own in late summer, others the last eighteen days of each season. Choose yours in Customs.', source: 'common-practice', href: '/customs#schools' },
  { id: 'organ-hour', word: 'organ hour', also: ['organ clock', 'double hour'], says: 'Each of the day’s twelve double hours is given to an organ, from the Lung at three in the morning round to the Liver.', source: 'common-practice', href: '/' },
  { id: 'stems-branches', word: 'stems and branches', also: ['ganzhi'], hanzi: '干支', says: 'Ten stems and twelve branches, counted together in a round of sixty: years, months, days and hours are named by them.', source: 'common-practice', href: '/' },
  { id: 'true-solar-time', word: 'true solar time', says: 'Time by the sun where you are: noon is when it stands highest. It differs from the clock by your distance from the zone’s meridian and by the season.', source: 'common-practice', href: '/' },
  { id: 'generating-cycle', word: 'generating cycle', also: ['sheng', 'mother and child'], hanzi: '相生', says: 'Wood feeds Fire, Fire makes Earth, Earth bears Metal, Metal carries Water, Water feeds Wood. The phase before is the mother of the one after.', source: 'common-practice' },
  { id: 'controlling-cycle', word: 'controlling cycle', also: ['ke'], hanzi: '相克', says: 'Each phase holds another in bounds: Wood Earth, Earth Water, Water Fire, Fire Metal, Metal Wood.', source: 'common-practice' },
  { id: 'clear-and-nourish', word: 'clear and nourish', also: ['drain', 'tonify', 'bu xie'], hanzi: '補瀉', says: 'To let out what is too much, then to build what is too little. In one practice clearing comes before nourishing.', source: 'common-practice', href: '/compose' },
  { id: 'wuji', word: 'wújí', also: ['standing in stillness'], hanzi: '無極', says: 'The undivided state before movement, and the easy standing posture a practice begins and ends with.', source: 'common-practice' },
  { id: 'natural-breath', word: 'free breath', also: ['natural breath'], says: 'The breath left as it comes, neither counted nor led. Holds and loosening are mostly done so.', source: 'common-practice' },
  { id: 'reversed-breath', word: 'reversed breathing', says: 'The lower belly drawn in as one breathes in, let out as one breathes out. Not for beginners, pregnancy or high blood pressure.', source: 'common-practice' },
  { id: 'small-orbit', word: 'small orbit', also: ['microcosmic orbit'], hanzi: '小周天', says: 'Attention led up the back along the Governing Vessel and down the front along the Conception Vessel.', source: 'common-practice' },
  { id: 'bow-stance', word: 'bow stance', also: ['gongbu'], hanzi: '弓步', says: 'One foot a long step ahead, that knee bent over its toes, the other leg reaching back.', source: 'common-practice' },
  { id: 'horse-stance', word: 'horse stance', also: ['mabu'], hanzi: '馬步', says: 'Feet wide and parallel, knees bent over the toes, trunk upright, as if on a horse.', source: 'common-practice' },
  { id: 'empty-step', word: 'empty step', also: ['xubu', 'empty foot'], hanzi: '虛步', says: 'Nearly all the weight on one leg; the other foot touches the ground and carries nothing.', source: 'common-practice' },
  { id: 'condition', word: 'condition', also: ['caution'], says: 'Something about a person that changes what may be done: pregnancy, high blood pressure, a new hip. Forms are left out or done otherwise for it. It replaces no licensed care.', source: 'ours', href: '/customs#groups' },
] as const satisfies readonly Term[];
