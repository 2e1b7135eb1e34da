import { cycleOf, entryOf, exitOf, hasVariant, REPERTOIRE, VARIANTS } from '../forms';
import type { RuleId } from './ruleIds';
import {
  CLEAN,
  KEPT_CLEAN,
  KEPT_SLIPS,
  SLIPS,
  TALKED_CLEAN,
  TALKED_SLIPS,
  type Saying,
} from './slips.test.data';
import { notesOf } from './testing.test.data';
import type { Note } from '.';

/** The rules that read words; what the clock says of a long cue is no slip. */
const OF_WORDS: ReadonlySet<RuleId> = new Set([
  'count-announced',
  'cue-breath',
  'cue-shown',
  'cue-side',
  'exhale-route',
  'part-absent',
  'risk-unsaid',
  'route-flow',
  'slip-words',
  'words-against-body',
]);

/** What the margin says of the words, and did not say of the form as it is written. */
function heard({ form, at, says, over, brief, then = [] }: Saying): readonly Note[] {
  const notes = (cues: Readonly<Record<string, string>>): readonly Note[] =>
    notesOf({
      lines: [{ id: form, over: { ...over, cues } }, ...then.map((id) => ({ id }))],
      ...(brief ? { brief } : {}),
    }).filter(({ rule }) => OF_WORDS.has(rule));
  const before = new Set(notes({}).map(({ id }) => id));
  return notes({ [at]: says }).filter(({ id }) => !before.has(id));
}

const row = (saying: Saying): readonly [string, string, string, Saying] => [
  saying.says,
  saying.form,
  saying.at,
  saying,
];

describe('a slip put into one’s own words', () => {
  it.each([...SLIPS, ...KEPT_SLIPS, ...TALKED_SLIPS].map(row))(
    '“%s” (%s, %s) is heard',
    (...[, , , saying]) => {
      expect(heard(saying).length).toBeGreaterThan(0);
    },
  );
});

describe('words of one’s own without a slip', () => {
  it.each([...CLEAN, ...KEPT_CLEAN, ...TALKED_CLEAN].map(row))(
    '“%s” (%s, %s) draw no note',
    (...[, , , saying]) => {
      expect(heard(saying).map(({ said }) => said)).toEqual([]);
    },
  );
});

describe('the repertoire’s own words, written again as one’s own', () => {
  it('draw no note, in every way a form is done', () => {
    // A quarter of them: their bodies are solved for every wording.
    const some = REPERTOIRE.filter((_, index) => index % 4 === 0);
    const noted = some.flatMap((form) =>
      VARIANTS.filter((variant) => variant === 'full' || hasVariant(form, variant)).flatMap((variant) => {
        const parts = {
          entry: entryOf(form, variant),
          cycle: cycleOf(form, variant),
          exit: exitOf(form, variant),
        };
        const cues = Object.fromEntries(
          Object.entries(parts).flatMap(([part, strokes]) =>
            strokes.map(({ cue }, index) => [`${part}-${index}`, cue] as const),
          ),
        );
        return heard({
          form: form.id,
          at: 'setup',
          says: form.images[0] ?? form.name,
          over: { variant, cues },
        }).map(({ said }) => said);
      }),
    );
    expect(noted).toEqual([]);
  });
});

describe('what a note on words says', () => {
  const first = (form: string, at: string, says: string, people?: 'high-blood-pressure'): Note | undefined =>
    notesOf({
      lines: [{ id: form, over: { cues: { [at]: says } } }],
      people: { conditions: people ? [people] : [] },
    }).find(({ rule }) => OF_WORDS.has(rule));

  it('names what was said instead', () => {
    expect(first('tap-legs-outside', 'setup', 'We tap along the Stomach channel.')?.said).toMatchObject({
      named: { channel: 'ST' },
    });
    expect(first('belly-rubbing', 'setup', 'This one wakes LI4.')?.said).toMatchObject({
      named: { point: 'LI4' },
    });
    expect(first('loosen-wrists', 'setup', 'Circle the ankles.')?.said).toMatchObject({
      named: { place: 'ankles' },
    });
    expect(first('animal-bear', 'setup', 'Now the tiger.')?.said).toMatchObject({
      named: { animal: 'tiger' },
    });
  });

  it('of a risk weighs as much as it does for those who are here', () => {
    const says = 'Hold the breath as long as you can.';
    expect(first('mist-over-the-lake', 'setup', says)?.weight).toBe('should');
    expect(first('mist-over-the-lake', 'setup', says, 'high-blood-pressure')?.weight).toBe('must');
  });

  it('is mended by the form’s own words', () => {
    expect(first('open-and-close', 'setup', 'Breathe out as the palms part.')?.mend).toMatchObject({
      edits: [{ kind: 'cue', key: 'setup', cue: '' }],
    });
    expect(first('animal-deer', 'cycle-1', 'Turn to the {side}, look at the left heel.')?.mend).toMatchObject(
      {
        edits: [{ cue: 'Turn to the {side}, look at the {side} heel.' }],
      },
    );
  });
});
