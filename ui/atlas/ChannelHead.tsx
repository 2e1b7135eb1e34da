'use client';

import { lengthSign, lengthText } from '@/ui/words/region';
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
  type ChannelId,
} from '@/core/channels';
import { sourceTitle } from '@/core/sources';
import { hourText } from './ChannelWalk';

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
        . <span className="quiet">({sourceTitle(row.source)})</span>{' '}
        <a className="press-plain" href={`/handout/channel/${id}`}>
          As a picture
        </a>
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
          {CUN_PER_BREATH} cùn a breath; {lengthText(courseCm(solvePosture(ANATOMICAL), id), 0)}{' '}
          {lengthSign()} over the skin of this body.
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
