import { AUDIENCE_WORDS } from '../handout/audience';
import { careLine, type Sheet, type SheetCue, type SheetRow } from '../handout/sheet';
import { phaseName } from '../phases';
import { clockOf } from './clock';

const cueText = ({ breath, sound, text }: SheetCue): string =>
  `${breath}: ${sound ? `${sound.written}${sound.hanzi ? ` ${sound.hanzi}` : ''}, ` : ''}${text}`;

/** What stands under the name of a form: how much, in which order the sides go, how long, by the mouth or not. */
export const doseLine = ({ dose, sides, lengthMs, byMouth }: SheetRow): string =>
  [[dose, sides].filter(Boolean).join(' '), `${clockOf(lengthMs)} min`, byMouth ? 'exhale by the mouth' : '']
    .filter(Boolean)
    .join('; ');

export const nameLine = ({ name, pinyin, hanzi }: SheetRow): string =>
  [name, pinyin && `(${pinyin})`, hanzi].filter(Boolean).join(' ');

function rowText(row: SheetRow): string {
  const care = careLine(row);
  return [
    `${clockOf(row.startMs).padStart(5)}  ${nameLine(row)}`,
    `       ${doseLine(row)}`,
    ...row.before.map((line) => `       “${line}”`),
    ...row.cues.map((cue) => `       ${cueText(cue)}`),
    ...[...row.extras, ...row.after.map((line) => `“${line}”`)].map((line) => `       ${line}`),
    ...(care === '' ? [] : [`       Care: ${care}`]),
    ...(row.note === undefined ? [] : [`       For yourself: ${row.note}`]),
  ].join('\n');
}

/** A cue sheet as plain text, UTF-8, one line an entry: to be read anywhere. */
export function writeSheetText(sheet: Sheet): string {
  const about = [phaseName(sheet.phase).name, ...sheet.about].join(' · ');
  const head = [sheet.title, '='.repeat([...sheet.title].length), about];
  const sections = sheet.sections.map(({ name, lengthMs, rows }) =>
    [`${name}, ${clockOf(lengthMs)} min`, ...rows.map(rowText)].join('\n'),
  );
  return `${[
    [
      ...head,
      ...(sheet.chosen ? [sheet.chosen] : []),
      ...(sheet.intention ? [sheet.intention] : []),
      sheet.tradition,
    ].join('\n'),
    ...sections,
    [...sheet.foot, AUDIENCE_WORDS[sheet.audience]].join('\n'),
  ].join('\n\n')}\n`;
}

/** What Markdown would read as its own signs, and what a page made of it would read as markup. */
export const markdownText = (text: string): string =>
  text
    .replace(/[\\`*_{}[\]<>#|~&]/g, (sign) => `\\${sign}`)
    .replace(/^(\d+)([.)])/, '$1\\$2')
    .replace(/^([-+=])/, '\\$1');

function rowMarkdown(row: SheetRow): string {
  const care = careLine(row);
  const item = (text: string): string => `- ${text}`;
  return [
    `### ${clockOf(row.startMs)} ${markdownText(nameLine(row))}`,
    '',
    markdownText(doseLine(row)),
    '',
    ...row.before.map((line) => item(`*${markdownText(line)}*`)),
    ...row.cues.map(({ breath, sound, text }) =>
      item(
        `*${breath}* ${sound ? `**${markdownText([sound.written, sound.hanzi].filter(Boolean).join(' '))}** ` : ''}${markdownText(text)}`,
      ),
    ),
    ...row.extras.map((line) => item(markdownText(line))),
    ...row.after.map((line) => item(`*${markdownText(line)}*`)),
    ...(care === '' ? [] : [item(`Care: ${markdownText(care)}`)]),
    ...(row.note === undefined ? [] : [item(`For yourself: ${markdownText(row.note)}`)]),
  ].join('\n');
}

/** A cue sheet as Markdown (CommonMark): whatever a person typed is text, never markup. */
export function writeSheetMarkdown(sheet: Sheet): string {
  const about = [phaseName(sheet.phase).name, ...sheet.about].join(' · ');
  return `${[
    `# ${markdownText(sheet.title)}`,
    markdownText(about),
    ...(sheet.chosen ? [markdownText(sheet.chosen)] : []),
    ...(sheet.intention ? [`> ${markdownText(sheet.intention)}`] : []),
    markdownText(sheet.tradition),
    ...sheet.sections.flatMap(({ name, lengthMs, rows }) => [
      `## ${markdownText(name)} · ${clockOf(lengthMs)} min`,
      ...rows.map(rowMarkdown),
    ]),
    '---',
    ...sheet.foot.map(markdownText),
    markdownText(AUDIENCE_WORDS[sheet.audience]),
  ].join('\n\n')}\n`;
}
