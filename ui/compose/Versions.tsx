'use client';

import dynamic from 'next/dynamic';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { z } from 'zod';
import type { Practice } from '@/core/practice';
import { dateText, plural } from '@/ui/kit/time';
import { readVersion } from './readVersion';

const Compare = dynamic(async () => (await import('./Compare')).Compare, { ssr: false });

const listSchema = z.object({
  versions: z.array(
    z.object({ version: z.number(), savedAtMs: z.number(), items: z.number(), name: z.string() }),
  ),
});
type Version = z.infer<typeof listSchema>['versions'][number];
type Found = readonly Version[] | 'waiting' | 'failed';

/** Versions are told apart where one sits: by the time of this browser. */
const stamp = (atMs: number): string =>
  dateText(atMs, Intl.DateTimeFormat().resolvedOptions().timeZone, 'dateSecond');

interface RowProps {
  readonly version: Version;
  readonly isNow: boolean;
  readonly onRestore: () => void;
  readonly onCompare: () => void;
}

function Row({ version, isNow, onRestore, onCompare }: RowProps) {
  const spoken = <span className="sr-only"> version {version.version}</span>;
  return (
    <li className="flex flex-wrap items-baseline gap-x-3 border-b border-hairline py-1">
      <span className="figures w-8">{version.version}</span>
      <span className="figures">{stamp(version.savedAtMs)}</span>
      <span className="quiet">
        {version.name}, {plural(version.items, 'form')}
      </span>
      <span className="ml-auto flex gap-x-3">
        {isNow ? (
          <span className="quiet">now</span>
        ) : (
          <>
            <button type="button" className="press-plain" onClick={onCompare}>
              Compare{spoken}
            </button>
            <button type="button" className="press-plain" onClick={onRestore}>
              Bring back{spoken}
            </button>
          </>
        )}
      </span>
    </li>
  );
}

interface Props {
  readonly id: string;
  /** The practice as it is on the screen. */
  readonly now: Practice;
  readonly onRestore: (practice: Practice) => void;
}

/** Every saved version of a practice, to look back at, lay beside the present one and bring back. */
export function Versions({ id, now, onRestore }: Props) {
  const [open, setOpen] = useState(false);
  const [versions, setVersions] = useState<Found>('waiting');
  const [beside, setBeside] = useState<{ version: number; practice: Practice } | undefined>(undefined);
  const load = async (): Promise<void> => {
    setVersions('waiting');
    try {
      setVersions(listSchema.parse(await (await fetch(`/api/practices/${id}/versions`)).json()).versions);
    } catch {
      setVersions('failed');
    }
  };
  const read = async (version: number, then: (practice: Practice) => void): Promise<void> => {
    const practice = await readVersion(id, version);
    if (practice) then(practice);
    else setVersions('failed');
  };
  const restore = (practice: Practice): void => {
    onRestore(practice);
    setBeside(undefined);
    setOpen(false);
  };
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        if (next) void load();
      }}
    >
      <Dialog.Trigger className="press-plain small">Versions</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink opacity-20" />
        <Dialog.Content
          className="slip fixed top-[10vh] left-1/2 max-h-[80vh] w-[min(36rem,calc(100vw-2rem))] -translate-x-1/2 overflow-y-auto p-4"
          aria-describedby={undefined}
        >
          <div className="flex items-baseline justify-between">
            <Dialog.Title className="font-serif text-[1.44rem] font-medium">Versions</Dialog.Title>
            <Dialog.Close className="press-plain">Close</Dialog.Close>
          </div>
          {versions === 'waiting' && <p className="quiet">Looking …</p>}
          {versions === 'failed' && (
            <p className="must">The versions could not be read. Close and try again.</p>
          )}
          {typeof versions !== 'string' && (
            <ul className="mt-2">
              {versions.map((version, index) => (
                <Row
                  key={version.version}
                  version={version}
                  isNow={index === 0}
                  onRestore={() => void read(version.version, restore)}
                  onCompare={() =>
                    void read(version.version, (practice) =>
                      setBeside({ version: version.version, practice }),
                    )
                  }
                />
              ))}
            </ul>
          )}
          {beside && (
            <Compare
              mine={now}
              theirs={beside.practice}
              called={{ mine: 'Now', theirs: `Version ${beside.version}` }}
              onClose={() => setBeside(undefined)}
            >
              <button type="button" className="press" onClick={() => restore(beside.practice)}>
                Bring version {beside.version} back
              </button>
            </Compare>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
