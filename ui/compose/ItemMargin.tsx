'use client';

import { Pinyin } from '@/ui/kit/Pinyin';
import { otherSide } from '@/core/body/sides';
import dynamic from 'next/dynamic';
import { cycleOf, hasVariant, SPOKEN_PASSAGE, VARIANTS } from '@/core/forms';
import type { ConditionId } from '@/core/people';
import {
  formOf,
  type Edit,
  type Item,
  type NewItem,
  type Practice,
  type TimelineEvent,
  type OwnLayers,
} from '@/core/practice';
import type { ItemAccount } from '@/core/compose';

import { WhyThis } from './WhyThis';

// What is written, timed and laid on, and the figure, come after the rest: they do not weigh on the first load.
const Cautions = dynamic(async () => (await import('./Cautions')).Cautions, { ssr: false });
const ItemTimes = dynamic(async () => (await import('./ItemTimes')).ItemTimes, { ssr: false });
const ItemWords = dynamic(async () => (await import('./ItemWords')).ItemWords, { ssr: false });
const ItemLayers = dynamic(async () => (await import('./ItemLayers')).ItemLayers, { ssr: false });
const ItemFigure = dynamic(async () => (await import('./ItemFigure')).ItemFigure, { ssr: false });

interface Props {
  readonly practice: Practice;
  readonly item: Item;
  readonly events: readonly TimelineEvent[];
  /** Own breaths and sounds, to be laid on it like those that are shipped. */
  readonly layers: OwnLayers;
  readonly conditions: readonly ConditionId[];
  readonly onEdit: (edit: Edit, said: string) => void;
  readonly account: () => Promise<readonly ItemAccount[] | undefined>;
  readonly onSwap: () => void;
  readonly onLeaveOut: () => void;
}

const BREATH_NAMES = { in: 'in', out: 'out', hold: 'pause', free: 'free' } as const;

/** Talk to be put in after an item, in its posture, with words to write over. */
const talkAfter = ({ role, variant, firstSide }: Item): NewItem => ({
  form: SPOKEN_PASSAGE,
  role,
  variant: variant === 'seated' ? 'seated' : 'full',
  omitHolds: false,
  exhaleByMouth: false,
  familiarity: 'known',
  firstSide,
  reasons: [{ code: 'chosen-by-hand' }],
  passage: 'Write here what you want to say.',
});

/** The margin beside the running order: why the selected form is here, how it is said, what to mind. */
export function ItemMargin({
  practice,
  layers,
  item,
  events,
  conditions,
  account,
  onEdit,
  onSwap,
  onLeaveOut,
}: Props) {
  const form = formOf(practice, item);
  const first = events.filter((event) => event.kind === 'stroke' && event.repetition <= 1);
  return (
    <div className="space-y-4">
      <div>
        <h2>{form.name}</h2>
        <p className="quiet">
          {form.pinyin && (
            <>
              <Pinyin>{form.pinyin}</Pinyin>{' '}
            </>
          )}
          {form.hanzi && (
            <span lang="zh-Hant" className="hanzi">
              {form.hanzi}
            </span>
          )}{' '}
          {form.family}
        </p>
      </div>
      <div className="min-h-[22rem]">
        <ItemFigure key={`${item.id}-${item.variant}`} practice={practice} item={item} />
      </div>
      <WhyThis item={item} account={account} />
      <section>
        <h3 className="caption">On the breath</h3>
        <ol className="mt-1">
          {first.slice(0, 12).map((event) => (
            <li key={event.index} className="grid grid-cols-[3.2rem_minmax(0,1fr)] gap-x-1">
              <span className="quiet">
                {BREATH_NAMES[event.breath]}{' '}
                <span className="figures">{(event.lengthMs / 1000).toFixed(0)} s</span>
              </span>
              <span>{event.cue}</span>
            </li>
          ))}
        </ol>
        {(item.exhaleByMouth || form.exhale === 'mouth') && (
          <p className="quiet mt-1">In by the nose, out by the mouth.</p>
        )}
        {cycleOf(form, item.variant).some((stroke) => stroke.breath === 'hold') && item.omitHolds && (
          <p className="quiet mt-1">The pause is left out.</p>
        )}
      </section>
      {form.images.length > 0 && <p className="reading italic">{form.images[0]}</p>}
      <Cautions form={form} item={item} ownPatterns={practice.patterns} conditions={conditions} />
      <section className="flex flex-wrap gap-x-4 gap-y-1 border-t border-hairline pt-2">
        <button type="button" className="press-plain" onClick={onSwap}>
          Something else here
        </button>
        {VARIANTS.filter((variant) => variant !== item.variant && hasVariant(form, variant)).map(
          (variant) => (
            <button
              key={variant}
              type="button"
              className="press-plain"
              onClick={() =>
                onEdit({ kind: 'variant', itemId: item.id, variant }, `${form.name}: ${variant}`)
              }
            >
              {variant === 'full'
                ? 'Do it standing, whole'
                : variant === 'smaller'
                  ? 'Do it smaller'
                  : 'Do it seated'}
            </button>
          ),
        )}
        {form.sides !== 'symmetric' && !form.ways && (
          <button
            type="button"
            className="press-plain"
            onClick={() =>
              onEdit(
                { kind: 'first-side', itemId: item.id, side: otherSide(item.firstSide) },
                `${form.name}: first side changed`,
              )
            }
          >
            Begin on the {otherSide(item.firstSide)}
          </button>
        )}
        <button
          type="button"
          className="press-plain"
          onClick={() =>
            onEdit(
              {
                kind: 'familiarity',
                itemId: item.id,
                familiarity: item.familiarity === 'known' ? 'taught' : 'known',
              },
              `${form.name}: talk changed`,
            )
          }
        >
          {item.familiarity === 'known' ? 'Teach it here' : 'They know it'}
        </button>
        <button type="button" className="press-plain" onClick={onLeaveOut}>
          Redraft without it
        </button>
        <button
          type="button"
          className="press-plain"
          onClick={() =>
            onEdit(
              { kind: 'add', at: practice.items.indexOf(item) + 1, item: talkAfter(item) },
              'Talk put in; write it in the margin',
            )
          }
        >
          Say something after it
        </button>
      </section>
      <ItemLayers key={`layers-${item.id}`} practice={practice} layers={layers} item={item} onEdit={onEdit} />
      <ItemTimes key={`times-${item.id}`} practice={practice} item={item} onEdit={onEdit} />
      <ItemWords key={item.id} practice={practice} item={item} onEdit={onEdit} />
      {form.mistakes.length > 0 && (
        <section>
          <h3 className="caption">What goes wrong</h3>
          <ul className="mt-1">
            {form.mistakes.map((row) => (
              <li key={row.mistake}>
                {row.mistake}: <span className="quiet">{row.mend}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
