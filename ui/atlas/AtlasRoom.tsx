'use client';

import { lazy, Suspense, useEffect, useMemo, useState, type ReactNode } from 'react';
import { ANATOMICAL } from '@/core/body';
import {
  CHANNELS_OF_ORGANS,
  channel,
  point,
  type ChannelId,
  type PointCode,
  type PointIntent,
  type RegularChannelId,
} from '@/core/channels';
import type { OrganId } from '@/core/phases';
import { sourceTitle } from '@/core/sources';
import type { Overlay } from '@/ui/figure/overlay';
import type { NamedView } from '@/ui/figure/view';
import { describePosture } from '@/ui/words/postures';
import { POINT_INTENTS, writeAddress, type AtlasState, type Looking } from './address';
import { AtlasFigure } from './AtlasFigure';
import { ChannelWalk } from './ChannelWalk';
import { ChannelHead, FormHead } from './LookedAt';
import { NOTHING_MEASURED, readMeasures } from './person';
import { look, MOST_FOUND, reachingOf, type AtlasForm } from './looking';
import { PointList } from './PointList';

/** What is not looked at first comes after. */
const PointCard = lazy(async () => ({ default: (await import('./PointCard')).PointCard }));
const CunRule = lazy(async () => ({ default: (await import('./CunRule')).CunRule }));

const counted = (points: number): string => `${points} ${points === 1 ? 'point' : 'points'}`;

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
  const theme = looking.by === 'theme' ? looking : undefined;
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
            <label className="block">
              <span className="caption block">points for a theme</span>
              <span className="flex gap-2">
                <select
                  className="field"
                  aria-label="organ of the theme"
                  value={theme?.channel ?? ''}
                  onChange={(event) =>
                    lookBy({
                      by: 'theme',
                      channel: event.target.value as RegularChannelId,
                      intent: theme?.intent ?? 'nourish',
                    })
                  }
                >
                  {!theme && <option value="">an organ …</option>}
                  {CHANNELS_OF_ORGANS.map((id) => (
                    <option key={id} value={id}>
                      {channel(id).name.replace(' channel', '')}
                    </option>
                  ))}
                </select>
                <select
                  className="field"
                  aria-label="intent"
                  value={theme?.intent ?? 'nourish'}
                  onChange={(event) =>
                    lookBy({
                      by: 'theme',
                      channel: theme?.channel ?? 'LU',
                      intent: event.target.value as PointIntent,
                    })
                  }
                >
                  {POINT_INTENTS.map((intent) => (
                    <option key={intent}>{intent}</option>
                  ))}
                </select>
              </span>
            </label>
            <label className="block">
              <span className="caption block">what a form reaches</span>
              <select
                className="field"
                value={form?.id ?? ''}
                onChange={(event) => lookBy({ by: 'form', form: event.target.value, stroke: 0 })}
              >
                {!form && <option value="">a form …</option>}
                {forms.map((row) => (
                  <option key={row.id} value={row.id}>
                    {row.name}
                  </option>
                ))}
              </select>
            </label>
          </div>
        </div>
        <div className="max-lg:order-2">
          <AtlasFigure
            key={startView}
            posture={posture}
            overlay={overlay}
            startView={startView}
            words={`${describePosture(posture)}, with ${counted(overlay.points.length)}.`}
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
          <section className="space-y-2" aria-live="polite">
            {looking.by === 'channel' && (
              <ChannelHead id={looking.channel} onChannel={(id) => lookBy({ by: 'channel', channel: id })} />
            )}
            {looking.by === 'theme' && (
              <>
                <h2>
                  To {looking.intent} the {channel(looking.channel).name.replace(' channel', '')}
                </h2>
                <p className="quiet">
                  By rule: the mother nourishes, the child drains ({sourceTitle('nan-jing-69')}); the other
                  classes from {sourceTitle('point-tables').toLowerCase()}.
                </p>
              </>
            )}
            {looking.by === 'search' && (
              <p className="quiet">
                {shown.points.length === 0
                  ? 'No point answers to all of these words. Try a code, a name with or without tones, or a class such as “source” or “mother”.'
                  : `${counted(shown.points.length)}${shown.points.length > MOST_FOUND ? `; the first ${MOST_FOUND} are on the figure` : ''}`}
              </p>
            )}
            {form && looking.by === 'form' && (
              <FormHead
                form={form}
                stroke={Math.min(looking.stroke, form.strokes.length - 1)}
                onStroke={(stroke) => lookBy({ by: 'form', form: form.id, stroke })}
              />
            )}
            <PointList label="Points shown" points={shown.points} chosen={state.point} onPoint={choose} />
          </section>
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
