'use client';

import { useId } from 'react';
import { cunCm, FINGER_MEASURES, MEASURES, type MeasureId, type PersonMeasures } from '@/core/channels';
import { lengthSign, lengthText } from '@/ui/words/region';
import { sourceTitle } from '@/core/sources';
import { NOTHING_MEASURED, type TypedMeasures } from './person';

interface Props {
  readonly typed: TypedMeasures;
  readonly problems: readonly string[];
  readonly person: PersonMeasures;
  readonly onType: (typed: TypedMeasures) => void;
}

const BY = { measured: 'measured', 'carried over': 'carried over', stature: 'by stature' } as const;

function Fields({ typed, problems, onType }: Omit<Props, 'person'>) {
  const id = useId();
  const setSegment = (index: number, change: Partial<{ id: MeasureId; length: string }>): void =>
    onType({
      ...typed,
      segments: typed.segments.map((segment, at) => (at === index ? { ...segment, ...change } : segment)),
    });
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
      <label>
        <span className="caption block">stature, {lengthSign()}</span>
        <input
          className="field figures w-24"
          inputMode="decimal"
          value={typed.stature}
          placeholder={lengthText(170, 0)}
          aria-describedby={`${id}-wrong`}
          onChange={(event) => onType({ ...typed, stature: event.target.value })}
        />
      </label>
      {typed.segments.map((segment, index) => (
        <span key={index} className="flex max-w-full flex-wrap items-end gap-2">
          <label className="min-w-0">
            <span className="caption block">{index === 0 ? 'a segment' : 'another segment'}</span>
            <select
              className="field max-w-full"
              value={segment.id}
              onChange={(event) => setSegment(index, { id: event.target.value as MeasureId })}
            >
              {MEASURES.map((row) => (
                <option key={row.id} value={row.id}>
                  {row.what}
                </option>
              ))}
            </select>
          </label>
          <label>
            <span className="caption block">{lengthSign()}</span>
            <input
              className="field figures w-20"
              inputMode="decimal"
              value={segment.length}
              aria-describedby={`${id}-wrong`}
              onChange={(event) => setSegment(index, { length: event.target.value })}
            />
          </label>
        </span>
      ))}
      <button type="button" className="press-plain" onClick={() => onType(NOTHING_MEASURED)}>
        Forget these
      </button>
      <div id={`${id}-wrong`} role="status" className="w-full">
        {problems.map((problem) => (
          <p key={problem} className="must">
            {problem}
          </p>
        ))}
      </div>
    </div>
  );
}

/** A person's own measures turned into the length of a cùn in each part of their body. */
export function CunRule({ typed, problems, person, onType }: Props) {
  return (
    <section aria-labelledby="cun-rule">
      <h2 id="cun-rule">The cùn rule</h2>
      <p className="quiet my-1 max-w-[60ch]">
        A cùn is measured on the person: each segment has its fixed number of cùn. Type a stature, or one or
        two measured segments; every distance in the cards then follows. Kept on this page only.
      </p>
      <Fields typed={typed} problems={problems} onType={onType} />
      <div className="mt-4 grid gap-x-12 gap-y-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <table className="w-full text-left">
          <thead>
            <tr className="border-b border-ink">
              <th className="caption py-0.5">segment</th>
              <th className="caption text-right">cùn</th>
              <th className="caption text-right">{lengthSign()}</th>
              <th className="caption text-right">{lengthSign()} a cùn</th>
              <th className="caption pl-3 max-sm:hidden">how</th>
            </tr>
          </thead>
          <tbody>
            {MEASURES.map((row) => {
              const unit = cunCm(person, row.id);
              return (
                <tr key={row.id} className="border-b border-hairline">
                  <td className="py-0.5">{row.what}</td>
                  <td className="text-right">{row.cun}</td>
                  <td className="text-right">{lengthText(unit.cm * row.cun, 1)}</td>
                  <td className="text-right">{lengthText(unit.cm, 2)}</td>
                  <td className="quiet pl-3 max-sm:hidden">{BY[unit.by]}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
        <aside className="small space-y-2">
          <h3 className="caption">Finger measures, on the same person’s hand</h3>
          {FINGER_MEASURES.map((row) => (
            <p key={row.what}>
              <span className="figures">{row.cun} cùn</span>: {row.what}{' '}
              <span className="quiet figures">
                (about {lengthText(row.cun * cunCm(person, 'elbow-wrist').cm, 1)} {lengthSign()} by the
                forearm)
              </span>
            </p>
          ))}
          <p className="quiet">
            Cùn: {sourceTitle('who-points-2008')}. Lengths by stature: {sourceTitle('drillis-contini')}, and
            ordinary bodies from memory.
          </p>
        </aside>
      </div>
    </section>
  );
}
