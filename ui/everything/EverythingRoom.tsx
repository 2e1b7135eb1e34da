'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { PARTS, withNeeded, type PartId, type PartPlan } from '@/core/archive/parts';
import { readAnswer } from '@/ui/kit/answer';
import { FilePick } from '@/ui/kit/FilePick';
import { keepBlob } from '@/ui/kit/keepBlob';
import { useSay } from '@/ui/kit/Said';
import { plural } from '@/ui/kit/time';
import { useReady } from '@/ui/kit/useReady';
import { sizeText, takeWhole } from '@/ui/kit/wholeFile';

/** A copy that is there, in words. */
export interface CopyLine {
  readonly token: string;
  readonly label: string;
  readonly size: string;
}

interface Plan {
  readonly token: string;
  readonly writtenAt: string;
  readonly parts: readonly PartPlan[];
}

interface Busy {
  readonly what: string;
  /** How far it is: to be looked at, not to be read aloud at every step. */
  readonly far?: string;
  readonly stop?: () => void;
}

/** Where everything is saved, and looked into. */
const EVERYTHING = '/api/everything';

/** What went wrong, in a sentence: the server’s own, or that it was not reached to the end. */
const brokeOff = (error: unknown): string =>
  error instanceof TypeError || !(error instanceof Error)
    ? 'The server could not be reached to the end.'
    : error.message;

const labelOf = (part: PartId): string => PARTS.find(({ id }) => id === part)?.label ?? part;

/** What bringing a file in would do, part by part; which parts are brought. */
function PlanTable({
  plan,
  chosen,
  onChoose,
}: {
  readonly plan: Plan;
  readonly chosen: readonly PartId[];
  readonly onChoose: (parts: readonly PartId[]) => void;
}) {
  const needed = withNeeded(chosen);
  return (
    <table className="my-3 w-full max-w-3xl">
      <caption className="sr-only">What would be added, changed and kept</caption>
      <thead>
        <tr className="caption text-left">
          <th scope="col" className="font-medium">
            part
          </th>
          {['added', 'changed', 'kept as it is'].map((name) => (
            <th key={name} scope="col" className="pr-3 text-right font-medium">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {plan.parts.map(({ part, added, changed, kept, names }) => (
          <tr key={part} className="border-t border-hairline align-top">
            <th scope="row" className="py-1 text-left font-normal">
              <label className="flex items-baseline gap-2">
                <input
                  type="checkbox"
                  className="accent-ink"
                  checked={needed.includes(part)}
                  disabled={!chosen.includes(part) && needed.includes(part)}
                  onChange={(event) =>
                    onChoose(event.target.checked ? [...chosen, part] : chosen.filter((one) => one !== part))
                  }
                />
                <span>
                  {labelOf(part)}
                  {names.length > 0 && <span className="quiet small block">{names.join(', ')} …</span>}
                </span>
              </label>
            </th>
            {[added, changed, kept].map((count, index) => (
              <td key={index} className={`figures py-1 pr-3 text-right ${count === 0 ? 'quiet' : ''}`}>
                {count}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The copies there are, each to be looked into. */
function Copies({
  copies,
  isBusy,
  onLook,
}: {
  readonly copies: readonly CopyLine[];
  readonly isBusy: boolean;
  readonly onLook: (token: string) => void;
}) {
  return (
    <section aria-label="Copies" className="mt-8">
      <h2>A copy each day</h2>
      <p className="reading">
        Made by itself while Navuren runs, in the data folder: of the last seven days, then one of each week,
        then one of each month.
      </p>
      {copies.length === 0 && <p className="quiet mt-2">None yet: the first is made soon after the start.</p>}
      <ul className="mt-2">
        {copies.map(({ token, label, size }) => (
          <li key={token} className="flex flex-wrap items-baseline gap-x-4 border-t border-hairline py-1">
            <span className="w-56">{label}</span>
            <span className="figures quiet w-20">{size}</span>
            <button type="button" className="press-plain" disabled={isBusy} onClick={() => onLook(token)}>
              Look into it<span className="sr-only">, {label}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Everything that is kept: saved as one file, brought back from one, and the copies of each day. */
export function EverythingRoom({ copies }: { readonly copies: readonly CopyLine[] }) {
  const ready = useReady();
  const router = useRouter();
  const say = useSay();
  const [plan, setPlan] = useState<Plan | undefined>(undefined);
  const [chosen, setChosen] = useState<readonly PartId[]>([]);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState<Busy | undefined>(undefined);

  const save = async (): Promise<void> => {
    const stopping = new AbortController();
    const stop = (): void => stopping.abort();
    setProblem(undefined);
    setBusy({ what: 'Being written', stop });
    try {
      const { blob, name } = await takeWhole(EVERYTHING, stopping.signal, (bytes) =>
        setBusy({ what: 'Being written', far: `, ${sizeText(bytes)} so far`, stop }),
      );
      keepBlob(blob, name);
      say(`${name} is whole, ${sizeText(blob.size)}.`);
    } catch (error) {
      if (!stopping.signal.aborted) setProblem(`Nothing was saved. ${brokeOff(error)}`);
    }
    setBusy(undefined);
  };
  const look = async (what: string, ask: (signal: AbortSignal) => Promise<Response>): Promise<void> => {
    const stopping = new AbortController();
    setProblem(undefined);
    setPlan(undefined);
    setBusy({ what, stop: () => stopping.abort() });
    const read = await readAnswer<Plan>(() => ask(stopping.signal));
    setBusy(undefined);
    if (!read.ok) return setProblem(stopping.signal.aborted ? undefined : read.message);
    setPlan(read.value);
    setChosen(read.value.parts.map(({ part }) => part));
  };
  const bring = async (): Promise<void> => {
    if (!plan) return;
    setProblem(undefined);
    setBusy({ what: 'Bringing it in; whole or not at all' });
    const done = await readAnswer<{ parts: readonly PartPlan[] }>(() =>
      fetch(`/api/everything/${plan.token}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ parts: chosen }),
      }),
    );
    setBusy(undefined);
    if (!done.ok) return setProblem(done.message);
    const [added, changed] = (['added', 'changed'] as const).map((what) =>
      done.value.parts.reduce((sum, part) => sum + part[what], 0),
    );
    say(
      `${plural(added ?? 0, 'thing')} added, ${changed ?? 0} changed. What was here before is among the copies.`,
    );
    setPlan(undefined);
    router.refresh();
  };
  const counts = plan?.parts.filter(({ part }) => withNeeded(chosen).includes(part)) ?? [];
  const comes = counts.reduce((sum, { added, changed }) => sum + added + changed, 0);
  return (
    <div className="max-w-4xl">
      <h1>Everything</h1>
      <p className="reading my-3">
        Practices with all their versions, forms, words, groups, people, the log, terms, customs, patterns and
        sounds, as open files in one. It is for yourself alone: it holds what is private.
      </p>
      <p className="flex flex-wrap gap-3">
        <a
          className="press press-main"
          href={EVERYTHING}
          download
          aria-disabled={busy !== undefined}
          onClick={(event) => {
            event.preventDefault();
            if (!busy) void save();
          }}
        >
          Save everything
        </a>
        <FilePick
          label="Look into a file"
          className="press"
          picks="A file of everything"
          accept="application/zip,.zip"
          disabled={!ready || busy !== undefined}
          onPick={(picked) =>
            void look('Looking into it', (signal) =>
              fetch(EVERYTHING, { method: 'POST', body: picked, signal }),
            )
          }
        />
      </p>
      <p role="status" className="small quiet my-2 min-h-[1.6em]">
        {busy && (
          <>
            {busy.what}
            {busy.far && <span aria-hidden="true">{busy.far}</span>} …{' '}
            {busy.stop && (
              <button type="button" className="press-plain" onClick={busy.stop}>
                Stop
              </button>
            )}
          </>
        )}
      </p>
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
      {plan && (
        <section aria-label="What would be brought in">
          <h2>Saved {new Date(plan.writtenAt).toLocaleString()}</h2>
          <p>All of it was read and is whole. Nothing has been changed yet.</p>
          <PlanTable plan={plan} chosen={chosen} onChoose={setChosen} />
          <p className="flex flex-wrap items-baseline gap-3">
            <button
              type="button"
              className="press press-main"
              disabled={busy !== undefined || comes === 0}
              onClick={() => void bring()}
            >
              Bring it in
            </button>
            <button type="button" className="press" onClick={() => setPlan(undefined)}>
              Leave it
            </button>
            {comes === 0 && <span className="quiet">All of it is here already, just so.</span>}
          </p>
          <p className="small quiet">
            Of a practice that is otherwise here, the file’s becomes a later version: none is lost. What was
            here before is kept as a copy first.
          </p>
        </section>
      )}
      <Copies
        copies={copies}
        isBusy={!ready || busy !== undefined}
        onLook={(token) =>
          void look('Looking into it', (signal) => fetch(`/api/everything/${token}`, { signal }))
        }
      />
    </div>
  );
}
