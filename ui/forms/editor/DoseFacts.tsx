import { setter, type FactsProps } from './facts';
import { Amount } from './fields';

/** How often, how much is said, how quiet it ends, how hard it is. */
export function DoseFacts(props: FactsProps) {
  const { form, onChange } = props;
  const set = setter(props);
  return (
    <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
      {(['least', 'usual', 'most', 'multipleOf'] as const).map((key) => (
        <Amount
          key={key}
          label={key === 'multipleOf' ? 'in steps of' : key}
          unit="repetitions"
          value={form.repetitions[key]}
          least={1}
          most={99}
          onValue={(value) =>
            onChange('repetitions', (now) => ({
              ...now,
              repetitions: { ...now.repetitions, [key]: value },
            }))
          }
        />
      ))}
      <Amount
        label="Talk, known"
        unit="s"
        value={form.setupSec.known}
        least={0}
        most={120}
        onValue={(known) => set('setupSec', { ...form.setupSec, known })}
      />
      <Amount
        label="Talk, taught"
        unit="s"
        value={form.setupSec.taught}
        least={0}
        most={180}
        onValue={(taught) => set('setupSec', { ...form.setupSec, taught })}
      />
      <Amount
        label="Quiet after"
        unit="s"
        value={form.settleSec}
        least={0}
        most={60}
        onValue={(settleSec) => set('settleSec', settleSec)}
      />
      <Amount
        label="Level"
        unit="1–3"
        value={form.level}
        least={1}
        most={3}
        onValue={(level) => set('level', level <= 1 ? 1 : level >= 3 ? 3 : 2)}
      />
    </div>
  );
}
