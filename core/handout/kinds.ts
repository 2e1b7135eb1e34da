/** What can be handed out. */
export const HANDED = ['practice', 'homework', 'term', 'form', 'channel', 'year', 'log', 'forms'] as const;
export type Handed = (typeof HANDED)[number];

export const OPTIONS = [
  'density',
  'paper',
  'poster',
  'names',
  'language',
  'breaths',
  'alarm',
  'at',
  'turn',
  'light',
  'width',
  'view',
  'table',
] as const;
export type OptionId = (typeof OPTIONS)[number];

/** How what is made is shown before it is kept. */
export type Preview = 'page' | 'text' | 'picture' | 'sound' | 'words';

/** One thing that can be made of something: its name and what it is for; what writes it stands in `handout/makers`. */
export interface HandoutKind {
  readonly id: string;
  readonly of: readonly Handed[];
  readonly group: 'Paper' | 'To move and hear' | 'Calendar' | 'Words' | 'Pictures' | 'Tables' | 'Files';
  readonly label: string;
  /** What it is, in a few words. */
  readonly says: string;
  /** The end of the file’s name, after a full stop. */
  readonly suffix: string;
  readonly mediaType: string;
  readonly preview: Preview;
  readonly options: readonly OptionId[];
  /** Made in the browser’s own worker and not on the server. */
  readonly inBrowser?: true;
  /** Nothing of it can be for others. */
  readonly onlyMe?: true;
}

const PDF = 'application/pdf';
const TEXT = 'text/plain; charset=utf-8';
const JSON_TYPE = 'application/json; charset=utf-8';

// prettier-ignore
export const HANDOUT_KINDS = [
  { id: 'sheet', of: ['practice'], group: 'Paper', label: 'Cue sheet', says: 'to lead from', suffix: 'sheet.pdf', mediaType: PDF, preview: 'page', options: ['density', 'paper', 'names'] },
  { id: 'homework-sheet', of: ['homework', 'practice'], group: 'Paper', label: 'Homework sheet', says: 'large figures, few words, boxes to tick', suffix: 'homework.pdf', mediaType: PDF, preview: 'page', options: ['paper', 'names'] },
  { id: 'poster', of: ['practice'], group: 'Paper', label: 'Scroll poster', says: 'the whole practice, to hang up', suffix: 'poster.pdf', mediaType: PDF, preview: 'page', options: ['poster', 'names'] },
  { id: 'term-sheet', of: ['term'], group: 'Paper', label: 'Term on a page', says: 'week by week', suffix: 'term.pdf', mediaType: PDF, preview: 'page', options: ['paper', 'names'] },
  { id: 'moving', of: ['homework', 'practice'], group: 'To move and hear', label: 'Page that moves', says: 'one file, works without a network', suffix: 'practice.html', mediaType: 'text/html; charset=utf-8', preview: 'page', options: ['turn', 'names'] },
  { id: 'sound', of: ['practice', 'homework'], group: 'To move and hear', label: 'Breath track', says: 'tones for in, out and stay, bells between', suffix: 'breath.wav', mediaType: 'audio/wav', preview: 'sound', options: [], inBrowser: true },
  { id: 'sound-cues', of: ['practice', 'homework'], group: 'To move and hear', label: 'Chapters of the track', says: 'where each form begins in it', suffix: 'breath.cue', mediaType: TEXT, preview: 'text', options: [] },
  { id: 'captions', of: ['practice'], group: 'To move and hear', label: 'Captions', says: 'what is said, for a recording', suffix: 'vtt', mediaType: 'text/vtt; charset=utf-8', preview: 'text', options: ['language', 'breaths'] },
  { id: 'chapters', of: ['practice'], group: 'To move and hear', label: 'Chapters', says: 'the forms, for a recording', suffix: 'chapters.vtt', mediaType: 'text/vtt; charset=utf-8', preview: 'text', options: ['language'] },
  { id: 'calendar', of: ['practice', 'term', 'homework'], group: 'Calendar', label: 'Calendar', says: 'sent again, it updates', suffix: 'ics', mediaType: 'text/calendar; charset=utf-8', preview: 'text', options: ['at', 'alarm', 'names'] },
  { id: 'word', of: ['practice'], group: 'Words', label: 'Word processor', says: 'the cue sheet with its figures, to be changed', suffix: 'docx', mediaType: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document', preview: 'words', options: ['names'], inBrowser: true },
  { id: 'text', of: ['practice'], group: 'Words', label: 'Plain text', says: 'the cue sheet', suffix: 'txt', mediaType: TEXT, preview: 'text', options: ['names'] },
  { id: 'markdown', of: ['practice'], group: 'Words', label: 'Markdown', says: 'the cue sheet', suffix: 'md', mediaType: 'text/markdown; charset=utf-8', preview: 'text', options: ['names'] },
  { id: 'script', of: ['practice'], group: 'Words', label: 'Script', says: 'every word said, with its time', suffix: 'script.txt', mediaType: TEXT, preview: 'text', options: [] },
  { id: 'script-markdown', of: ['practice'], group: 'Words', label: 'Script as Markdown', says: 'a heading a form', suffix: 'script.md', mediaType: 'text/markdown; charset=utf-8', preview: 'text', options: [] },
  { id: 'scroll', of: ['practice'], group: 'Pictures', label: 'Scroll', says: 'the practice at a glance', suffix: 'scroll.svg', mediaType: 'image/svg+xml', preview: 'picture', options: ['light', 'width'] },
  { id: 'figure', of: ['form'], group: 'Pictures', label: 'Figure', says: 'the posture it is known by', suffix: 'figure.svg', mediaType: 'image/svg+xml', preview: 'picture', options: ['light', 'width'] },
  { id: 'form-sheet', of: ['form'], group: 'Pictures', label: 'Form sheet', says: 'its postures in order', suffix: 'form.svg', mediaType: 'image/svg+xml', preview: 'picture', options: ['light', 'width'] },
  { id: 'channel', of: ['channel'], group: 'Pictures', label: 'Channel', says: 'its course and points on the figure', suffix: 'channel.svg', mediaType: 'image/svg+xml', preview: 'picture', options: ['light', 'width', 'view'] },
  { id: 'ring', of: ['year'], group: 'Pictures', label: 'Year ring', says: 'seasons and solar terms of your place', suffix: 'year.svg', mediaType: 'image/svg+xml', preview: 'picture', options: ['light', 'width'] },
  { id: 'order', of: ['practice'], group: 'Tables', label: 'Running order', says: 'a row a form', suffix: 'order', mediaType: TEXT, preview: 'text', options: ['table'] },
  { id: 'log-table', of: ['log'], group: 'Tables', label: 'Classes', says: 'a row a class', suffix: 'classes', mediaType: TEXT, preview: 'text', options: ['table'] },
  { id: 'attendance', of: ['log'], group: 'Tables', label: 'Who came', says: 'a row a person and class', suffix: 'attendance', mediaType: TEXT, preview: 'text', options: ['table'], onlyMe: true },
  { id: 'forms-table', of: ['forms'], group: 'Tables', label: 'Forms', says: 'a row a form', suffix: 'forms', mediaType: TEXT, preview: 'text', options: ['table'] },
  { id: 'coverage', of: ['term'], group: 'Tables', label: 'Coverage', says: 'what the term comes by, and how often', suffix: 'coverage', mediaType: TEXT, preview: 'text', options: ['table'] },
  { id: 'term-table', of: ['term'], group: 'Tables', label: 'Weeks', says: 'a row a week', suffix: 'weeks', mediaType: TEXT, preview: 'text', options: ['table', 'names'] },
  { id: 'file', of: ['practice'], group: 'Files', label: 'Our own file', says: 'to be opened here again', suffix: 'practice.json', mediaType: JSON_TYPE, preview: 'text', options: [] },
  { id: 'form-file', of: ['form'], group: 'Files', label: 'Our own file', says: 'to be opened here again', suffix: 'forms.json', mediaType: JSON_TYPE, preview: 'text', options: [] },
] as const satisfies readonly HandoutKind[];
export type HandoutId = (typeof HANDOUT_KINDS)[number]['id'];

export const kindsOf = (handed: Handed): readonly HandoutKind[] =>
  (HANDOUT_KINDS as readonly HandoutKind[]).filter(({ of }) => of.includes(handed));

export const kindOf = (handed: Handed, id: string): HandoutKind | undefined =>
  kindsOf(handed).find((kind) => kind.id === id);
