'use client';

import { Command } from 'cmdk';
import { useRouter } from 'next/navigation';
import { memo, startTransition, useCallback, useEffect, useState } from 'react';
import { z } from 'zod';
import type { ThingKind } from '@/core/find';
import { Sheet } from '@/ui/kit/Sheet';

const KINDS = [
  'practice',
  'form',
  'point',
  'group',
  'person',
  'setting',
  'word',
  'room',
] as const satisfies readonly ThingKind[];
const KIND_NAMES: Readonly<Record<ThingKind, string>> = {
  practice: 'practice',
  form: 'form',
  point: 'point',
  group: 'group',
  person: 'person',
  setting: 'custom',
  word: 'word',
  room: 'room',
};
const answerSchema = z.object({
  things: z.array(
    z.object({
      kind: z.enum(KINDS),
      id: z.string(),
      name: z.string(),
      hanzi: z.string().optional(),
      hint: z.string(),
      href: z.string().startsWith('/'),
    }),
  ),
});
type Found = z.infer<typeof answerSchema>['things'];

/** A pause in typing, ms. */
const PAUSE_MS = 60;

/** What fits what is typed; the answer to an older question never stands over that to a newer. */
function useFound(words: string): { readonly found: Found; readonly of: string; readonly failed: boolean } {
  const [answer, setAnswer] = useState<{ found: Found; of: string; failed: boolean }>({
    found: [],
    of: '',
    failed: false,
  });
  useEffect(() => {
    if (words.trim() === '') return undefined;
    const stop = new AbortController();
    const soon = setTimeout(() => {
      fetch(`/api/find?words=${encodeURIComponent(words)}`, { signal: stop.signal })
        .then(async (response) => answerSchema.parse(await response.json()))
        // A letter typed meanwhile comes first.
        .then(({ things }) => startTransition(() => setAnswer({ found: things, of: words, failed: false })))
        .catch(() => {
          if (!stop.signal.aborted) setAnswer({ found: [], of: words, failed: true });
        });
    }, PAUSE_MS);
    return () => {
      clearTimeout(soon);
      stop.abort();
    };
  }, [words]);
  return answer;
}

/** What was found, drawn when it is found and not again with every letter typed. */
const FoundList = memo(function FoundList({
  found,
  onGo,
}: {
  readonly found: Found;
  readonly onGo: (href: string) => void;
}) {
  return found.map(({ kind, id, name, hanzi, hint, href }) => (
    <Command.Item
      key={`${kind} ${id}`}
      value={`${kind} ${id}`}
      className="found grid cursor-pointer grid-cols-[4.5rem_minmax(0,1fr)] items-baseline gap-x-3 border-b border-hairline px-2 py-1.5"
      onSelect={() => onGo(href)}
    >
      <span className="caption">{KIND_NAMES[kind]}</span>
      <span className="min-w-0">
        <span className="font-serif text-[1.1rem]">{name}</span>{' '}
        {hanzi && (
          <span lang="zh-Hant" className="hanzi">
            {hanzi}
          </span>
        )}{' '}
        <span className="quiet small line-clamp-1">{hint}</span>
      </span>
    </Command.Item>
  ));
});

/** Anything, by a few letters of its name: typed, chosen with the arrows, gone to with Enter. */
export function Finder({ onClose }: { onClose: () => void }) {
  const router = useRouter();
  const [words, setWords] = useState('');
  const { found, of, failed } = useFound(words);
  const isAsked = words.trim() !== '';
  const go = useCallback(
    (href: string): void => {
      onClose();
      router.push(href);
    },
    [onClose, router],
  );
  return (
    <Sheet title="Find" onClose={onClose}>
      <Command label="Find" shouldFilter={false} loop>
        <Command.Input
          className="field"
          data-first
          maxLength={80}
          placeholder="hold up, LR3, choir, hinge, time zone …"
          value={words}
          onValueChange={setWords}
        />
        <Command.List className="mt-2 max-h-[60vh] overflow-y-auto" aria-label="Found">
          {isAsked && <FoundList found={found} onGo={go} />}
        </Command.List>
        <p className="quiet small mt-2" role="status">
          {!isAsked && 'A practice, a form, a point, a word, a group or a custom.'}
          {isAsked && failed && 'It could not be looked up: the server did not answer.'}
          {isAsked && !failed && of === words && found.length === 0 && 'Nothing here goes by these words.'}
          {isAsked &&
            found.length > 0 &&
            `${found.length === 1 ? 'One' : found.length} found. ↑ ↓ to choose, Enter to go.`}
        </p>
      </Command>
    </Sheet>
  );
}
