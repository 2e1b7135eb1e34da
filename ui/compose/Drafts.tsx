'use client';

import { useEffect, useMemo, useState } from 'react';
import { goalsOf } from '@/core/body';
import { themePhase } from '@/core/brief';
import type { ChannelId } from '@/core/channels';
import {
  channelTimes,
  comingAgain,
  effortCurve,
  likeness,
  type CharacterDraft,
  type Composed,
} from '@/core/compose';
import { ROLES, type Role } from '@/core/forms';
import { compile, type Practice, type Timeline } from '@/core/practice';
import { QuantityCharts } from '@/ui/charts/QuantityCharts';
import { figureMarkup } from '@/ui/figure/markup';
import { FRAMES } from '@/ui/figure/frames';
import { overlayMarkup } from '@/ui/figure/overlay';
import { Thumbnail } from '@/ui/figure/Thumbnail';
import { VIEWS } from '@/ui/figure/view';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { clockText, plural } from '@/ui/kit/time';
import { OwnScroll } from '@/ui/scroll/OwnScroll';
import { round } from '@/ui/score/brush';
import { ROLE_NAMES } from '@/ui/words/names';
import { Sheet } from '@/ui/kit/Sheet';

const CHARACTER_WORDS = {
  'as-asked': { name: 'As it stands', line: 'what is on the table now' },
  gentler: { name: 'Gentler', line: 'low effort, arms and legs spared' },
  fuller: { name: 'Fuller', line: 'more forms, each for a shorter while' },
  plainer: { name: 'Plainer', line: 'few easy forms, done longer, one stance' },
} as const;

/** So many channels are told and drawn. */
const MOST_CHANNELS = 5;
const WIDTH = 300;
const FIGURE_PX = 50;
const EFFORT_TALL = 26;

interface Column {
  readonly key: keyof typeof CHARACTER_WORDS;
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly draft: Composed | undefined;
}

/** The scroll of a draft over its effort, on one width, so that the columns can be laid against each other. */
function Shape({ practice, timeline }: { practice: Practice; timeline: Timeline }) {
  const ink = PHASE_VAR[themePhase(practice.brief.theme)];
  const steps = useMemo(() => {
    const x = (ms: number): number => (ms / Math.max(1, timeline.totalMs)) * WIDTH;
    const effort = effortCurve(practice, timeline)
      .map(({ startMs, lengthMs, effort: value }) => {
        const at = round(EFFORT_TALL - value * (EFFORT_TALL - 3));
        return `L${round(x(startMs))} ${at}L${round(x(startMs + lengthMs))} ${at}`;
      })
      .join('');
    return `M0 ${EFFORT_TALL}${effort}L${WIDTH} ${EFFORT_TALL}Z`;
  }, [practice, timeline]);
  return (
    <>
      <OwnScroll practice={practice} timeline={timeline} figurePx={FIGURE_PX} ink={ink} />
      <svg
        viewBox={`0 0 ${WIDTH} ${EFFORT_TALL + 1}`}
        preserveAspectRatio="none"
        className="h-[26px] w-full"
        role="img"
        aria-label="The effort, form by form"
      >
        <path
          d={steps}
          fill="var(--ink)"
          fillOpacity={0.28}
          stroke="var(--ink)"
          strokeWidth={0.8}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
    </>
  );
}

/** On a narrow screen a row is two columns under its own label; on a wide one it is a row of the table. */
const ROW = 'max-sm:grid max-sm:grid-cols-2';
const LABEL = 'caption pr-3 text-left font-medium max-sm:col-span-2 max-sm:pb-0';
const cell = (key: string, beside: string): string =>
  `py-1.5 pr-4 ${key === 'as-asked' || key === beside ? '' : 'max-sm:hidden'}`;

/** One section of every draft side by side: its time, its forms; what the present draft has not is set bold. */
function SectionRow({
  role,
  columns,
  beside,
  here,
}: {
  role: Role;
  columns: readonly Column[];
  beside: string;
  here: ReadonlySet<string>;
}) {
  return (
    <tr className={`${ROW} border-t border-hairline align-top`}>
      <th scope="row" className={`${LABEL} py-1.5`}>
        {ROLE_NAMES[role]}
      </th>
      {columns.map(({ key, practice, timeline }) => {
        const items = practice.items.filter((item) => item.role === role);
        const ms = timeline.sections
          .filter((one) => one.role === role)
          .reduce((sum, one) => sum + one.lengthMs, 0);
        return (
          <td key={key} className={cell(key, beside)}>
            <span className="quiet figures float-right ml-2">{ms > 0 ? clockText(ms) : '—'}</span>
            <ul>
              {items.map((item) => (
                <li key={item.id} className={here.has(item.formId) ? '' : 'font-bold'}>
                  {practice.forms[item.formId]?.name ?? item.formId}{' '}
                  <span className="quiet figures font-normal">{item.repetitions}×</span>
                </li>
              ))}
            </ul>
          </td>
        );
      })}
    </tr>
  );
}

/** How much of a draft is that of the one on the table, and of the last class. */
function likenessText(
  one: Practice,
  present: Practice | undefined,
  recent: readonly (readonly string[])[] | undefined,
): string {
  const last = comingAgain(one, recent);
  const parts = [
    ...(present ? [`${Math.round(100 * likeness(one, present))} % of the heart alike`] : []),
    ...(last ? [`${last.again} of the ${last.of} forms of last time`] : []),
  ];
  return parts.join(', ') || '—';
}

/** The channels a draft reaches most, on a standing figure, from in front and from behind. */
function ReachFigures({ practice, timeline }: { practice: Practice; timeline: Timeline }) {
  const markup = useMemo(() => {
    const channels = channelTimes(practice, timeline)
      .slice(0, MOST_CHANNELS)
      .map(({ channel }) => channel as ChannelId);
    const standing = goalsOf({});
    return [VIEWS.front, VIEWS.back].map((view) =>
      figureMarkup(standing, view, {
        line: 3,
        detail: 'folds',
        over: (skeleton, camera) => overlayMarkup(skeleton, camera, { channels, points: [], fine: 2.6 }),
      }),
    );
  }, [practice, timeline]);
  return (
    <div className="flex gap-1 sm:gap-2" aria-hidden>
      {markup.map((html, index) => (
        <svg
          key={index}
          className="fig h-[6.6rem] w-[4.3rem] sm:h-[9.4rem] sm:w-[6.25rem]"
          viewBox={FRAMES.close}
        >
          <g dangerouslySetInnerHTML={{ __html: html }} />
        </svg>
      ))}
    </div>
  );
}

/** The figures that carry the theme of a draft. */
function Carriers({ practice }: { practice: Practice }) {
  const ids = [
    ...new Set(
      practice.items.filter((item) => item.role === 'nourish' && !item.hinge).map((item) => item.formId),
    ),
  ];
  return (
    <div className="flex gap-1 overflow-hidden">
      {ids.slice(0, 5).map((id) => {
        const form = practice.forms[id];
        return (
          form && (
            <Thumbnail key={id} form={form} height={64} sash={PHASE_VAR[themePhase(practice.brief.theme)]} />
          )
        );
      })}
    </div>
  );
}

interface Props {
  readonly practice: Practice;
  /** Forms of the last classes of the same people, newest first. */
  readonly recent: readonly (readonly string[])[] | undefined;
  readonly ask: (
    onMore: (drafts: readonly CharacterDraft[]) => void,
  ) => Promise<readonly CharacterDraft[] | undefined>;
  readonly onTake: (draft: Composed, name: string) => void;
  readonly onClose: () => void;
}

/** The drafts laid beside each other, a row for each thing they are compared by. */
function DraftsTable({
  practice,
  recent,
  columns,
  beside,
  onTake,
}: Pick<Props, 'practice' | 'recent' | 'onTake'> & { columns: readonly Column[]; beside: string }) {
  const here = useMemo(() => new Set(practice.items.map((item) => item.formId)), [practice]);
  const roles = ROLES.filter((role) =>
    columns.some((column) => column.practice.items.some((item) => item.role === role)),
  );
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Drafts side by side">
      <table className="mt-2 w-full table-fixed text-[0.94rem] leading-snug max-sm:block sm:min-w-[56rem]">
        <colgroup>
          <col className="w-24" />
          {columns.map(({ key }) => (
            <col key={key} />
          ))}
        </colgroup>
        <thead className="max-sm:block">
          <tr className={`${ROW} align-bottom`}>
            <td className="max-sm:hidden" />
            {columns.map(({ key, draft }) => (
              <th key={key} scope="col" className={`text-left font-normal ${cell(key, beside)}`}>
                <span className="font-serif text-[1.3rem] font-medium">{CHARACTER_WORDS[key].name}</span>
                <span className="quiet small block">{CHARACTER_WORDS[key].line}</span>
                {draft && (
                  <button
                    type="button"
                    className="press mt-1.5"
                    onClick={() => onTake(draft, CHARACTER_WORDS[key].name)}
                  >
                    Take the {CHARACTER_WORDS[key].name.toLowerCase()} one
                  </button>
                )}
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="max-sm:block">
          <tr className={`${ROW} align-bottom`}>
            <th scope="row" className={LABEL}>
              breath, effort
            </th>
            {columns.map((column) => (
              <td key={column.key} className={cell(column.key, beside)}>
                <Shape practice={column.practice} timeline={column.timeline} />
              </td>
            ))}
          </tr>
          <tr className={`${ROW} border-t border-hairline align-top`}>
            <th scope="row" className={`${LABEL} py-1.5`}>
              in all
            </th>
            {columns.map(({ key, practice: one, timeline }) => (
              <td key={key} className={`figures ${cell(key, beside)}`}>
                {clockText(timeline.totalMs)} min,{' '}
                {plural(one.items.filter((item) => !item.hinge).length, 'form')},{' '}
                {plural(timeline.breaths, 'breath')}
              </td>
            ))}
          </tr>
          <tr className={`${ROW} border-t border-hairline align-top`}>
            <th scope="row" className={`${LABEL} py-1.5`}>
              likeness
            </th>
            {columns.map(({ key, practice: one }) => (
              <td key={key} className={`figures ${cell(key, beside)}`}>
                {likenessText(one, key === 'as-asked' ? undefined : practice, recent)}
              </td>
            ))}
          </tr>
          <tr className={`${ROW} border-t border-hairline align-top`}>
            <th scope="row" className={`${LABEL} py-1.5`}>
              reaches most
            </th>
            {columns.map(({ key, practice: one, timeline }) => (
              <td key={key} className={`figures ${cell(key, beside)}`}>
                <ReachFigures practice={one} timeline={timeline} />
                {channelTimes(one, timeline)
                  .slice(0, MOST_CHANNELS)
                  .map(({ channel, ms }) => `${channel} ${Math.max(1, Math.round(ms / 60_000))} min`)
                  .join(', ')}
              </td>
            ))}
          </tr>
          <tr className={`${ROW} border-t border-hairline`}>
            <th scope="row" className={`${LABEL} py-1.5`}>
              the heart
            </th>
            {columns.map((column) => (
              <td key={column.key} className={cell(column.key, beside)}>
                <Carriers practice={column.practice} />
              </td>
            ))}
          </tr>
          {roles.map((role) => (
            <SectionRow key={role} role={role} columns={columns} beside={beside} here={here} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Three drafts that truly differ, beside the present one, line by line. */
export function Drafts({ practice, recent, ask, onTake, onClose }: Props) {
  const [drafts, setDrafts] = useState<readonly CharacterDraft[]>([]);
  const [done, setDone] = useState(false);
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  // Where there is room for two only, one of the drafts stands beside the present one.
  const beside = chosen ?? drafts[0]?.character ?? '';
  useEffect(() => {
    let wanted = true;
    void ask((more) => wanted && setDrafts(more)).then((all) => {
      if (!wanted) return;
      if (all) setDrafts(all);
      setDone(true);
    });
    return () => {
      wanted = false;
    };
  }, [ask]);
  const columns = useMemo((): readonly Column[] => {
    const present: Column = { key: 'as-asked', practice, timeline: compile(practice), draft: undefined };
    return [
      present,
      ...drafts.map(({ character, draft }): Column => ({
        key: character,
        practice: draft.practice,
        timeline: draft.timeline,
        draft,
      })),
    ];
  }, [drafts, practice]);
  const drawn = useMemo(
    () => columns.map(({ key, practice: one }) => ({ name: CHARACTER_WORDS[key].name, practice: one })),
    [columns],
  );
  return (
    <Sheet title="Three other drafts" wide onClose={onClose}>
      <p className="quiet small" role="status">
        {done
          ? `${plural(drafts.length, 'draft')} beside the one on the table. Bold is what that one has not.`
          : 'Drafting …'}
      </p>
      {drafts.length > 1 && (
        <fieldset className="mt-1 flex flex-wrap gap-x-4 sm:hidden">
          <legend className="sr-only">Which draft to compare</legend>
          {drafts.map(({ character }) => (
            <label key={character} className="inline-flex min-h-8 items-center gap-1.5">
              <input
                type="radio"
                name="beside"
                className="accent-ink"
                checked={beside === character}
                onChange={() => setChosen(character)}
              />
              {CHARACTER_WORDS[character].name}
            </label>
          ))}
        </fieldset>
      )}
      <DraftsTable practice={practice} recent={recent} columns={columns} beside={beside} onTake={onTake} />
      <QuantityCharts practices={drawn} />
    </Sheet>
  );
}
