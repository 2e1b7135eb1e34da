import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Theme } from '@/core/brief/theme';
import type { HomeworkAsked } from '@/core/homework/homework';
import { readAnswer } from '@/ui/kit/answer';
import { useSay } from '@/ui/kit/Said';
import { ThemeSelect } from '@/ui/term/ThemeSelect';

type NumberField = 'minutes' | 'daysAWeek' | 'weeks';

const LABELS: readonly { readonly field: NumberField; readonly label: string; readonly most: number }[] = [
  { field: 'minutes', label: 'minutes a day', most: 40 },
  { field: 'daysAWeek', label: 'days a week', most: 7 },
  { field: 'weeks', label: 'weeks', most: 26 },
];

const SLEEP: Theme = { kind: 'aim', aim: 'sleep' };

/** What one person is to do at home: what for, how long, how often; the practices are made at once. */
export function GiveHomework({
  personId,
  today,
  onGiven,
}: {
  readonly personId: string;
  readonly today: string;
  readonly onGiven: () => void;
}) {
  const [theme, setTheme] = useState<Theme>(SLEEP);
  const [numbers, setNumbers] = useState({ minutes: '10', daysAWeek: '5', weeks: '6' });
  const [posture, setPosture] = useState<HomeworkAsked['posture']>('standing');
  const [first, setFirst] = useState(today);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [isMaking, setIsMaking] = useState(false);
  const router = useRouter();
  const say = useSay();
  const give = async (): Promise<void> => {
    setProblem(undefined);
    setIsMaking(true);
    const asked = {
      theme,
      minutes: Number(numbers.minutes),
      daysAWeek: Number(numbers.daysAWeek),
      weeks: Number(numbers.weeks),
      first,
      posture,
    };
    const given = await readAnswer(() =>
      fetch(`/api/people/${personId}/homework`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(asked),
      }),
    );
    setIsMaking(false);
    if (!given.ok) return setProblem(given.message);
    say('Made; it grows step by step.');
    router.refresh();
    onGiven();
  };
  return (
    <form
      className="flex flex-wrap items-end gap-x-4 gap-y-2 border-l border-hairline py-2 pl-4"
      onSubmit={(event) => {
        event.preventDefault();
        void give();
      }}
    >
      <label className="w-52">
        <span className="caption block">for</span>
        <ThemeSelect label="what the homework is for" theme={theme} disabled={false} onTheme={setTheme} />
      </label>
      {LABELS.map(({ field, label, most }) => (
        <label key={field}>
          <span className="caption block">{label}</span>
          <input
            className="field figures w-24"
            type="number"
            min={field === 'minutes' ? 2 : 1}
            max={most}
            required
            value={numbers[field]}
            onChange={(event) => setNumbers((before) => ({ ...before, [field]: event.target.value }))}
          />
        </label>
      ))}
      <label>
        <span className="caption block">posture</span>
        <select
          className="field"
          aria-label="posture at home"
          value={posture}
          onChange={(event) => setPosture(event.target.value === 'seated' ? 'seated' : 'standing')}
        >
          <option value="standing">standing</option>
          <option value="seated">seated</option>
        </select>
      </label>
      <label>
        <span className="caption block">from</span>
        <input
          type="date"
          className="field figures w-40"
          required
          value={first}
          onChange={(event) => event.target.value !== '' && setFirst(event.target.value)}
        />
      </label>
      <button type="submit" className="press press-main" disabled={isMaking}>
        Make it
      </button>
      {isMaking && <span role="status">Making it …</span>}
      {problem && (
        <p role="alert" className="must basis-full">
          {problem}
        </p>
      )}
    </form>
  );
}
