import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { PLAIN_BRIEF } from '@/core/brief';
import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { REPERTOIRE } from '@/core/forms';
import { ForYouAlone, mindedBy } from './ForYouAlone';

const made = compose({
  brief: { ...PLAIN_BRIEF, minutes: 20, theme: { kind: 'set', set: 'eight-brocades' } },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.5,
});
if (!made.ok) throw new Error('expected a practice');
const { practice } = made;
const sway = practice.items.find(({ formId }) => formId === 'brocade-sway');
if (!sway) throw new Error('expected the swaying brocade');

describe('what is for the teacher alone', () => {
  it('names by initials whom a form is to be minded for, and the condition where nobody is named', () => {
    const named = mindedBy(practice, sway, ['knee', 'high-blood-pressure'], { knee: 'A. B.' });
    const who = named.map((line) => line.who).join('; ');
    expect(who).toContain('A. B.');
    expect(who).not.toContain('knee');
    expect(who.toLowerCase()).toContain('blood pressure');
    expect(mindedBy(practice, sway, [], { knee: 'A. B.' })).toEqual([]);
  });

  it('says each thing once, with all it is for', () => {
    const lines = mindedBy(practice, sway, ['knee', 'new-hip', 'high-blood-pressure'], {});
    expect(new Set(lines.map(({ say }) => say)).size).toBe(lines.length);
  });

  it('shows a teacher’s own note on the form, as plain text', () => {
    const shown = renderToStaticMarkup(
      createElement(ForYouAlone, {
        practice,
        item: sway,
        conditions: [],
        forTeacher: { initials: {}, notes: { 'brocade-sway': 'Slower <by> the window' } },
      }),
    );
    expect(shown).toContain('Slower &lt;by&gt; the window');
    expect(shown).not.toContain('nothing to mind');
  });
});
