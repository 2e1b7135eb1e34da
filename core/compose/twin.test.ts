import highsLoader from 'highs';
import { PLAIN_BRIEF, type Brief } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { formsOfSet, REPERTOIRE, type Form } from '../forms';
import { modelOf } from './model';
import { solved } from './solver';
import { mixedInteger } from './solver/mixedInteger.test.data';

/** A small repertoire drawn evenly from the whole, with what the brief cannot do without. */
const some = (every: number, from: number, also: readonly string[]): readonly Form[] =>
  REPERTOIRE.filter((form, index) => index % every === from || form.hinge || also.includes(form.id));

/** What a sound can be laid on. */
const LUNG_TRACED = 'trace-lung-large-intestine';

const sounding = (organ: 'lung' | 'liver' | 'kidney', breath: string): Partial<Brief> => ({
  theme: { kind: 'organ', organ },
  intent: 'clear-then-nourish',
  breath,
  voice: 'aloud',
});

describe('a real brief against a general solver (package: highs), with breath and sound laid on', () => {
  it.each([
    [
      'the Lung, its sound at hand',
      sounding('lung', 'lower-belly'),
      some(5, 2, ['sound-lung', LUNG_TRACED]),
      undefined,
    ],
    [
      'the Lung, its sound only to be laid on others',
      sounding('lung', 'out-longer'),
      some(5, 2, [LUNG_TRACED]).filter(({ id }) => id !== 'sound-lung'),
      undefined,
    ],
    [
      'the Liver',
      sounding('liver', 'into-the-sides'),
      some(5, 2, ['sound-liver', 'trace-liver-gallbladder']),
      undefined,
    ],
    [
      'the Kidney',
      sounding('kidney', 'out-longer'),
      some(4, 0, ['sound-kidney', 'trace-kidney-bladder']),
      undefined,
    ],
    [
      'a round of the sounds, three each',
      { theme: { kind: 'set', set: 'six-sounds' }, breath: 'own', voice: 'aloud' },
      some(5, 1, formsOfSet('six-sounds', DEFAULT_CUSTOMS)),
      { times: 3, of: 'all' },
    ],
  ] as const)(
    '%s',
    async (_, over, repertoire, round) => {
      const highs = await highsLoader();
      const brief: Brief = { ...PLAIN_BRIEF, minutes: 12, ...over };
      const model = modelOf(
        { brief, repertoire, customs: DEFAULT_CUSTOMS, people: { conditions: [] }, seed: 1 },
        round,
      );
      const ways = model.meanings.flat().flatMap((meaning) => meaning.ways);
      if (round === undefined) {
        const isWeighed = (strength: string): boolean =>
          ways.some(({ layers }) => layers.some((part) => part.strength === strength));
        expect([isWeighed('breaths'), isWeighed('sounds')]).toEqual([true, true]);
      }
      const ours = solved(model.problem);
      const theirs = highs.solve(mixedInteger(model.problem), { mip_rel_gap: 0, mip_abs_gap: 1e-7 });
      expect({ status: theirs.Status, proved: ours.proved }).toEqual({ status: 'Optimal', proved: true });
      expect(ours.value).toBeCloseTo(theirs.ObjectiveValue, 4);
    },
    120_000,
  );
});
