import { draftedFor } from './formats.test.data';
import { writeScriptMarkdown, writeScriptText } from './scriptText';
import { markdownText } from './sheetText';

const { practice, timeline, script } = draftedFor();
const forms = timeline.items.map(({ startMs, itemIndex }) => ({
  startMs,
  name: practice.forms[practice.items[itemIndex]?.formId ?? '']?.name ?? '?',
}));
const spoken = script.filter(({ kind, text }) => kind !== 'quiet' && text !== '');

describe('the script in words', () => {
  it('says every line in its order, as text and as Markdown', () => {
    const text = writeScriptText('A title', script, ['Stop.'], 'people');
    const markdown = writeScriptMarkdown('A title', script, forms, ['Stop.'], 'me');
    let [inText, inMarkdown] = [0, 0];
    for (const { text: line } of spoken) {
      inText = text.indexOf(line, inText);
      inMarkdown = markdown.indexOf(markdownText(line), inMarkdown);
      expect([line, inText >= 0, inMarkdown >= 0]).toEqual([line, true, true]);
    }
    expect(text).toContain('To be handed on');
    expect(markdown).toContain('For the teacher alone');
    expect(markdown.match(/^## /gm)).toHaveLength(forms.length);
  });
});

describe('text within Markdown', () => {
  it.each([
    // What CommonMark 0.31 would read as emphasis, a heading, a list, a quote, a link or a tag.
    ['*loud* _soft_', '\\*loud\\* \\_soft\\_'],
    ['# not a heading', '\\# not a heading'],
    ['1. not a list', '1\\. not a list'],
    ['- not a list', '\\- not a list'],
    ['> <b>', '\\> \\<b\\>'],
    ['[a](b)', '\\[a\\](b)'],
    ['plain, with a dash - and 2 + 2', 'plain, with a dash - and 2 + 2'],
  ])('%s', (text, wanted) => expect(markdownText(text)).toBe(wanted));
});
