import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { PLAIN_BRIEF } from '@/core/brief';
import { hasVariant, REPERTOIRE, VARIANTS, type Form, type VariantId } from '@/core/forms';
import { CONDITION_IDS, CONDITIONS, type ConditionId } from '@/core/people';
import { compile, type Practice } from '@/core/practice';
import { Care, Now } from './Now';

function led(form: Form, variant: VariantId = 'full'): Practice {
  return {
    name: 'Led',
    brief: PLAIN_BRIEF,
    customs: { outToIn: 1.2, animalSchool: 'standard', virtueSchool: 'classical', soundSchool: 'standard' },
    seed: 1,
    items: [
      {
        id: 'one',
        formId: form.id,
        variant,
        role: 'nourish',
        repetitions: form.repetitions.usual,
        stretch: 1,
        firstSide: 'left',
        familiarity: 'known',
        omitHolds: false,
        exhaleByMouth: false,
        hinge: false,
        reasons: [],
      },
    ],
    forms: { [form.id]: form },
  };
}
const formOf = (id: string): Form => {
  const form = REPERTOIRE.find((one) => one.id === id);
  if (!form) throw new RangeError(id);
  return form;
};
type NowProps = Parameters<typeof Now>[0];
function shown(practice: Practice, eventIndex: number, over: Partial<NowProps> = {}): string {
  const timeline = compile(practice);
  const event = timeline.events[eventIndex];
  if (!event) throw new RangeError('expected an event');
  return renderToStaticMarkup(
    createElement(Now, {
      practice,
      timeline,
      event,
      atMs: event.startMs,
      story: undefined,
      sideSeen: 'own',
      started: true,
      isKept: true,
      ...over,
    }),
  );
}
function cared(practice: Practice, conditions?: readonly ConditionId[]): string {
  const [item] = practice.items;
  if (!item) throw new RangeError('expected an item');
  return renderToStaticMarkup(createElement(Care, { practice, item, conditions }));
}
const firstStroke = (practice: Practice): number =>
  compile(practice).events.findIndex(({ part, repetition }) => part === 'cycle' && repetition === 1);

describe('what Lead shows now', () => {
  const bow = led(formOf('brocade-draw-the-bow'));

  it('is the breath, the repetition, the side and the words, and what follows at once', () => {
    const text = shown(bow, firstStroke(bow));
    expect(text).toContain('Breathe in');
    expect(text).toContain('1 of 3');
    expect(text).toContain('left side, then right');
    expect(text).toContain('Arms cross at the chest, weight low.');
    expect(text).toContain('then breathe out');
    expect(text).toContain('Draw the bow to the left; eyes far away.');
  });

  it('grows fewer as the script does: few words, then the breath, with the whole cue small beneath', () => {
    const mist = led(formOf('mist-over-the-lake'));
    const strokeOf = (repetition: number): number =>
      compile(mist).events.findIndex((event) => event.part === 'cycle' && event.repetition === repetition);
    const large = (markup: string): string => /data-testid="cue">([^<]*)</.exec(markup)?.[1] ?? '';
    const beneath = (markup: string): string | undefined =>
      /data-testid="whole-cue">([^<]*)</.exec(markup)?.[1];
    const [first, second, third] = [1, 2, 3].map((repetition) => shown(mist, strokeOf(repetition)));
    expect(large(first ?? '')).toBe('Arms rise and widen, the chest fills.');
    expect(beneath(first ?? '')).toBeUndefined();
    expect(large(second ?? '')).toBe('Arms rise and widen');
    expect(beneath(second ?? '')).toBe('Arms rise and widen, the chest fills.');
    expect(large(third ?? '')).toBe('Breathe in');
    expect(beneath(third ?? '')).toBe('Arms rise and widen, the chest fills.');
  });

  it('keeps the words of what has no breath to be told by', () => {
    const hips = led(formOf('loosen-hips'));
    const third = compile(hips).events.findIndex(({ repetition }) => repetition === 3);
    expect(shown(hips, third)).toMatch(/data-testid="cue">Hands on hips: a slow circle/);
  });

  it('tells a leader who faces the group which side to move', () => {
    expect(shown(bow, firstStroke(bow), { sideSeen: 'facing' })).toContain(
      'their left, then right — you move your right',
    );
  });

  it('says before it begins when to stop, and that this browser keeps nothing where it does not', () => {
    const before = shown(bow, 0, { started: false });
    expect(before).toContain('Stop on pain, dizziness');
    expect(shown(bow, 0)).not.toContain('Stop on pain');
    expect(shown(bow, 0)).not.toContain('keeps nothing');
    expect(shown(bow, 0, { isKept: false })).toContain('do not reload before the class is in the log');
  });

  it('minds what the people here have to mind, in two sentences at most, and never names what anyone has', () => {
    const labels = CONDITIONS.map(({ label }) => label.toLowerCase());
    let minded = 0;
    for (const form of REPERTOIRE)
      for (const variant of VARIANTS.filter((one) => hasVariant(form, one))) {
        const practice = led(form, variant);
        const quiet = cared(practice, []);
        const text = cared(practice, CONDITION_IDS);
        if (text.length > quiet.length) minded += 1;
        // The form’s own words of care may speak of a condition to all; the people’s may not be told by them.
        const own = form.cautions.join(' ').toLowerCase();
        for (const label of labels.filter((one) => !own.includes(one)))
          expect({
            id: form.id,
            variant,
            label,
            isNamed: text.toLowerCase().includes(`with ${label}`),
          }).toEqual({
            id: form.id,
            variant,
            label,
            isNamed: false,
          });
        expect(text.replace(/<[^>]*>/g, '').split(/[.!] /).length).toBeLessThan(7);
      }
    expect(minded).toBeGreaterThan(50);
  });

  it('asks for arms up only as long as is easy', () => {
    expect(cared(led(formOf('brocade-hold-up-the-sky')))).toContain('Arms up only as long as is easy.');
    expect(cared(led(formOf('belly-breathing')))).not.toContain('Arms up');
  });
});

describe('a sound in Lead', () => {
  const exhaleOf = (practice: Practice): number =>
    compile(practice).events.findIndex(({ sound }) => sound !== undefined);

  it('stands as large as the cue, with its mouth, how it is voiced, and what is left of the exhale', () => {
    const practice = led(formOf('sound-lung'));
    const at = exhaleOf(practice);
    const { startMs = 0, lengthMs = 0 } = compile(practice).events[at] ?? {};
    const text = shown(practice, at, { atMs: startMs + lengthMs / 4 });
    expect(text).toContain('sī');
    expect(text).toContain('呬');
    expect(text).toContain('Sound it out');
    expect(text).toContain('Front teeth lightly together');
    expect(text).toContain('scaleX(0.750)');
    // Set apart, the syllable is not said again in the cue.
    expect(text).not.toMatch(/data-testid="cue">sī/);
    expect(text).toMatch(/data-testid="cue">/);
    // Nothing of it on the inhale.
    expect(shown(practice, at - 1)).not.toContain('data-testid="sounding"');
  });

  it('is whispered, silent or left out as the item says', () => {
    const practice = led(formOf('sound-lung'));
    const [item] = practice.items;
    if (!item) throw new RangeError('expected an item');
    const voiced = (sound: (typeof item)['sound']): Practice => ({
      ...practice,
      items: [{ ...item, sound }],
    });
    const silent = voiced({ sound: 'lung-standard', voice: 'silent' });
    expect(shown(silent, exhaleOf(silent))).toContain('Breathe it out, silent');
    expect(exhaleOf(voiced('none'))).toBe(-1);
  });
});

describe('what Lead says of the story and the count', () => {
  const bow = led(formOf('brocade-draw-the-bow'));

  it('says what the story says, above the cue, and nothing of it otherwise', () => {
    const markup = shown(bow, firstStroke(bow), { story: 'Autumn clears the air.' });
    expect(markup).toContain('Autumn clears the air.');
    expect(markup.indexOf('Autumn clears the air.')).toBeLessThan(markup.indexOf('data-testid="cue"'));
    expect(shown(bow, firstStroke(bow))).not.toContain('data-testid="story"');
  });

  it('counts the last two', () => {
    const long = { ...bow, items: bow.items.map((item) => ({ ...item, repetitions: 5 })) };
    const at = (repetition: number): string =>
      shown(
        long,
        compile(long).events.findIndex((event) => event.repetition === repetition),
      );
    expect([at(3), at(4), at(5)].map((markup) => /two more|last one/.exec(markup)?.[0])).toEqual([
      undefined,
      'two more',
      'last one',
    ]);
  });
});
