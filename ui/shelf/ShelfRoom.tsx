'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { z } from 'zod';
import type { Brief } from '@/core/brief';
import { plainText } from '@/core/forms';
import { useSay } from '@/ui/kit/Said';
import { clockText, dateText } from '@/ui/kit/time';
import { briefLine } from '@/ui/words/names';

export interface ShelfPractice {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly updatedAtMs: number;
  readonly lengthMs: number;
  readonly brief: Brief;
  readonly groupName: string | undefined;
}

const answerSchema = z.looseObject({
  id: z.string().optional(),
  name: z.string().optional(),
  problem: z.looseObject({ message: z.string() }).optional(),
});

/** Everything kept, to be found again; the bin beside it. */
export function ShelfRoom({
  practices,
  where,
  zone,
}: {
  practices: readonly ShelfPractice[];
  where: 'shelf' | 'bin';
  zone: string;
}) {
  const [sought, setSought] = useState('');
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const file = useRef<HTMLInputElement>(null);
  const router = useRouter();
  const say = useSay();

  const post = async (
    path: string,
    said: string,
    body?: string,
  ): Promise<z.infer<typeof answerSchema> | undefined> => {
    setProblem(undefined);
    try {
      const response = await fetch(path, {
        method: 'POST',
        ...(body === undefined ? {} : { body, headers: { 'content-type': 'application/json' } }),
      });
      const answer = answerSchema.parse(await response.json());
      if (!response.ok) {
        setProblem(answer.problem?.message ?? 'The server did not answer as expected; nothing was changed.');
        return undefined;
      }
      say(said);
      router.refresh();
      return answer;
    } catch {
      setProblem('The server cannot be reached; nothing was changed.');
      return undefined;
    }
  };

  const bringIn = async (chosen: File): Promise<void> => {
    if (chosen.size > 2_000_000) {
      setProblem(
        `“${chosen.name}” is ${(chosen.size / 1_000_000).toFixed(1)} MB; a practice is never larger than 2 MB. Nothing was changed.`,
      );
      return;
    }
    const answer = await post('/api/practices/import', 'The practice is on the shelf.', await chosen.text());
    if (answer?.id) router.push(`/compose/${answer.id}`);
  };

  const words = plainText(sought)
    .split(/\s+/)
    .filter((word) => word !== '');
  const found = practices.filter((practice) => {
    const text = plainText(`${practice.name} ${briefLine(practice.brief)} ${practice.groupName ?? ''}`);
    return words.every((word) => text.includes(word));
  });
  return (
    <div className="max-w-4xl">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h1>{where === 'shelf' ? 'Shelf' : 'Bin'}</h1>
        <span className="flex flex-wrap gap-2">
          {where === 'shelf' ? (
            <>
              <Link className="press press-main" href="/compose">
                New practice
              </Link>
              <button type="button" className="press" onClick={() => file.current?.click()}>
                Bring in a file
              </button>
              <input
                ref={file}
                type="file"
                accept=".json,application/json"
                className="sr-only"
                aria-label="Practice file"
                tabIndex={-1}
                onChange={(event) => {
                  const chosen = event.target.files?.[0];
                  event.target.value = '';
                  if (chosen) void bringIn(chosen);
                }}
              />
              <Link className="press" href="/shelf?bin">
                The bin
              </Link>
            </>
          ) : (
            <Link className="press" href="/shelf">
              Back to the shelf
            </Link>
          )}
        </span>
      </div>
      {problem && (
        <p role="alert" className="must my-3">
          {problem}
        </p>
      )}
      {practices.length > 0 && (
        <>
          <label className="sr-only" htmlFor="seek-practice">
            Search the practices
          </label>
          <input
            id="seek-practice"
            className="field my-3"
            placeholder="a name, an organ, a group, “seated” …"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
        </>
      )}
      {found.length === 0 && (
        <p className="reading my-6 quiet">
          {practices.length > 0
            ? 'No practice fits these words.'
            : where === 'bin'
              ? 'The bin is empty. What you put here can be taken out again.'
              : 'Practices you compose stand here. Begin with what the almanac suggests today, or with a new brief.'}
        </p>
      )}
      <ul className="border-t border-ink">
        {found.map((practice) => (
          <li
            key={practice.id}
            className="flex flex-wrap items-baseline gap-x-5 gap-y-1 border-b border-hairline py-2.5"
          >
            <span className="min-w-0 flex-1 basis-72">
              {where === 'shelf' ? (
                <Link
                  className="font-serif text-[1.2rem] underline decoration-hairline underline-offset-4 hover:decoration-ink"
                  href={`/compose/${practice.id}`}
                >
                  {practice.name}
                </Link>
              ) : (
                <span className="font-serif text-[1.2rem]">{practice.name}</span>
              )}
              <span className="quiet small block">
                {briefLine(practice.brief)}
                {practice.groupName ? ` · ${practice.groupName}` : ''}
              </span>
            </span>
            <span className="quiet small figures">
              {clockText(practice.lengthMs)} min · version {practice.version} ·{' '}
              {dateText(practice.updatedAtMs, zone, 'dateTime')}
            </span>
            <span className="flex flex-wrap gap-x-3">
              {where === 'shelf' ? (
                <>
                  <Link className="press-plain" href={`/lead/${practice.id}`}>
                    Lead<span className="sr-only"> {practice.name}</span>
                  </Link>
                  <Link className="press-plain" href={`/sheet/${practice.id}`}>
                    Sheet<span className="sr-only"> of {practice.name}</span>
                  </Link>
                  <button
                    type="button"
                    className="press-plain"
                    onClick={() =>
                      void post(
                        `/api/practices/${practice.id}/duplicate`,
                        `A copy of “${practice.name}” is on the shelf.`,
                      )
                    }
                  >
                    Copy<span className="sr-only"> {practice.name}</span>
                  </button>
                  <a className="press-plain" href={`/api/practices/${practice.id}/export`} download>
                    File<span className="sr-only"> of {practice.name}</span>
                  </a>
                  <button
                    type="button"
                    className="press-plain"
                    onClick={() =>
                      void post(`/api/practices/${practice.id}/bin`, `“${practice.name}” is in the bin.`)
                    }
                  >
                    Bin<span className="sr-only"> {practice.name}</span>
                  </button>
                </>
              ) : (
                <button
                  type="button"
                  className="press"
                  onClick={() =>
                    void post(
                      `/api/practices/${practice.id}/restore`,
                      `“${practice.name}” is back on the shelf.`,
                    )
                  }
                >
                  Take out<span className="sr-only"> {practice.name}</span>
                </button>
              )}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
