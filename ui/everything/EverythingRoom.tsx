'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { PARTS, withNeeded, type PartId, type PartPlan } from '@/core/archive/parts';
import { FilePick } from '@/ui/kit/FilePick';
import { useSay } from '@/ui/kit/Said';
import { plural } from '@/ui/kit/time';
import { useReady } from '@/ui/kit/useReady';
import { useAsking } from './useAsking';

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

/** Where everything is saved, and looked into. */
const EVERYTHING = '/api/everything';

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
  const { busy, problem, setProblem, asked, save } = useAsking();

  const look = async (href: string, init: RequestInit = {}): Promise<void> => {
    setPlan(undefined);
    const read = await asked<Plan>('Looking into it', href, init);
    if (!read) return;
    if (!read.ok) return setProblem(read.message);
    setPlan(read.value);
    setChosen(read.value.parts.map(({ part }) => part));
  };
  const bring = async (): Promise<void> => {
    if (!plan) return;
    const done = await asked<{ readonly parts: readonly PartPlan[] }>(
      'Bringing it in; whole or not at all',
      `${EVERYTHING}/${plan.token}`,
      {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ parts: chosen }),
      },
    );
    if (!done) return say('Stopped. It comes in whole or not at all: look into it again to see which.');
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
            if (!busy) void save(EVERYTHING).then((told) => told && say(told));
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
          onPick={(picked) => void look(EVERYTHING, { method: 'POST', body: picked })}
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
        onLook={(token) => void look(`${EVERYTHING}/${token}`)}
      />
    </div>
  );
}
