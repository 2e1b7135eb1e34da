'use client';

import { Fragment } from 'react';
import { Pinyin } from '@/ui/kit/Pinyin';
import { lengthSign, lengthText } from '@/ui/words/region';
import { plural } from '@/ui/kit/time';
import { pointCautionText } from '@/ui/words/pointCautions';
import { keysOf } from '@/core/lists/lists';
import {
  cautionsOfPoint,
  channel,
  classesOf,
  countsOf,
  cunCm,
  point,
  pointsOn,
  REGIONS,
  type PersonMeasures,
  type PointClass,
  type PointCode,
} from '@/core/channels';
import type { ReachWay } from '@/core/forms';
import { phaseName } from '@/core/phases';
import { sourceTitle } from '@/core/sources';
import { PhaseMark } from '@/ui/kit/PhaseMark';
import { phaseOfChannel } from '@/ui/figure/overlay';
import type { Reaching } from './looking';

const WAY_WORDS = {
  named: 'Meant to be worked in',
  palm: 'Under the palms in',
  route: 'Passed on the way by',
  channel: 'Its channel is worked in',
} as const satisfies Record<ReachWay, string>;

const BY_WORDS = {
  measured: 'measured',
  'carried over': 'carried over from what was measured',
  stature: 'by stature',
} as const;

function classText(one: PointClass): string {
  const phase = one.phase ? `${phaseName(one.phase).name.toLowerCase()}: ` : '';
  return `${phase}${one.kind} point ${one.what}`;
}

function Distances({ code, person }: { code: PointCode; person: PersonMeasures }) {
  const site = point(code).sites[0];
  const counts = site ? countsOf(site) : [];
  if (counts.length === 0) return null;
  const bodyWords =
    person.statureCm === undefined && Object.keys(person.segmentsCm).length === 0
      ? `on a body of ${lengthText(170, 0)} ${lengthSign()}`
      : 'on the body measured below';
  return (
    <ul className="figures" aria-label={`Distances ${bodyWords}`}>
      {counts.map((count) => {
        const unit = cunCm(person, count.of);
        return (
          <li key={count.from}>
            {count.cun} <span className="quiet">cùn</span> = {lengthText(count.cun * unit.cm, 1)}{' '}
            <span className="quiet">
              {lengthSign()} {count.from}, {unit.by === 'stature' ? bodyWords : BY_WORDS[unit.by]}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

/** So many names are read at a glance. */
const FEW = 10;

function Forms({ reaching, onForm }: { reaching: readonly Reaching[]; onForm: (id: string) => void }) {
  return (
    <section>
      <h3 className="caption">Forms that reach it</h3>
      {reaching.length === 0 && <p className="quiet">None of the repertoire.</p>}
      {keysOf(WAY_WORDS).map((way) => {
        const forms = reaching.filter((form) => form.way === way);
        if (forms.length === 0) return null;
        const list = (
          <span className="block">
            {forms.map((form, index) => (
              <Fragment key={form.id}>
                {/* A comma does not begin a line. */}
                <span className="whitespace-nowrap">
                  <button
                    type="button"
                    className="press-plain inline min-h-0 px-0 text-left whitespace-normal"
                    onClick={() => onForm(form.id)}
                  >
                    {form.name}
                  </button>
                  {index < forms.length - 1 && ','}
                </span>{' '}
              </Fragment>
            ))}
          </span>
        );
        // A point many forms come to has a list that is opened when it is wanted.
        if (way !== 'channel' && forms.length <= FEW)
          return (
            <p key={way}>
              <span className="quiet">{WAY_WORDS[way]}</span> {list}
            </p>
          );
        return (
          <details key={way}>
            <summary className="quiet">
              {WAY_WORDS[way]} {plural(forms.length, 'form')}
            </summary>
            {list}
          </details>
        );
      })}
    </section>
  );
}

interface Props {
  readonly code: PointCode;
  readonly person: PersonMeasures;
  readonly reaching: readonly Reaching[];
  readonly onPoint: (code: PointCode) => void;
  readonly onForm: (id: string) => void;
}

/** Everything known of one point. */
export function PointCard({ code, person, reaching, onPoint, onForm }: Props) {
  const row = point(code);
  const phase = phaseOfChannel(row.channel);
  const line = row.channel ? pointsOn(row.channel) : [];
  const before = line[row.number - 2];
  const after = line[row.number];
  const marks = REGIONS.filter((region) => (region.points as readonly string[]).includes(code));
  return (
    <article className="space-y-2.5" aria-label={`${row.code} ${row.pinyin}`}>
      <header>
        <p className="quiet small figures flex items-baseline gap-2">
          {phase && <PhaseMark phase={phase} />}
          <span>
            {row.code} · {row.channel ? channel(row.channel).name : 'extra point'} · {row.region}
          </span>
        </p>
        <h2 className="flex flex-wrap items-baseline gap-x-2">
          <Pinyin>{row.pinyin}</Pinyin>
          <span lang="zh-Hant" className="hanzi">
            {row.hanzi}
          </span>
        </h2>
        <p className="reading italic">{row.sense}</p>
      </header>
      <p>{row.where}.</p>
      <Distances code={code} person={person} />
      <ul>
        {classesOf(code).map((one) => (
          <li key={`${one.kind}-${one.what}`} title={sourceTitle(one.source)}>
            {classText(one)}
          </li>
        ))}
        {marks.map((region) => (
          <li key={region.id}>
            marks the {region.name}{' '}
            <span lang="zh-Hant" className="font-hanzi quiet">
              {region.hanzi}
            </span>
            {region.school !== 'all' && <span className="quiet"> (school: {region.school})</span>}
          </li>
        ))}
      </ul>
      <p>
        <span className="quiet">Practice turns to it for</span> {row.use}.
      </p>
      {cautionsOfPoint(code).map((caution) => (
        <p key={caution} className="watch">
          {pointCautionText(caution)}
        </p>
      ))}
      <Forms reaching={reaching} onForm={onForm} />
      <p className="flex flex-wrap gap-x-4">
        {before && (
          <button type="button" className="press-plain" onClick={() => onPoint(before.code)}>
            Back to {before.code}
          </button>
        )}
        {after && (
          <button type="button" className="press-plain" onClick={() => onPoint(after.code)}>
            On to {after.code}
          </button>
        )}
      </p>
      <p className="quiet small">
        Place: {sourceTitle(row.source)}. Use: from memory. A practitioner’s note, not treatment: for any
        complaint ask a licensed clinician.
      </p>
    </article>
  );
}
