import { PLAIN_BRIEF, type Brief } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import type { Practice, Timeline } from '../practice';
import { scriptOf, type ScriptLine } from '../script';

/** A drafted practice with all that is written from it: made once for the tests of every format. */
export function draftedFor(over: Partial<Brief> = {}): {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly script: readonly ScriptLine[];
} {
  const made = compose({
    brief: { ...PLAIN_BRIEF, minutes: 15, theme: { kind: 'organ', organ: 'lung' }, ...over },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 5,
    enough: 0.05,
  });
  if (!made.ok || !made.practice.story) throw new Error('expected a draft with a story');
  const { practice, timeline } = made;
  return { practice, timeline, script: scriptOf(practice, timeline, made.practice.story) };
}
