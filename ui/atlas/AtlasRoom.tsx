'use client';

import { lazy, Suspense, useEffect, useMemo, useState, type ReactNode } from 'react';
import { ANATOMICAL } from '@/core/body';
import { point, type ChannelId, type PointCode } from '@/core/channels';
import type { OrganId } from '@/core/phases';
import type { Overlay } from '@/ui/figure/overlay';
import type { NamedView } from '@/ui/figure/view';
import type { describePosture } from '@/ui/words/postures';
import { writeAddress, type AtlasState, type Looking } from './address';
import { AtlasChoices } from './AtlasChoices';
import { AtlasFigure } from './AtlasFigure';
import { AtlasShown } from './AtlasShown';
import { ChannelWalk } from './ChannelWalk';
import { counted, look, MOST_FOUND, reachingOf, type AtlasForm } from './looking';
import { NOTHING_MEASURED, readMeasures } from './person';

/** What is not looked at first comes after. */
const PointCard = lazy(async () => ({ default: (await import('./PointCard')).PointCard }));
const CunRule = lazy(async () => ({ default: (await import('./CunRule')).CunRule }));

/** The side a channel is best seen from. */
const VIEW_OF: Partial<Record<ChannelId, NamedView>> = {
  LI: 'three-quarter',
  SI: 'back',
  BL: 'back',
  TE: 'back',
  GB: 'side',
  GV: 'back',
};

interface Props {
  readonly start: AtlasState;
  readonly forms: readonly AtlasForm[];
  readonly now: OrganId;
  readonly correspondences: ReactNode;
}

/** Channels and points on the body, the points for a theme, the cùn rule, the correspondences. */
export function AtlasRoom({ start, forms, now, correspondences }: Props) {
  const [state, setState] = useState<AtlasState>(start);
  const [seated, setSeated] = useState(false);
  const [typed, setTyped] = useState(NOTHING_MEASURED);
  const read = readMeasures(typed);
  const person = 'person' in read ? read.person : { segmentsCm: {} };
  const { looking } = state;
  const [describe, setDescribe] = useState<typeof describePosture | undefined>(undefined);
  // The picture in words is heard after the picture is there.
  useEffect(() => {
    void import('@/ui/words/postures').then((words) => setDescribe(() => words.describePosture));
  }, []);
  useEffect(() => window.history.replaceState(null, '', writeAddress(state)), [state]);

  const form = looking.by === 'form' ? forms.find((candidate) => candidate.id === looking.form) : undefined;
  const shown = useMemo(() => look(looking, forms), [forms, looking]);
  const posture =
    (looking.by === 'form' ? form?.strokes[looking.stroke]?.posture : undefined) ??
    (seated ? { ...ANATOMICAL, base: 'chair' as const } : ANATOMICAL);
  const overlay = useMemo((): Overlay => {
    const own = state.point === undefined ? undefined : point(state.point).channel;
    const channels = own && shown.channels.length === 0 ? [own] : shown.channels;
    return {
      channels: [...new Set(channels)],
      points: shown.points.slice(0, MOST_FOUND).map((row) => row.code),
      chosen: state.point,
    };
  }, [shown, state.point]);

  const lookBy = (next: Looking): void =>
    setState((was) => ({
      looking: next,
      point: was.looking.by === next.by && next.by === 'form' ? was.point : undefined,
    }));
  const choose = (code: PointCode): void =>
    setState((was) => {
      const own = point(code).channel;
      const follows = was.looking.by === 'channel' && own !== undefined;
      return { looking: follows ? { by: 'channel', channel: own } : was.looking, point: code };
    });
  const startView =
    form?.view ?? (looking.by === 'channel' ? (VIEW_OF[looking.channel] ?? 'front') : 'front');
  return (
    <div className="space-y-10">
      <div className="grid gap-x-8 gap-y-5 lg:grid-cols-[16rem_minmax(0,1fr)_22rem]">
        <div className="space-y-4 max-lg:contents">
          <div className="space-y-3 max-lg:order-1">
            <h1>Atlas</h1>
            <label className="block">
              <span className="caption block">find a point</span>
              <input
                className="field"
                type="search"
                value={looking.by === 'search' ? looking.text : ''}
                placeholder="LU9, taiyuan, 太淵, source …"
                onChange={(event) => lookBy({ by: 'search', text: event.target.value })}
              />
            </label>
          </div>
          <nav aria-label="Channels in the order of their flow" className="max-lg:order-4">
            <h2 className="caption">channels in flow order</h2>
            <ChannelWalk
              chosen={looking.by === 'channel' ? looking.channel : undefined}
              now={now}
              onChoose={(id) => lookBy({ by: 'channel', channel: id })}
            />
          </nav>
          <div className="space-y-3 max-lg:order-5">
            <AtlasChoices looking={looking} forms={forms} lookBy={lookBy} />
          </div>
        </div>
        <div className="max-lg:order-2">
          <AtlasFigure
            key={startView}
            posture={posture}
            overlay={overlay}
            startView={startView}
            words={`${describe?.(posture) ?? 'The body'}, with ${counted(overlay.points.length)}.`}
            onPoint={choose}
          >
            {!form && (
              <button
                type="button"
                className="press-plain"
                aria-pressed={seated}
                onClick={() => setSeated(!seated)}
              >
                seated
              </button>
            )}
          </AtlasFigure>
        </div>
        <div
          className="space-y-6 max-lg:order-3 lg:max-h-[52rem] lg:overflow-y-auto"
          role="region"
          aria-label="What is shown"
          tabIndex={0}
        >
          {state.point !== undefined && (
            <Suspense>
              <PointCard
                code={state.point}
                person={person}
                reaching={reachingOf(state.point, forms)}
                onPoint={choose}
                onForm={(id) =>
                  setState((was) => ({ looking: { by: 'form', form: id, stroke: 0 }, point: was.point }))
                }
              />
            </Suspense>
          )}
          <AtlasShown
            looking={looking}
            form={form}
            shown={shown}
            chosen={state.point}
            lookBy={lookBy}
            onPoint={choose}
          />
        </div>
      </div>
      <Suspense>
        <CunRule
          typed={typed}
          problems={'problems' in read ? read.problems : []}
          person={person}
          onType={setTyped}
        />
      </Suspense>
      {correspondences}
    </div>
  );
}
