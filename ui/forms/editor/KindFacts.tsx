import { BREATH_MANNERS, BREATH_ROUTES, PACE_KINDS } from '@/core/breath';
import { withSides } from '@/core/forms/own/drafting';
import { FAMILIES, SIDES, STANCES } from '@/core/forms/model/terms';
import { SIDE_WORDS } from '@/ui/words/asks';
import { dropper, setter, type FactsProps } from './facts';
import { Select } from './fields';

/** What kind of form it is: its names, stance, sides, pace and breath. */
export function KindFacts(props: FactsProps) {
  const { form, onChange } = props;
  const set = setter(props);
  const drop = dropper(props);
  const optional = (key: 'pinyin' | 'hanzi', value: string): void =>
    value === '' ? drop(key) : set(key, value);
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-3">
        <label className="block">
          <span className="quiet small">Pinyin</span>
          <input
            className="field"
            value={form.pinyin ?? ''}
            maxLength={120}
            onChange={(event) => optional('pinyin', event.target.value)}
          />
        </label>
        <label className="block">
          <span className="quiet small">Characters</span>
          <input
            className="field"
            lang="zh-Hant"
            value={form.hanzi ?? ''}
            maxLength={40}
            onChange={(event) => optional('hanzi', event.target.value)}
          />
        </label>
        <Select
          label="Kind"
          value={form.family}
          values={FAMILIES}
          onValue={(family) => set('family', family)}
        />
        <Select
          label="Stance it begins in"
          value={form.stance.start}
          values={STANCES}
          onValue={(start) => set('stance', { ...form.stance, start })}
        />
        <Select
          label="Stance it ends in"
          value={form.stance.end}
          values={STANCES}
          onValue={(end) => set('stance', { ...form.stance, end })}
        />
        <Select
          label="Sides"
          value={form.sides}
          values={SIDES}
          name={(sides) => SIDE_WORDS[sides]}
          onValue={(sides) => onChange('sides', (now) => withSides(now, sides))}
        />
        <Select
          label="Paced as"
          value={form.pace}
          values={PACE_KINDS.map((row) => row.id)}
          name={(id) => PACE_KINDS.find((row) => row.id === id)?.label ?? id}
          onValue={(pace) => set('pace', pace)}
        />
        <Select
          label="Manner of the breath"
          value={form.manner}
          values={BREATH_MANNERS.map((row) => row.id)}
          name={(id) => BREATH_MANNERS.find((row) => row.id === id)?.label ?? id}
          onValue={(manner) => set('manner', manner)}
        />
        <Select
          label="Exhale"
          value={form.exhale}
          values={BREATH_ROUTES}
          onValue={(exhale) => set('exhale', exhale)}
        />
      </div>
      <label className="block">
        <span className="quiet small">Feet and weight</span>
        <input
          className="field"
          value={form.footwork}
          maxLength={240}
          onChange={(event) => set('footwork', event.target.value)}
        />
      </label>
    </>
  );
}
