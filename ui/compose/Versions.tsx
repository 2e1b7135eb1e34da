'use client';

import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { z } from 'zod';
import type { Practice } from '@/core/practice';
import { readVersion } from './readVersion';
import { plural } from '@/ui/kit/time';

const listSchema = z.object({
  versions: z.array(
    z.object({ version: z.number(), savedAtMs: z.number(), items: z.number(), name: z.string() }),
  ),
});
type Version = z.infer<typeof listSchema>['versions'][number];

const stamp = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
  second: '2-digit',
  hour12: false,
});

/** Every saved version of a practice, to look back at and bring back. */
export function Versions({ id, onRestore }: { id: string; onRestore: (practice: Practice) => void }) {
  const [open, setOpen] = useState(false);
  const [versions, setVersions] = useState<readonly Version[] | 'waiting' | 'failed'>('waiting');
  const load = async (): Promise<void> => {
    setVersions('waiting');
    try {
      setVersions(listSchema.parse(await (await fetch(`/api/practices/${id}/versions`)).json()).versions);
    } catch {
      setVersions('failed');
    }
  };
  const restore = async (version: number): Promise<void> => {
    const practice = await readVersion(id, version);
    if (practice) {
      onRestore(practice);
      setOpen(false);
    } else setVersions('failed');
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
          className="slip fixed top-[10vh] left-1/2 w-[min(32rem,calc(100vw-2rem))] -translate-x-1/2 p-4"
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
          {Array.isArray(versions) && (
            <ul className="mt-2">
              {(versions as readonly Version[]).map((version, index) => (
                <li
                  key={version.version}
                  className="flex flex-wrap items-baseline gap-x-3 border-b border-hairline py-1"
                >
                  <span className="figures w-8">{version.version}</span>
                  <span className="figures">{stamp.format(new Date(version.savedAtMs))}</span>
                  <span className="quiet">
                    {version.name}, {plural(version.items, 'form')}
                  </span>
                  <span className="ml-auto">
                    {index === 0 ? (
                      <span className="quiet">now</span>
                    ) : (
                      <button
                        type="button"
                        className="press-plain"
                        onClick={() => void restore(version.version)}
                      >
                        Bring back<span className="sr-only"> version {version.version}</span>
                      </button>
                    )}
                  </span>
                </li>
              ))}
            </ul>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
