import { PLAIN_BRIEF, type Brief } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import type { ConditionId } from '../people';
import { review } from '../review';
import { scriptOf } from '../script';
import { measureDraft } from '.';

/** What holds in every draft, on a sample of unlike briefs; the table over hundreds is `npm run drafts`. */
const SAMPLE: readonly (readonly [Partial<Brief>, readonly ConditionId[]])[] = [
  [
    { theme: { kind: 'organ', organ: 'lung' }, minutes: 20, season: 'autumn', intent: 'clear-then-nourish' },
    [],
  ],
  [{ theme: { kind: 'organ', organ: 'kidney' }, minutes: 5, dayPart: 'morning' }, ['knee', 'shoulder']],
  [
    { theme: { kind: 'organ', organ: 'heart' }, minutes: 15, posture: 'seated', intent: 'calm' },
    ['high-blood-pressure'],
  ],
  [{ theme: { kind: 'all-phases' }, minutes: 25, intent: 'clear-then-nourish', voice: 'whispered' }, []],
  [{ theme: { kind: 'aim', aim: 'sleep' }, minutes: 12, dayPart: 'evening', intent: 'calm' }, ['panic']],
  [{ theme: { kind: 'aim', aim: 'joints' }, minutes: 15, intent: 'move' }, []],
  [{ theme: { kind: 'set', set: 'eight-brocades' }, minutes: 20 }, []],
  // Twelve long forms are taught as evenly as eight, where they all but fill the time.
  [
    {
      theme: { kind: 'set', set: 'silk-chart' },
      minutes: 20,
      familiarity: 'taught',
      season: 'autumn',
      intent: 'clear-then-nourish',
    },
    ['high-blood-pressure', 'new-hip'],
  ],
  [{ theme: { kind: 'point', point: 'ST36' }, minutes: 10 }, ['pregnancy']],
  [{ theme: { kind: 'organ', organ: 'liver' }, minutes: 2, season: 'spring' }, []],
  [{ theme: { kind: 'phase', phase: 'earth' }, minutes: 60, season: 'earth-turn' }, []],
];

describe.each(SAMPLE)('a draft of %j for %j', (over, conditions) => {
  const brief = { ...PLAIN_BRIEF, ...over };
  const result = compose({
    brief,
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions },
    seed: 3,
    enough: 0.02,
  });
  if (!result.ok) throw new Error(JSON.stringify(result.obstacles));
  const { practice, timeline } = result;

  it('arrives in stillness, gathers in, closes with the hands at the belly, with few forms, evenly done, long enough, in the breath asked for', () => {
    const { named: _named, known: _known, ...measures } = measureDraft(practice, timeline, DEFAULT_CUSTOMS);
    expect(measures).toEqual({
      arrivesStill: true,
      gathersIn: true,
      comesHome: true,
      fewForms: true,
      evenDoses: true,
      oneTapping: true,
      clearedIsNourished: true,
      longEnough: true,
      breathesAsAsked: true,
    });
  });

  it('does nothing too shortly to be felt (common practice)', () => {
    const short = practice.items.flatMap(({ formId, role, hinge }, index) => {
      const sec = (timeline.items[index]?.lengthMs ?? 0) / 1000;
      const isPost = /^hold-(embrace-(chest|belly)|floating|one-hand-guards)$/.test(formId);
      const isSpiral = formId.startsWith('spiral-') && role === 'nourish';
      if (role === 'arrive' || role === 'close')
        return sec >= 25 || brief.minutes <= 5 ? [] : [`${formId} ${sec} s`];
      const least = isPost ? 55 : role === 'loosen' ? 20 : isSpiral ? (brief.minutes > 15 ? 60 : 30) : 0;
      return hinge || sec >= least ? [] : [`${formId} ${sec} s`];
    });
    expect(short).toEqual([]);
  });

  it('draws no note that something must or should be otherwise', () => {
    const notes = review(practice, timeline, DEFAULT_CUSTOMS, { conditions });
    expect(notes.filter(({ weight }) => weight !== 'consider')).toEqual([]);
  });

  it('carries a story that is told at its beginning and at its end', () => {
    const { story } = practice;
    if (!story) throw new Error('no story');
    const kinds = scriptOf(practice, timeline, story).map(({ kind }) => kind);
    expect(kinds[0]).toBe('opening');
    expect(kinds.at(-1)).toBe('leaving');
    expect(kinds).toContain('closing');
  });
});
