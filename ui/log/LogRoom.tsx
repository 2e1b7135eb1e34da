import Link from 'next/link';
import type { ClassRecord } from '@/core/lead';
import { clockText, dateText } from '@/ui/kit/time';
import { endedText, happenedText } from '@/ui/words/happened';
import { PlannedReal } from './PlannedReal';
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

/** What was given: planned against real, form by form. */
export function LogRoom({ entries, zone }: { entries: readonly LogEntry[]; zone: string }) {
  return (
    <div className="max-w-4xl">
      <h1>Log</h1>
      {entries.length === 0 && (
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
              <WordsOfClass classId={entry.id} note={entry.note} ledBy={entry.ledBy} />
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
                </Link>
              </p>
            </details>
          </li>
        ))}
      </ul>
    </div>
  );
}
