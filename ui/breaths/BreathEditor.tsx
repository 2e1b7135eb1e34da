'use client';

import type { Pace } from '@/core/breath';
import {
  ATTENTIONS,
  BREATH_ASKS,
  OUT_MANNERS,
  patternDraftSchema,
  patternSchema,
  type BreathAsk,
  type OutManner,
  type WholePattern,
} from '@/core/patterns';
import { PHASE_IDS, phaseName } from '@/core/phases';
import { sourceIds, sourceTitle } from '@/core/sources';
import { Amount, Select, Ticks } from '@/ui/forms/editor/fields';
import { useReady } from '@/ui/kit/useReady';
import { EditorFrame, Fields, Figure, Line, orNone, Tick } from '@/ui/layers/EditorFrame';
import { useLayerEditing, type LayerEditing, type LayerKindHere } from '@/ui/layers/useLayerEditing';
import { breathFigures, LEVEL_NAMES, routeText } from '@/ui/words/patterns';
import { PatternLine } from './PatternLine';

const BREATHS: LayerKindHere<WholePattern> = {
  kind: 'breath',
  room: '/forms/breaths',
  schema: patternSchema,
  draftSchema: patternDraftSchema,
  nameOf: ({ name }) => name,
  fields: {
    does: 'what it does',
    mind: 'who minds it',
    teach: 'how it is taught',
    mistakes: 'usual mistakes and their mends',
    announce: 'what is said once',
    outToIn: 'out, against in',
    stayFull: 'stay when full',
    stayEmpty: 'stay when empty',
    slower: 'as long as the form’s own breath',
    leastSec: 'hurried below',
    usualBreaths: 'a dose of its own',
  },
};

const OUT_NAMES = {
  plain: 'plainly',
  sigh: 'with a sigh',
  pursed: 'through pursed lips',
  hum: 'humming',
  buzz: 'buzzing',
  throat: 'with a soft sound of the throat',
} as const satisfies Record<OutManner, string>;

const ASK_NAMES = {
  'drawn-belly': 'the belly drawn in',
  'pelvic-floor': 'the pelvic floor lifted',
  staged: 'the breath taken in stages',
  throat: 'the throat narrowed',
} as const satisfies Record<BreathAsk, string>;

const LEVELS = ['1', '2', '3'] as const;
const ACTIONS = ['clears', 'nourishes', 'moves', 'calms'] as const;
const DAY_PARTS = ['morning', 'midday', 'afternoon', 'evening'] as const;
const ROUTES = ['nose', 'mouth'] as const;
const SIPS = ['1', '2', '3'] as const;

interface PartProps {
  readonly at: LayerEditing<WholePattern>;
}

/** How the breath is made. */
function Making({ at: { draft, set } }: PartProps) {
  return (
    <Fields legend="How it is made">
      <Tick
        label="it comes as it will: nothing is led"
        checked={draft.isNatural}
        onChecked={(isNatural) =>
          set(isNatural ? { isNatural, stayFull: 0, stayEmpty: 0, sips: 1 } : { isNatural })
        }
      />
      <Tick
        label="only standing or sitting still"
        checked={draft.stillOnly}
        onChecked={(stillOnly) => set({ stillOnly })}
      />
      <Select
        label="in by the"
        value={draft.inRoute}
        values={ROUTES}
        onValue={(inRoute) => set({ inRoute })}
      />
      <Select
        label="out by the"
        value={draft.outRoute}
        values={ROUTES}
        onValue={(outRoute) => set({ outRoute })}
      />
      {!draft.isNatural && (
        <>
          <Select
            label="in"
            value={SIPS[draft.sips - 1] ?? '1'}
            values={SIPS}
            name={(sips) => (sips === '1' ? 'at one go' : `in ${sips} sips`)}
            onValue={(sips) => set({ sips: Number(sips) })}
          />
          <Figure
            label="out, against in"
            unit="0.5–3; empty is as your customs have it"
            value={draft.outToIn}
            least={0.5}
            most={3}
            step={0.1}
            onValue={(outToIn) => set({ outToIn })}
          />
          <Amount
            label="stay when full"
            unit="% of the in-breath"
            value={Math.round(draft.stayFull * 100)}
            least={0}
            most={100}
            onValue={(share) => set({ stayFull: share / 100 })}
          />
          <Amount
            label="stay when empty"
            unit="% of the in-breath"
            value={Math.round(draft.stayEmpty * 100)}
            least={0}
            most={100}
            onValue={(share) => set({ stayEmpty: share / 100 })}
          />
        </>
      )}
      <Select
        label="the air leaves"
        value={draft.out}
        values={OUT_MANNERS}
        name={(out) => OUT_NAMES[out]}
        onValue={(out) => set({ out })}
      />
      <Select
        label="the attention"
        value={draft.attention}
        values={ATTENTIONS}
        name={(where) => (where === 'none' ? 'nowhere in particular' : where)}
        onValue={(attention) => set({ attention })}
      />
      <Amount
        label="as long as the form’s own breath"
        unit="%, 70–130"
        value={Math.round(draft.slower * 100)}
        least={70}
        most={130}
        onValue={(share) => set({ slower: share / 100 })}
      />
      <Amount
        label="hurried below"
        unit="s a breath, 3–30"
        value={draft.leastSec}
        least={3}
        most={30}
        onValue={(leastSec) => set({ leastSec })}
      />
    </Fields>
  );
}

/** What it is for, and what it asks. */
function Fitting({ at: { draft, set } }: PartProps) {
  const { suits } = draft;
  return (
    <Fields legend="What it is for, and what it asks">
      <Line label="what it does" isWide value={draft.does} onValue={(does) => set({ does })} />
      <Ticks
        legend="suits what"
        values={ACTIONS}
        chosen={suits.actions}
        onChosen={(actions) => set({ suits: { ...suits, actions } })}
      />
      <Ticks
        legend="and the hour"
        values={DAY_PARTS}
        chosen={suits.dayParts}
        onChosen={(dayParts) => set({ suits: { ...suits, dayParts } })}
      />
      <Ticks
        legend="and the phase"
        values={PHASE_IDS}
        name={(phase) => phaseName(phase).name}
        chosen={suits.phases}
        onChosen={(phases) => set({ suits: { ...suits, phases } })}
      />
      <Ticks
        legend="it asks"
        values={BREATH_ASKS}
        name={(ask) => ASK_NAMES[ask]}
        chosen={draft.asks}
        onChosen={(asks) => set({ asks })}
      />
      <Tick
        label="it leads the imagination inward"
        checked={draft.inwardImagery}
        onChecked={(inwardImagery) => set({ inwardImagery })}
      />
      <Select
        label="level"
        value={LEVELS[draft.level - 1] ?? '1'}
        values={LEVELS}
        name={(level) => LEVEL_NAMES[Number(level) as 1 | 2 | 3]}
        onValue={(level) => set({ level: Number(level) as 1 | 2 | 3 })}
      />
      <Figure
        label="a dose of its own"
        unit="breaths; empty is as the form"
        value={draft.usualBreaths}
        least={1}
        most={36}
        onValue={(usualBreaths) => set({ usualBreaths })}
      />
      <Line
        label="who minds it, and what they do instead"
        isWide
        value={draft.mind}
        onValue={(mind) => set({ mind })}
      />
    </Fields>
  );
}

/** How it is taught and announced. */
function Teaching({ at: { draft, set } }: PartProps) {
  const [one, two, three] = draft.teach;
  return (
    <Fields legend="How it is taught">
      <Line
        label="said once, when it begins"
        isWide
        value={draft.announce}
        onValue={(announce) => set({ announce })}
      />
      <Line label="first" isWide value={one} onValue={(text) => set({ teach: [text, two, three] })} />
      <Line label="then" isWide value={two} onValue={(text) => set({ teach: [one, text, three] })} />
      <Line label="at last" isWide value={three} onValue={(text) => set({ teach: [one, two, text] })} />
      {draft.mistakes.map(({ mistake, mend }, index) => (
        // A mistake has nothing but its place.
        <div key={index} className="contents">
          <Line
            label="usual mistake"
            value={mistake}
            onValue={(text) => set({ mistakes: draft.mistakes.with(index, { mistake: text, mend }) })}
          />
          <Line
            label="and its mend"
            value={mend}
            onValue={(text) => set({ mistakes: draft.mistakes.with(index, { mistake, mend: text }) })}
          />
        </div>
      ))}
      <span className="flex gap-1.5 sm:col-span-2">
        <button
          type="button"
          className="press"
          disabled={draft.mistakes.length >= 4}
          onClick={() => set({ mistakes: [...draft.mistakes, { mistake: '', mend: '' }] })}
        >
          Another mistake
        </button>
        <button
          type="button"
          className="press"
          disabled={draft.mistakes.length <= 1}
          onClick={() => set({ mistakes: draft.mistakes.slice(0, -1) })}
        >
          One fewer
        </button>
      </span>
    </Fields>
  );
}

interface Props {
  readonly start: WholePattern;
  readonly version: number | undefined;
  readonly place: string;
  readonly pace: Pace;
}

function Writing({ start, version, place, pace }: Props) {
  const at = useLayerEditing(BREATHS, place, start, version);
  const { draft, set } = at;
  return (
    <EditorFrame
      at={at}
      title={version === undefined ? 'Write a breath' : 'Change a breath'}
      room={BREATHS.room}
      shown={
        <>
          <h2>{draft.name}</h2>
          <PatternLine pattern={draft} pace={pace} label={`The line of ${draft.name}`} />
          <p className="quiet small figures">
            {breathFigures(draft, pace)}; {routeText(draft)}
          </p>
          {draft.stayFull + draft.stayEmpty > 0 && (
            <p className="watch mt-1">
              Whoever has high blood pressure, heart or eye trouble, is pregnant, or knows panic, fits or
              asthma breathes on: the stay is left out for them, and said so.
            </p>
          )}
        </>
      }
    >
      <Fields legend="What it is called">
        <Line label="name" value={draft.name} most={80} onValue={(name) => set({ name })} />
        <Line
          label="pinyin"
          value={draft.pinyin ?? ''}
          most={80}
          onValue={(text) => set({ pinyin: orNone(text) })}
        />
        <Line
          label="hanzi"
          value={draft.hanzi ?? ''}
          most={20}
          onValue={(text) => set({ hanzi: orNone(text) })}
        />
        <Line
          label="school or teacher"
          value={draft.school ?? ''}
          most={80}
          onValue={(text) => set({ school: orNone(text) })}
        />
        <Select
          label="source"
          value={draft.source}
          values={sourceIds}
          name={sourceTitle}
          onValue={(source) => set({ source })}
        />
      </Fields>
      <Making at={at} />
      <Fitting at={at} />
      <Teaching at={at} />
    </EditorFrame>
  );
}

/** A breath of one's own, written: how it is made, what it is for, how it is taught, and where it comes from. */
export function BreathEditor(props: Props) {
  const ready = useReady();
  // A draft this browser kept can only be read there.
  return ready ? <Writing {...props} /> : <p role="status">Opening …</p>;
}
