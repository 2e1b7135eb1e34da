import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import type { Note } from '@/core/review';
import { inWords } from '@/ui/words/margin';
import { NoteLine, NotesHere } from './NoteLine';

const note = (over: Partial<Note> = {}) =>
  inWords({
    id: 'uneven-count/one',
    rule: 'uneven-count',
    source: 'common-practice',
    weight: 'should',
    itemId: 'one',
    said: { code: 'uneven-count', form: 'Crane', left: 4, right: 3 },
    wavedBecause: undefined,
    ...over,
  });
const acts = { onMend: () => undefined, onWave: () => undefined, onUnwave: () => undefined };
const here = (...notes: readonly ReturnType<typeof note>[]): string =>
  renderToStaticMarkup(createElement(NotesHere, { notes, ...acts }));

describe('a note put into words', () => {
  it('has its sentence, its why and the name of its mend', () => {
    const said = note({ mend: { kind: 'make-it-fit', said: { code: 'fit' } } });
    expect(said.text).toBe('“Crane” does 4 strokes on the left and 3 on the right; the right comes short.');
    expect(said.why).toBe('Both sides get the same, so that the body stays even.');
    expect(said.mendText).toBe('Make it fit');
    expect(note().mendText).toBeUndefined();
  });

  it('can be posted from a worker: it is plain data', () => {
    expect(structuredClone(note())).toEqual(note());
  });
});

describe('notes beside an item', () => {
  it('are nothing where there is nothing to say', () => {
    expect(here()).toBe('');
  });

  it('show what weighs, with the word for how much, and its why only on a press', () => {
    const text = here(note(), note({ id: 'b', weight: 'must', said: { code: 'asked-out' } }));
    expect(text).toContain('Should');
    expect(text).toContain('Must');
    expect(text).toContain('the right comes short.');
    expect(text).toContain('aria-expanded="false"');
    expect(text).not.toContain('Both sides get the same');
  });

  it('fold away what is only to consider and what was waved aside, and count it', () => {
    const text = here(
      note({ id: 'a', weight: 'consider' }),
      note({ id: 'b', weight: 'consider' }),
      note({ id: 'c', wavedBecause: 'we know' }),
    );
    expect(text).toContain('2 to consider, 1 waved aside');
    expect(text).not.toContain('comes short');
    expect(here(note({ wavedBecause: '' }))).toContain('1 waved aside');
    expect(here(note({ weight: 'consider' }))).toContain('>1 to consider<');
  });

  it('say the same of several places once, and how many more there are', () => {
    const text = here(
      note({ id: 'a', rule: 'cue-too-long', detail: 'cycle-0' }),
      note({ id: 'b', rule: 'cue-too-long', detail: 'cycle-1' }),
      note({ id: 'c', rule: 'cue-too-long', detail: 'cycle-2' }),
    );
    expect(text).toContain('The same 2 times more.');
    expect(text.match(/comes short/g)).toHaveLength(1);
    expect(here(note())).not.toContain('The same');
  });

  it('strike through what was waved aside', () => {
    const line = (wavedBecause: string | undefined): string =>
      renderToStaticMarkup(
        createElement(NoteLine, {
          notes: { first: note({ wavedBecause }), more: [], mend: undefined },
          ...acts,
        }),
      );
    expect(line('we know')).toContain('line-through');
    expect(line(undefined)).not.toContain('line-through');
  });
});
