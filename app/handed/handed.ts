import { CHANNEL_IDS, type ChannelId } from '@/core/channels';
import { channel } from '@/core/channels';
import { organ } from '@/core/phases';
import { writeFormFile } from '@/core/formats';
import type { Handed, HandoutId } from '@/core/handout/kinds';
import type { HandoutAsked } from '@/core/handout/asked';
import { channelPicture, figurePicture, formPicture } from '@/handout/drawing/pictures';
import { PRACTICE_MAKERS, type Made } from '@/handout/practiceMakers';
import { tableMade } from '@/handout/tableMade';
import { TERM_MAKERS } from '@/handout/termMakers';
import { readCustoms } from '@/server/customs';
import { readRepertoire } from '@/server/forms';
import type { OwnQueries } from '@/server/sql';
import { attendanceTable, formsTable, logTable } from '@/server/tables';
import { chosenHere } from '@/ui/kit/chosenHere';
import { homeworkContent, practiceContent } from './practice';
import { ringPicture } from './ring';
import { termContent } from './term';

/** What is asked for, and of what. */
interface Wanted {
  readonly id: string;
  readonly as: HandoutId;
  readonly asked: HandoutAsked;
  readonly nowMs: number;
}

/** Something made, and what its file is called after. */
export interface HandedOut {
  readonly name: string;
  readonly make: () => Made | Promise<Made>;
}

type Hander = (queries: OwnQueries, wanted: Wanted) => Promise<HandedOut | undefined>;

const isChannel = (id: string): id is ChannelId => (CHANNEL_IDS as readonly string[]).includes(id);

/** How each thing is got ready; nothing where there is none, or it is not made on the server. */
export const HANDERS: Readonly<Record<Handed, Hander>> = {
  practice: async (queries, { id, as, asked, nowMs }) => {
    const maker = PRACTICE_MAKERS[as];
    const handed = maker && (await practiceContent(queries, id, asked, nowMs));
    return handed && { name: handed.name, make: () => maker(handed.content, asked) };
  },
  homework: async (queries, { id, as, asked, nowMs }) => {
    const maker = PRACTICE_MAKERS[as];
    const handed = maker && (await homeworkContent(queries, id, asked, nowMs));
    return handed && { name: handed.name, make: () => maker(handed.content, asked) };
  },
  term: async (queries, { id, as, asked, nowMs }) => {
    const maker = TERM_MAKERS[as];
    const handed = maker && (await termContent(queries, id, asked, nowMs));
    return handed && { name: handed.name, make: () => maker(handed.content, asked) };
  },
  form: async (queries, { id, as, asked }) => {
    const form = (await readRepertoire(queries)).find((one) => one.id === id);
    if (!form) return undefined;
    chosenHere(await readCustoms(queries));
    const phase = form.soundOrgan ? organ(form.soundOrgan).phase : undefined;
    const wish = { light: asked.light, widthPx: asked.width };
    const made = {
      figure: () => figurePicture(form, phase, wish),
      'form-sheet': () => formPicture(form, phase, wish),
      'form-file': () => writeFormFile([form]),
    };
    return as === 'figure' || as === 'form-sheet' || as === 'form-file'
      ? { name: form.name, make: made[as] }
      : undefined;
  },
  channel: async (queries, { id, asked }) => {
    if (!isChannel(id)) return undefined;
    chosenHere(await readCustoms(queries));
    return {
      name: `${channel(id).name} ${id}`,
      make: () => channelPicture(id, asked.view, { light: asked.light, widthPx: asked.width }),
    };
  },
  year: async (queries, { asked, nowMs }) => {
    const customs = await readCustoms(queries);
    return {
      name: 'Year',
      make: () => ringPicture(customs, nowMs, { light: asked.light, widthPx: asked.width }),
    };
  },
  log: async (queries, { as, asked }) => {
    const { zone } = (await readCustoms(queries)).place;
    if (as === 'attendance')
      return asked.for === 'me'
        ? { name: 'Who came', make: async () => tableMade(await attendanceTable(queries, zone), asked) }
        : undefined;
    return { name: 'Classes', make: async () => tableMade(await logTable(queries, zone, asked.for), asked) };
  },
  forms: async (queries, { asked }) => {
    const forms = await readRepertoire(queries);
    return { name: 'Forms', make: () => tableMade(formsTable(forms), asked) };
  },
};
