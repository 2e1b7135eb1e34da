'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { newId } from '@/ui/kit/newId';
import { useSay } from '@/ui/kit/Said';
import { WEEKDAYS } from '@/ui/words/weekdays';
import type { EditableGroup } from './GroupFields';

export type { EditableGroup } from './GroupFields';

/** The fields of a group come when one is opened. */
const GroupFields = dynamic(async () => (await import('./GroupFields')).GroupFields, {
  ssr: false,
  loading: () => <p className="quiet">Opening …</p>,
});

const two = (value: number): string => String(value).padStart(2, '0');

function newGroup(): EditableGroup {
  return {
    id: `group-${newId().slice(0, 8)}`,
    name: '',
    minutes: 20,
    posture: 'standing',
    familiarity: 'known',
    times: [],
    conditions: [],
    version: 0,
  };
}

/** What lies in the bin, each a press away from coming back. */
function Binned({ groups }: { groups: readonly { readonly id: string; readonly name: string }[] }) {
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const say = useSay();
  const router = useRouter();
  const bringBack = async (id: string, name: string): Promise<void> => {
    setProblem(undefined);
    try {
      const response = await fetch(`/api/groups/${id}`, { method: 'POST' });
      if (!response.ok) return setProblem('It could not be brought back; nothing was changed.');
      say(`“${name}” is back.`);
      router.refresh();
    } catch {
      setProblem('The server cannot be reached; nothing was changed.');
    }
  };
  if (groups.length === 0) return null;
  return (
    <section aria-label="Groups in the bin" className="mt-4">
      <h3 className="caption">In the bin</h3>
      <ul>
        {groups.map(({ id, name }) => (
          <li key={id} className="flex items-baseline gap-3 py-1">
            <span className="quiet">{name}</span>
            <button type="button" className="press-plain" onClick={() => void bringBack(id, name)}>
              Bring it back
            </button>
          </li>
        ))}
      </ul>
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
    </section>
  );
}

/** The groups taught here. */
export function GroupsEditor({
  groups,
  binned,
}: {
  groups: readonly EditableGroup[];
  binned: readonly { readonly id: string; readonly name: string }[];
}) {
  const [open, setOpen] = useState<string | undefined>(undefined);
  const [fresh, setFresh] = useState<EditableGroup | undefined>(undefined);
  return (
    <section aria-labelledby="groups" className="mt-10">
      <h2 id="groups">Groups</h2>
      {groups.length === 0 && !fresh && (
        <p className="reading quiet my-2">
          Name the groups you teach and when they meet; the almanac then prepares their next class.
        </p>
      )}
      <ul className="mt-2 border-t border-ink">
        {groups.map((group) => (
          <li key={group.id} className="border-b border-hairline py-2">
            <button
              type="button"
              className="flex w-full flex-wrap items-baseline gap-x-4 text-left"
              aria-expanded={open === group.id}
              onClick={() => setOpen(open === group.id ? undefined : group.id)}
            >
              <span className="font-serif text-[1.2rem]">{group.name}</span>
              <span className="quiet">
                {group.minutes} min, {group.posture}
                {group.times[0] && (
                  <span className="figures">
                    ; {group.times.map((time) => WEEKDAYS[time.weekday - 1]).join(', ')}{' '}
                    {two(group.times[0].hour)}:{two(group.times[0].minute)}
                  </span>
                )}
              </span>
            </button>
            {open === group.id && (
              <GroupFields
                key={JSON.stringify(group)}
                group={group}
                isNew={false}
                onDone={() => setOpen(undefined)}
              />
            )}
          </li>
        ))}
      </ul>
      {fresh ? (
        <GroupFields group={fresh} isNew onDone={() => setFresh(undefined)} />
      ) : (
        <button type="button" className="press mt-3" onClick={() => setFresh(newGroup())}>
          Add a group
        </button>
      )}
      <Binned groups={binned} />
    </section>
  );
}
