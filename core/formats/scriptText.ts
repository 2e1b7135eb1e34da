import { AUDIENCE_WORDS, type Audience } from '../handout/audience';
import type { ScriptLine } from '../script';
import { clockOf } from './clock';
import { markdownText } from './sheetText';

/** A quiet of so many ms or more is written as one. */
const QUIET_MS = 10_000;

/** What is said from beginning to end with its times, as plain text; a quiet of ten seconds or more is written as one. */
export function writeScriptText(
  title: string,
  lines: readonly ScriptLine[],
  foot: readonly string[],
  audience: Audience,
): string {
  const said = lines.flatMap(({ kind, startMs, lengthMs, text }) => {
    if (kind !== 'quiet') return [`${clockOf(startMs).padStart(5)}  ${text}`];
    return lengthMs >= QUIET_MS ? [`${clockOf(startMs).padStart(5)}  (quiet, ${clockOf(lengthMs)} min)`] : [];
  });
  return `${[title, '='.repeat([...title].length), '', ...said, '', ...foot, AUDIENCE_WORDS[audience]].join('\n')}\n`;
}

/** The same as Markdown (CommonMark), a heading for each form: whatever a person typed is text, never markup. */
export function writeScriptMarkdown(
  title: string,
  lines: readonly ScriptLine[],
  forms: readonly { readonly name: string; readonly startMs: number }[],
  foot: readonly string[],
  audience: Audience,
): string {
  const parts = forms.flatMap(({ name, startMs }, index) => {
    const until = forms[index + 1]?.startMs ?? Infinity;
    const within = lines.filter((line) => line.startMs >= startMs && line.startMs < until);
    const said = within.flatMap(({ kind, lengthMs, text }) => {
      if (kind !== 'quiet') return [markdownText(text)];
      return lengthMs >= QUIET_MS ? [`*(quiet, ${clockOf(lengthMs)} min)*`] : [];
    });
    return [`## ${clockOf(startMs)} ${markdownText(name)}`, ...said];
  });
  return `${[`# ${markdownText(title)}`, ...parts, '---', ...foot.map(markdownText), markdownText(AUDIENCE_WORDS[audience])].join('\n\n')}\n`;
}
