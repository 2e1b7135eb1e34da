import { SIGNALS_OF, SOUNDS } from './soundChoices';
import { signalsBetween, type SignalKind } from '@/core/lead/signals';
import { PLAIN_BRIEF } from '@/core/brief';
import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { REPERTOIRE } from '@/core/forms';

describe('what may be heard', () => {
  it('belongs each to one choice, and every signal there is to some choice', () => {
    const all = Object.values(SIGNALS_OF).flat();
    expect(new Set(all).size).toBe(all.length);
    const made = compose({
      brief: { ...PLAIN_BRIEF, minutes: 20, theme: { kind: 'set', set: 'eight-brocades' } },
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: [] },
      seed: 1,
      enough: 0.5,
    });
    if (!made.ok) throw new Error('expected a practice');
    const kinds = new Set<SignalKind>(
      signalsBetween(made.timeline, -1, made.timeline.totalMs).map(({ kind }) => kind),
    );
    for (const kind of kinds) expect(all).toContain(kind);
    expect(Object.keys(SIGNALS_OF).sort()).toEqual(SOUNDS.filter((one) => one !== 'voice').toSorted());
  });
});
