import { useState } from 'react';
import { EARTH_SCHOOLS, SEASON_SCHOOLS } from '@/core/almanac/schools';
import { AIMS } from '@/core/brief/aims';
import { FORM_SETS } from '@/core/forms/model/sets';
import type { Term } from '@/core/term/document';
import { Spell } from '@/ui/people/Spell';
import { FormList } from '@/ui/people/FormsOfPerson';
import { TERM_AIM_WORDS } from '@/ui/words/term';
import { ReadCalendar } from './ReadCalendar';
import { WaysFields } from './Ways';

interface Props {
  readonly term: Term;
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  readonly forms: readonly { readonly id: string; readonly name: string }[];
  readonly onKeep: (term: Term) => void;
  /** It is on the server already: a calendar can be read against it. */
  readonly isKept?: boolean;
}

type Change = (next: Partial<Term>) => void;

/** Festivals, holidays and journeys: days on which no class is held. */
function DaysOut({ term, change, isKept }: { term: Term; change: Change; isKept: boolean }) {
  const put = (at: number, next: Partial<Term['out'][number]>): void =>
    change({ out: term.out.map((one, index) => (index === at ? { ...one, ...next } : one)) });
  return (
    <fieldset>
      <legend className="caption">Left out</legend>
      {term.out.map((one, index) => (
        <p key={index} className="flex flex-wrap items-baseline gap-x-4 gap-y-1 py-1">
          <input
            className="field w-48"
            aria-label={`what falls on days left out, ${index + 1}`}
            placeholder="a festival, a holiday"
            maxLength={80}
            value={one.name}
            onChange={(event) => put(index, { name: event.target.value })}
          />
          <Spell
            of={one.name === '' ? `days left out, ${index + 1}` : one.name}
            spell={one}
            onSpell={(spell) => {
              const from = spell.from ?? one.from;
              const until = spell.until ?? one.until;
              put(index, { from, until: until < from ? from : until });
            }}
          />
          <button
            type="button"
            className="press-plain"
            onClick={() => change({ out: term.out.filter((_, at) => at !== index) })}
          >
            Take out<span className="sr-only"> {one.name}</span>
          </button>
        </p>
      ))}
      <button
        type="button"
        className="press-plain"
        onClick={() => change({ out: [...term.out, { from: term.first, until: term.first, name: '' }] })}
      >
        Add days without a class
      </button>
      {isKept && <ReadCalendar term={term} onOut={(out) => change({ out })} />}
    </fieldset>
  );
}

/** Who teaches it, and by which calendar: two teachers of one house may follow different ones. */
function Teacher({ term, change }: { term: Term; change: Change }) {
  const { calendar } = term;
  const value = calendar ? `${calendar.seasonSchool} ${calendar.earthSchool}` : '';
  const all = SEASON_SCHOOLS.flatMap((season) =>
    EARTH_SCHOOLS.map((earth) => ({
      seasonSchool: season.id,
      earthSchool: earth.id,
      label: `${season.label}; ${earth.label}`,
    })),
  );
  return (
    <div className="space-y-3">
      <div className="flex flex-wrap gap-4">
        <label className="basis-56">
          <span className="caption block">Taught by</span>
          <input
            className="field"
            placeholder="oneself"
            maxLength={80}
            value={term.teacher ?? ''}
            onChange={(event) =>
              change({ teacher: event.target.value.trim() === '' ? undefined : event.target.value })
            }
          />
        </label>
        <label className="min-w-0 flex-1 basis-72">
          <span className="caption block">Whose calendar</span>
          <select
            className="field"
            aria-label="by which calendar"
            value={value}
            onChange={(event) => {
              const chosen = all.find(
                (one) => `${one.seasonSchool} ${one.earthSchool}` === event.target.value,
              );
              change({
                calendar: chosen && { seasonSchool: chosen.seasonSchool, earthSchool: chosen.earthSchool },
              });
            }}
          >
            <option value="">as in your customs</option>
            {all.map(({ seasonSchool, earthSchool, label }) => (
              <option key={`${seasonSchool} ${earthSchool}`} value={`${seasonSchool} ${earthSchool}`}>
                {label}
              </option>
            ))}
          </select>
        </label>
      </div>
      <WaysFields ways={term.ways} onChange={(ways) => change({ ways })} />
    </div>
  );
}

/** When a term is, what it is for, and what is learnt in it. */
export function TermFields({ term: stored, groups, forms, onKeep, isKept = false }: Props) {
  const [term, setTerm] = useState(stored);
  const change: Change = (next) => setTerm((before) => ({ ...before, ...next }));
  const isNew = Object.keys(stored.weeks).length === 0;
  const day = (field: 'first' | 'last') => (
    <label>
      <span className="caption block">{field === 'first' ? 'From' : 'To'}</span>
      <input
        type="date"
        className="field figures w-40"
        required
        value={term[field]}
        onChange={(event) => event.target.value !== '' && change({ [field]: event.target.value })}
      />
    </label>
  );
  const fields = (
    <form
      className="space-y-4 border-l border-hairline py-2 pl-4"
      onSubmit={(event) => {
        event.preventDefault();
        onKeep(term);
      }}
    >
      <div className="flex flex-wrap gap-4">
        <label className="basis-64">
          <span className="caption block">Name</span>
          <input
            className="field"
            required
            maxLength={80}
            value={term.name}
            onChange={(event) => change({ name: event.target.value })}
          />
        </label>
        <label>
          <span className="caption block">For</span>
          <select
            className="field"
            aria-label="for which group"
            value={term.groupId}
            disabled={!isNew}
            onChange={(event) => change({ groupId: event.target.value })}
          >
            {groups.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {day('first')}
        {day('last')}
      </div>
      <div className="flex flex-wrap gap-4">
        <label>
          <span className="caption block">It goes</span>
          <select
            className="field"
            aria-label="how it goes"
            value={term.aim}
            onChange={(event) => change({ aim: event.target.value === 'balance' ? 'balance' : 'year' })}
          >
            {Object.entries(TERM_AIM_WORDS).map(([id, words]) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span className="caption block">A set to learn</span>
          <select
            className="field"
            aria-label="a set to learn"
            value={term.learnSet ?? ''}
            onChange={(event) =>
              change({ learnSet: event.target.value === '' ? undefined : event.target.value })
            }
          >
            <option value="">none</option>
            {FORM_SETS.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      </div>
      <Teacher term={term} change={change} />
      <FormList
        legend="Forms to learn"
        note="Each comes three weeks running and then at growing distances, so that it is kept."
        forms={forms}
        chosen={term.learn}
        onChosen={(learn) => change({ learn })}
      />
      <fieldset className="flex flex-wrap gap-x-4">
        <legend className="caption">Also, now and then, for</legend>
        {AIMS.map(({ id, label }) => (
          <label key={id} className="inline-flex items-baseline gap-1 py-0.5">
            <input
              type="checkbox"
              className="accent-ink"
              checked={term.also.includes(id)}
              onChange={(event) =>
                change({
                  also: event.target.checked ? [...term.also, id] : term.also.filter((one) => one !== id),
                })
              }
            />
            {label}
          </label>
        ))}
      </fieldset>
      <DaysOut term={term} change={change} isKept={isKept} />
      <p>
        <button type="submit" className={isNew ? 'press press-main' : 'press'}>
          {isNew ? 'Plan it' : 'Keep this'}
        </button>
      </p>
    </form>
  );
  return isNew ? (
    fields
  ) : (
    <details className="mt-4">
      <summary>When it is, what it is for, what is learnt</summary>
      {fields}
    </details>
  );
}
