import { themePhase } from '@/core/brief';
import { nameOf } from '@/core/forms';
import type { Audience } from '@/core/handout/audience';
import type { HomeworkForm, HomeworkSheet, TickWeek } from '@/core/handout/homeworkSheet';
import { dayAfter } from '@/core/term/calendar';
import type { ConditionId } from '@/core/people';
import { compile, formOf, type Item, type Practice } from '@/core/practice';
import { AFTERWARDS } from '@/core/script';
import { careOf, careText } from '@/ui/words/cautions';
import { FOR_EVERYONE } from '@/ui/words/cautionSentences';
import { doseInBreaths } from '@/ui/words/doses';
import { sheetOf } from '@/ui/sheet/sheetOf';
import { dateText, plural } from '@/ui/kit/time';

/** How often it is asked for; nothing where it is handed to a group as it is. */
export interface Prescribed {
  readonly daysAWeek: number;
  /** Days of the civil calendar, both within. */
  readonly first: string;
  readonly weeks: number;
}

export interface HomeworkSheetAsked {
  readonly audience: Audience;
  /** Of the one it is for; undefined where nobody in particular, and then every usual caution speaks with its condition. */
  readonly conditions: readonly ConditionId[] | undefined;
  readonly isForOne: boolean;
  readonly prescribed: Prescribed | undefined;
  readonly chosen: string | undefined;
}

/** Ticks for so many weeks at most: they stand on one page. */
const MOST_WEEKS = 12;
const LETTERS = ['S', 'M', 'T', 'W', 'T', 'F', 'S'] as const;

const dayText = (day: string, as: 'date' | 'dayMonth'): string =>
  dateText(Date.parse(`${day}T12:00:00Z`), 'UTC', as);

const weeksOf = ({ first, weeks }: Prescribed): readonly TickWeek[] =>
  Array.from({ length: Math.min(MOST_WEEKS, weeks) }, (_, week) => {
    const from = dayAfter(first, 7 * week);
    const days = Array.from({ length: 7 }, (__, index) => {
      const day = dayAfter(from, index);
      return { day, letter: LETTERS[new Date(`${day}T00:00:00Z`).getUTCDay()] ?? '' };
    });
    return { first: from, label: `from ${dayText(from, 'dayMonth')}`, days };
  });

const howText = ({ daysAWeek, first, weeks }: Prescribed): string =>
  `${daysAWeek === 7 ? 'Every day' : `${plural(daysAWeek, 'day')} a week`} for ${plural(weeks, 'week')}, from ${dayText(first, 'date')}.`;

/** How many strokes are written out: what is longer is shown by the figure. */
const MOST_WORDS = 4;

function mindOf(
  practice: Practice,
  item: Item,
  { conditions, isForOne }: HomeworkSheetAsked,
): readonly string[] {
  const lines = careOf(formOf(practice, item), item, conditions);
  // On one’s own sheet nothing says why: it is what one does that is written.
  return [...new Set(lines.map((line) => (isForOne ? line.say : careText(line))))];
}

/** A practice to be done at home, made from the same timeline and the same sentences as the teacher's sheet. */
export function homeworkSheetOf(practice: Practice, asked: HomeworkSheetAsked): HomeworkSheet {
  const timeline = compile(practice);
  const sheet = sheetOf(practice, { conditions: asked.conditions, audience: asked.audience, timeline });
  const rows = sheet.sections.flatMap(({ rows: ofSection }) => ofSection);
  const forms = practice.items.flatMap((item, index): readonly HomeworkForm[] => {
    const [row, span] = [rows.find(({ id }) => id === item.id), timeline.items[index]];
    if (!row || !span || item.passage !== undefined) return [];
    const form = formOf(practice, item);
    return [
      {
        id: item.id,
        name: nameOf(form, item.variant),
        hanzi: form.hanzi,
        pinyin: form.pinyin,
        dose: doseInBreaths(form, item),
        words: row.cues.slice(0, MOST_WORDS).map(({ breath, text }) => ({ breath, text })),
        sound: row.cues.find(({ sound }) => sound)?.sound?.written,
        mind: mindOf(practice, item, asked),
        form,
        variant: item.variant,
        repetitions: item.repetitions,
        lengthMs: span.lengthMs,
      },
    ];
  });
  return {
    title: practice.name,
    audience: asked.audience,
    phase: themePhase(practice.brief.theme),
    chosen: asked.chosen,
    intention: practice.story?.intention,
    minutes: Math.max(1, Math.round(timeline.totalMs / 60_000)),
    how: asked.prescribed ? howText(asked.prescribed) : '',
    forms,
    weeks: asked.prescribed ? weeksOf(asked.prescribed) : [],
    foot: [
      'Breathe as it is easy; nothing is forced, and a breath is never held against the wish for air.',
      FOR_EVERYONE,
      AFTERWARDS,
    ],
  };
}
