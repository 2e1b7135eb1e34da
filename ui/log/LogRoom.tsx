import { PHASE_IDS, phaseName, type PhaseId } from '@/core/phases';
import Link from 'next/link';
import type { ClassRecord } from '@/core/lead';
import { clockText, dateText, plural } from '@/ui/kit/time';
import { endedText, happenedText } from '@/ui/words/happened';
import { AddByHand } from './AddByHand';
import { Came } from './Came';
import { YearLine } from './YearLine';
import type { yearOf } from './yearOf';
import { PlannedReal } from './PlannedReal';
import { TakeOut } from './TakeOut';
import { WordsOfClass } from './WordsOfClass';

export interface LogEntry {
  readonly id: string;
  readonly practiceId: string;
  readonly practiceName: string;
  readonly groupName: string | undefined;
  readonly startedAtMs: number;
  readonly record: ClassRecord;
  readonly note: string;
  readonly ledBy: string;
  /** Who came; nothing where that was never said, or while nothing private is shown. */
  readonly came: { readonly present: readonly string[]; readonly others: number } | undefined;
}

const signed = (ms: number): string =>
  Math.abs(ms) < 500 ? 'as planned' : `${clockText(Math.abs(ms))} ${ms > 0 ? 'longer' : 'shorter'}`;

/** What was done while it was led, as it happened. */
function Happened({ record }: { record: ClassRecord }) {
  const told = happenedText(record);
  if (told.length === 0) return null;
  return (
    <section className="small mt-2" aria-label="What happened">
      <h3 className="caption">what happened</h3>
      <ol>
        {told.map((line, index) => (
          <li key={index} className="figures">
            {line}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** How long was talked, was quiet, stood still and was stayed in, as it really was; nothing of an older log that did not tell. */
function Real({ record }: { record: ClassRecord }) {
  const sum = (pick: (item: ClassRecord['items'][number]) => number | undefined): number =>
    record.items.reduce((total, item) => total + (pick(item) ?? 0), 0);
  const told = [
    { name: 'talk before forms', ms: sum(({ talkMs }) => talkMs) },
    { name: 'quiet', ms: sum(({ quietMs }) => quietMs) },
    { name: 'stood still', ms: record.stoodMs ?? 0 },
    { name: 'stayed in a form', ms: record.stayedMs ?? 0 },
  ].filter(({ ms }) => ms >= 1000);
  if (told.length === 0) return null;
  return (
    <p className="small">
      {told.map(({ name, ms }, index) => (
        <span key={name}>
          {index > 0 && ', '}
          <span className="quiet">{name}</span> <span className="figures">{clockText(ms)} min</span>
        </span>
      ))}
    </p>
  );
}

/** How many came, who they were, and the ticks to say so. */
function CameLine({ entry, people }: { entry: LogEntry; people: NonNullable<LogRoomProps['people']> }) {
  const { present = [], others = 0 } = entry.came ?? {};
  const names = people.filter(({ id }) => present.includes(id)).map(({ name }) => name);
  return (
    <div className="small">
      {entry.came && (
        <p>
          <span className="quiet">came</span> <span className="figures">{present.length + others}</span>
          {names.length > 0 && `: ${names.join(', ')}`}
          {names.length > 0 && others > 0 && ` and ${plural(others, 'other')}`}
        </p>
      )}
      <Came
        classId={entry.id}
        // Those who were there stand first.
        people={people.toSorted((a, b) => Number(present.includes(b.id)) - Number(present.includes(a.id)))}
        present={present}
        others={others}
      />
    </div>
  );
}

interface Wishes {
  readonly group: string;
  readonly month: string;
  readonly phase: PhaseId | '';
  readonly person: string;
  readonly words: string;
}

/** The address of the log as it is asked for, from a class on where one is named. */
function logAddress(
  { group, month, phase, person, words }: Wishes,
  after?: { readonly startedAtMs: number; readonly id: string },
): string {
  const asked = new URLSearchParams(
    Object.entries({ group, month, phase, person, words }).filter(([, value]) => value !== ''),
  );
  if (after) asked.set('after', `${after.startedAtMs}-${after.id}`);
  const query = asked.toString();
  return query === '' ? '/log' : `/log?${query}`;
}

const monthText = (month: string): string => {
  const [year = 0, of = 1] = month.split('-').map(Number);
  return dateText(Date.UTC(year, of - 1, 1), 'UTC', 'month');
};

/** What is looked for: an address of its own, so that it can be kept and gone back to. */
function LogSearch({
  groups,
  months,
  people = [],
  wishes,
}: Pick<LogRoomProps, 'groups' | 'months' | 'people' | 'wishes'>) {
  return (
    <form action="/log" method="get" className="my-4 flex flex-wrap items-end gap-x-4 gap-y-2" role="search">
      <label className="min-w-0 flex-1 basis-64">
        <span className="quiet small block">words: a practice, a form, a note, who led</span>
        <input className="field" name="words" type="search" maxLength={80} defaultValue={wishes.words} />
      </label>
      <label>
        <span className="quiet small block">for</span>
        <select className="field" name="group" aria-label="for whom" defaultValue={wishes.group}>
          <option value="">everyone</option>
          <option value="myself">myself</option>
          {groups.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {people.length > 0 && (
        <label>
          <span className="quiet small block">with</span>
          <select className="field" name="person" aria-label="with whom" defaultValue={wishes.person}>
            <option value="">anybody</option>
            {people.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
      <label>
        <span className="quiet small block">in</span>
        <select className="field" name="month" aria-label="in which month" defaultValue={wishes.month}>
          <option value="">any month</option>
          {months.map(({ month, classes }) => (
            <option key={month} value={month}>
              {monthText(month)} ({classes})
            </option>
          ))}
        </select>
      </label>
      <label>
        <span className="quiet small block">about</span>
        <select className="field" name="phase" aria-label="about which phase" defaultValue={wishes.phase}>
          <option value="">anything</option>
          {PHASE_IDS.map((id) => (
            <option key={id} value={id}>
              {phaseName(id).hanzi} {phaseName(id).name}
            </option>
          ))}
        </select>
      </label>
      <button type="submit" className="press">
        Look
      </button>
      {Object.values(wishes).some((one) => one !== '') && (
        <Link className="press-plain" href="/log">
          All of it
        </Link>
      )}
    </form>
  );
}

interface LogRoomProps {
  readonly entries: readonly LogEntry[];
  readonly zone: string;
  readonly months: readonly { readonly month: string; readonly classes: number }[];
  readonly year: ReturnType<typeof yearOf>;
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  /** Everyone who is written down; nothing while nothing private is shown. */
  readonly people: readonly { readonly id: string; readonly name: string }[] | undefined;
  readonly practices: readonly { readonly id: string; readonly name: string; readonly minutes: number }[];
  readonly wishes: Wishes;
  /** Where the next page begins; nothing on the last. */
  readonly older: { readonly startedAtMs: number; readonly id: string } | undefined;
}

/** What was given: planned against real, form by form. */
export function LogRoom({
  entries,
  zone,
  months,
  year,
  groups,
  people,
  practices,
  wishes,
  older,
}: LogRoomProps) {
  const isAll = Object.values(wishes).every((one) => one === '');
  return (
    <div>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1>Log</h1>
        <Link className="press-plain" href="/log/taught">
          What it has taught
        </Link>
        <Link className="press-plain" href="/handout/log/all">
          As a table
        </Link>
      </div>
      {year.classes.length > 0 && <YearLine {...year} />}
      {months.length > 0 && <LogSearch groups={groups} months={months} people={people} wishes={wishes} />}
      <AddByHand practices={practices} groups={groups} />
      {entries.length === 0 && !isAll && (
        <p className="reading quiet my-6">No class in the log is like that.</p>
      )}
      {entries.length === 0 && isAll && (
        <p className="reading quiet my-6">
          Classes you lead are written here by themselves: what was planned, what it really took, what was
          added.{' '}
          <Link className="press-plain" href="/shelf">
            Lead a practice
          </Link>{' '}
          to begin.
        </p>
      )}
      <ul className="mt-4 border-t border-ink">
        {entries.map((entry) => (
          <li key={entry.id} className="border-b border-hairline py-2">
            <details>
              <summary className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
                <span className="figures">{dateText(entry.startedAtMs, zone, 'dateTime')}</span>
                <span className="font-serif text-[1.2rem]">{entry.practiceName}</span>
                {entry.groupName && <span className="quiet">{entry.groupName}</span>}
                {entry.note !== '' && <span className="quiet italic">{entry.note}</span>}
                <span className="figures ml-auto">
                  {clockText(entry.record.actualMs)}{' '}
                  <span className="unit">
                    min of {clockText(entry.record.plannedMs)} planned
                    {entry.record.finished ? '' : ', ended early'}
                    {entry.record.finished && entry.record.overMs !== undefined
                      ? `, ${endedText(entry.record)}`
                      : ''}
                  </span>
                </span>
              </summary>
              <PlannedReal record={entry.record} />
              <Real record={entry.record} />
              {people && <CameLine entry={entry} people={people} />}
              {people && <WordsOfClass classId={entry.id} note={entry.note} ledBy={entry.ledBy} />}
              <table className="small mt-2 w-full">
                <caption className="sr-only">Planned and real lengths of {entry.practiceName}</caption>
                <thead>
                  <tr className="caption text-left">
                    <th scope="col" className="font-medium">
                      form
                    </th>
                    <th scope="col" className="text-right font-medium">
                      planned, min
                    </th>
                    <th scope="col" className="text-right font-medium">
                      real, min
                    </th>
                    <th scope="col" className="pl-4 font-medium">
                      difference
                    </th>
                    <th scope="col" className="font-medium">
                      repetitions
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {entry.record.items.map((item) => (
                    <tr key={item.itemId} className="border-t border-hairline">
                      <td>{item.name}</td>
                      <td className="text-right">{clockText(item.plannedMs)}</td>
                      <td className="text-right">{clockText(item.actualMs)}</td>
                      <td className="pl-4">
                        {item.actualMs === 0
                          ? 'left out'
                          : item.plannedMs === 0
                            ? 'put in'
                            : signed(item.actualMs - item.plannedMs)}
                      </td>
                      <td>
                        {item.repetitions === item.plannedRepetitions || item.plannedMs === 0
                          ? item.repetitions
                          : `${item.repetitions} (${item.plannedRepetitions} planned)`}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
              <Happened record={entry.record} />
              <p className="mt-2">
                <Link className="press-plain" href={`/compose/${entry.practiceId}`}>
                  Open the practice
                </Link>{' '}
                <Link className="press-plain" href={`/handout/practice/${entry.practiceId}`}>
                  Hand it out
                </Link>{' '}
                <TakeOut classId={entry.id} />
              </p>
            </details>
          </li>
        ))}
      </ul>
      {older && (
        <p className="my-4">
          <Link className="press" href={logAddress(wishes, older)}>
            Older classes
          </Link>
        </p>
      )}
    </div>
  );
}
