'use client';

import { useCallback, useEffect, useState } from 'react';
import { AUDIENCE_WORDS, type Audience } from '@/core/handout/audience';
import { kindsOf, type Handed, type HandoutKind } from '@/core/handout/kinds';
import { useReady } from '@/ui/kit/useReady';
import { handoutHref, type Chosen } from './choices';
import { Options } from './Options';
import { Preview } from './Preview';
import { Keeping } from './Keeping';
import { useMade } from './useMade';

interface Props {
  readonly of: Handed;
  readonly id: string;
  readonly name: string;
  readonly startsWith: string | undefined;
  /** What "names" writes on it; empty where there are none. */
  readonly names: string;
  /** Which step of homework that grows; the present one where nothing is said. */
  readonly step: string | undefined;
  readonly isVeiled: boolean;
  /** Where one came from. */
  readonly back: { readonly href: string; readonly label: string };
}

/** Longer than this it is said that it is being made, and it can be stopped, ms. */
const SOON_MS = 400;

/** Whether something takes so long that it is worth saying. */
function useWaiting(key: string) {
  const [ready, setReady] = useState('');
  const [long, setLong] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => setLong(key), SOON_MS);
    return () => clearTimeout(timer);
  }, [key]);
  return {
    isLong: long === key && ready !== key,
    isReady: ready === key,
    onReady: useCallback(() => setReady(key), [key]),
  };
}

/** What can be made, in its groups. */
function Kinds({
  kinds,
  kind,
  onChoose,
}: {
  readonly kinds: readonly HandoutKind[];
  readonly kind: HandoutKind;
  readonly onChoose: (kind: HandoutKind) => void;
}) {
  const groups = [...new Set(kinds.map(({ group }) => group))];
  const one = (id: string): void => {
    const found = kinds.find((other) => other.id === id);
    if (found) onChoose(found);
  };
  // Where there is little room it is one line, so that what will be is near.
  const short = (
    <label className="mt-4 block lg:hidden">
      <span className="caption block">What</span>
      <select className="field w-full" value={kind.id} onChange={(event) => one(event.target.value)}>
        {groups.map((group) => (
          <optgroup key={group} label={group}>
            {kinds
              .filter((other) => other.group === group)
              .map((other) => (
                <option key={other.id} value={other.id}>
                  {other.label}
                </option>
              ))}
          </optgroup>
        ))}
      </select>
    </label>
  );
  const long = groups.map((group) => (
    <fieldset key={group} className="mt-4">
      <legend className="caption">{group}</legend>
      {kinds
        .filter((one) => one.group === group)
        .map((one) => (
          <label key={one.id} className="flex items-baseline gap-2 py-0.5">
            <input
              type="radio"
              className="accent-ink"
              name="kind"
              checked={one.id === kind.id}
              onChange={() => onChoose(one)}
            />
            <span>
              {one.label} <span className="quiet small">{one.says}</span>
            </span>
          </label>
        ))}
    </fieldset>
  ));
  return (
    <>
      {short}
      <div className="max-lg:hidden">{long}</div>
    </>
  );
}

/** What is handed out, for whom, as it will be; and kept. */
export function HandoutRoom({ of, id, name, startsWith, names, step, isVeiled, back }: Props) {
  const ready = useReady();
  const [audience, setAudience] = useState<Audience>('people');
  const [chosen, setChosen] = useState<Chosen>({});
  const kinds = kindsOf(of).filter(({ onlyMe }) => !onlyMe || audience === 'me');
  const [kindId, setKindId] = useState(startsWith);
  const [stopped, setStopped] = useState('');
  const { making, make, stop } = useMade();
  const kind = kinds.find((one) => one.id === kindId) ?? kinds[0];
  const href = kind ? handoutHref(of, id, kind, audience, chosen, step) : '';
  const waiting = useWaiting(href);
  if (!kind) return null;
  const choose = (next: HandoutKind): void => {
    stop();
    setKindId(next.id);
    // One comes back to what was shown.
    const address = new URLSearchParams({ as: next.id, ...(step === undefined ? {} : { step }) });
    window.history.replaceState(null, '', `?${address.toString()}`);
  };
  const isInBrowser = kind.inBrowser === true;
  const isMaking = isInBrowser ? making.state === 'making' : waiting.isLong && stopped !== href;
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[21rem_minmax(0,1fr)]">
      <div>
        <p>
          <a className="press-plain" href={back.href}>
            {back.label}
          </a>
        </p>
        <h1>
          Hand out <span className="font-serif italic">{name}</span>
        </h1>
        <fieldset disabled={!ready} className="mt-4">
          <legend className="caption">For whom</legend>
          {(['people', 'me'] as const).map((one) => (
            <label key={one} className="mr-5 inline-flex items-baseline gap-2">
              <input
                type="radio"
                className="accent-ink"
                name="audience"
                checked={audience === one}
                disabled={one === 'me' && isVeiled}
                onChange={() => {
                  stop();
                  setAudience(one);
                }}
              />
              {one === 'people' ? 'for people' : 'for yourself'}
            </label>
          ))}
          <p className="quiet small">{AUDIENCE_WORDS[audience]}</p>
        </fieldset>
        <Kinds kinds={kinds} kind={kind} onChoose={choose} />
        <Options kind={kind} chosen={chosen} onChoose={setChosen} names={names} />
      </div>
      <section aria-label="As it will be" className="min-w-0">
        <Keeping
          kind={kind}
          href={href}
          name={name}
          audience={audience}
          making={making}
          onMake={() =>
            void make(
              kind.id === 'sound' ? 'sound' : 'word',
              href.replace('/api/handout/', '/api/handout-data/'),
            )
          }
        />
        <p role="status" className="small quiet my-2 min-h-[1.6em]">
          {isMaking && (
            <>
              Being made{making.state === 'making' && ` (${Math.round(making.share * 100)} %)`} …{' '}
              <button
                type="button"
                className="press-plain"
                onClick={() => {
                  stop();
                  setStopped(href);
                }}
              >
                Stop
              </button>
            </>
          )}
          {stopped === href && !isInBrowser && (
            <>
              Stopped.{' '}
              <button type="button" className="press-plain" onClick={() => setStopped('')}>
                Make it after all
              </button>
            </>
          )}
        </p>
        {making.state === 'refused' && (
          <p role="alert" className="must">
            {making.message}
          </p>
        )}
        {ready && (isInBrowser || stopped !== href) && (
          <Preview kind={kind} href={href} name={name} making={making} onReady={waiting.onReady} />
        )}
      </section>
    </div>
  );
}
