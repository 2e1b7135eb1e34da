'use client';

import Link from 'next/link';
import { ANATOMICAL, solvePosture } from '@/core/body';
import {
  breathsAlong,
  channel,
  channelLengthChi,
  CHANNELS,
  courseCm,
  CUN_PER_BREATH,
  faceOf,
  JOINS,
  pairOf,
  point,
  routeByChannel,
  type ChannelId,
  type RouteStop,
} from '@/core/channels';
import { sourceTitle } from '@/core/sources';
import { FLOW_WORDS } from '@/ui/words/names';
import { hourText } from './ChannelWalk';
import type { AtlasForm } from './looking';

const nextInFlow = (id: ChannelId): ChannelId => {
  const at = CHANNELS.findIndex((row) => row.id === id);
  return CHANNELS[(at + 1) % CHANNELS.length]?.id ?? 'LU';
};

/** What is to be said of a whole channel. */
export function ChannelHead({ id, onChannel }: { id: ChannelId; onChannel: (id: ChannelId) => void }) {
  const row = channel(id);
  const pair = channel(pairOf(id));
  const next = nextInFlow(id);
  const join = JOINS.find((candidate) => point(candidate.from).channel === id);
  return (
    <header className="space-y-1">
      <h2>{row.name}</h2>
      <p>
        {row.flow}, {faceOf(id) === 'inner' || faceOf(id) === 'outer' ? `${faceOf(id)} side` : faceOf(id)}
        {row.organ !== undefined && (
          <>
            ; its hours <span className="figures">{hourText(row.organ)}</span>
          </>
        )}
        . <span className="quiet">({sourceTitle(row.source)})</span>
      </p>
      <p className="quiet">
        Paired with {pair.name}.{' '}
        {join && (
          <>
            From {join.from} its qi passes to {join.to} {join.where}.{' '}
          </>
        )}
        <span className="figures">
          {channelLengthChi(id)} chǐ by {sourceTitle('ling-shu-17')}: {breathsAlong(id).toFixed(1)} breaths at{' '}
          {CUN_PER_BREATH} cùn a breath; {Math.round(courseCm(solvePosture(ANATOMICAL), id))} cm over the skin
          of this body.
        </span>
      </p>
      <p className="flex gap-4">
        <button type="button" className="press-plain" onClick={() => onChannel(pairOf(id))}>
          Its pair, {pair.id}
        </button>
        <button type="button" className="press-plain" onClick={() => onChannel(next)}>
          Next in the flow, {next}
        </button>
      </p>
    </header>
  );
}

interface FormHeadProps {
  readonly form: AtlasForm;
  readonly stroke: number;
  readonly onStroke: (stroke: number) => void;
}

/** What a form reaches, and the stroke the figure stands in. */
export function FormHead({ form, stroke, onStroke }: FormHeadProps) {
  const flows = routeByChannel(form.route as readonly RouteStop[]);
  const current = form.strokes[stroke];
  const last = form.strokes.length - 1;
  return (
    <header className="space-y-1">
      <h2>{form.name}</h2>
      {current && (
        <p>
          <span className="quiet figures">
            {stroke + 1} of {form.strokes.length}:
          </span>{' '}
          {current.cue}
        </p>
      )}
      <p className="flex flex-wrap gap-2">
        <button type="button" className="press" onClick={() => onStroke(stroke === 0 ? last : stroke - 1)}>
          Stroke back
        </button>
        <button type="button" className="press" onClick={() => onStroke(stroke === last ? 0 : stroke + 1)}>
          Stroke on
        </button>
        <Link className="press-plain" href={`/forms/${form.id}`}>
          Its page
        </Link>
      </p>
      <p>
        {form.channels.map(({ channel: id, how }, index) => {
          const runs = flows.find((flow) => flow.channel === id)?.runs;
          return (
            <span key={`${id}-${how}`}>
              {index > 0 && '; '}
              {channel(id).name}{' '}
              <span className="quiet">
                {how}
                {runs && `, ${FLOW_WORDS[runs]}`}
              </span>
            </span>
          );
        })}
        {form.channels.length === 0 && 'No one channel.'}
      </p>
    </header>
  );
}
