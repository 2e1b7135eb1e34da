import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { PLAIN_BRIEF } from '@/core/brief';
import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { REPERTOIRE } from '@/core/forms';
import { scriptOf, wordsByMinute, wordsIn } from '@/core/script';
import { Aloud } from './Aloud';

const made = compose({
  brief: { ...PLAIN_BRIEF, minutes: 10 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: ['knee'] },
  seed: 1,
  enough: 0.05,
});
if (!made.ok || !made.practice.story) throw new Error('not composed');
const { practice, timeline } = made;
const story = made.practice.story;
const lines = scriptOf(practice, timeline, story);
const markup = renderToStaticMarkup(createElement(Aloud, { practice, story }))
  .replaceAll('&#x27;', '’')
  .replaceAll('&amp;', '&');
const text = markup.replaceAll(/<[^>]*>/g, ' ').replaceAll(/\s+/g, ' ');

describe('the page that is read aloud', () => {
  it('holds every word of the script, in order', () => {
    let from = 0;
    for (const line of lines.filter((one) => one.text !== '' && one.kind !== 'quiet')) {
      const at = text.indexOf(line.text.replaceAll("'", '’').replaceAll(/\s+/g, ' '), from);
      expect({ said: line.text, isThere: at >= from }).toEqual({ said: line.text, isThere: true });
      from = at;
    }
  });

  it('tells how many words there are, and how many in each minute', () => {
    const words = lines.reduce((sum, line) => sum + wordsIn(line.text), 0);
    expect(text).toContain(`${words} words in 10:0`);
    expect(markup).toContain(`Words in each minute: ${wordsByMinute(lines, timeline.totalMs).join(', ')}`);
  });

  it('names nobody’s condition: it is read where all can hear', () => {
    expect(text).not.toMatch(/knee trouble|sore knee|with knee/i);
  });
});
