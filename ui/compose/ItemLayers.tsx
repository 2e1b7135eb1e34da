'use client';

import { useState } from 'react';
import { LONGEST_EXHALE_SEC } from '@/core/breath';
import type { Form } from '@/core/forms';
import { PATTERN_ROWS, patternRefusal, wholePattern, type LayerSpan } from '@/core/patterns';
import {
  formOf,
  layersOf,
  paceOf,
  patternIn,
  soundRefusal,
  type Edit,
  type Item,
  type LayersOfItem,
  type Practice,
} from '@/core/practice';
import { organ } from '@/core/phases';
import { SOUNDS, syllable, VOICES, type Sound } from '@/core/sounds';
import { PatternLine } from '@/ui/breaths/PatternLine';
import { Mouth } from '@/ui/sounds/Mouth';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { breathFigures, VOICE_NAMES, WHY_NO_PATTERN, WHY_NO_SOUND } from '@/ui/words/patterns';

interface Props {
  readonly practice: Practice;
  readonly item: Item;
  readonly onEdit: (edit: Edit, said: string) => void;
}

/** Where a layer is laid: on this item, on its section, on the whole practice. */
const REACHES = { item: 'here', section: 'its section', practice: 'the whole practice' } as const;
type Reach = keyof typeof REACHES;

/** Items in reach: a section is the run of its role that the item stands in. */
function inReach({ items }: Practice, item: Item, reach: Reach): readonly string[] {
  if (reach === 'item') return [item.id];
  if (reach === 'practice') return items.map(({ id }) => id);
  const at = items.indexOf(item);
  let from = at;
  let to = at;
  while (items[from - 1]?.role === item.role) from -= 1;
  while (items[to + 1]?.role === item.role) to += 1;
  return items.slice(from, to + 1).map(({ id }) => id);
}

/** All repetitions, or the first or last so many. */
function Span({
  on,
  label,
  onSpan,
}: {
  on: LayerSpan | undefined;
  label: string;
  onSpan: (on: LayerSpan | undefined) => void;
}) {
  return (
    <span className="flex items-center gap-1.5">
      <select
        className="field w-auto"
        aria-label={`${label}: which repetitions`}
        value={on?.end ?? 'all'}
        onChange={({ target: { value } }) =>
          onSpan(value === 'first' || value === 'last' ? { end: value, count: on?.count ?? 3 } : undefined)
        }
      >
        <option value="all">every time</option>
        <option value="first">the first</option>
        <option value="last">the last</option>
      </select>
      {on && (
        <input
          type="number"
          className="field w-16"
          aria-label={`${label}: how many`}
          min={1}
          max={99}
          value={on.count}
          onChange={({ target: { value } }) => onSpan({ ...on, count: Math.max(1, Number(value) || 1) })}
        />
      )}
    </span>
  );
}

const tintOf = ({ organ: of }: Sound): string | undefined => of && PHASE_VAR[organ(of).phase];

interface LayerProps {
  readonly practice: Practice;
  readonly item: Item;
  readonly form: Form;
  readonly layers: LayersOfItem;
  /** It is laid on this item alone: what does not fit it cannot be chosen. */
  readonly onlyHere: boolean;
}

/** The pattern of the breath: which, on which repetitions, how it runs and who minds it. */
function BreathLayer({
  practice,
  item,
  form,
  layers,
  onlyHere,
  onBreathe,
}: LayerProps & { readonly onBreathe: (breathing: Item['breathing']) => void }) {
  const own = Object.values(practice.patterns ?? {});
  const pattern = layers.breathing?.pattern;
  return (
    <div>
      <label className="block">
        <span className="caption block">breath</span>
        <select
          className="field"
          value={item.breathing?.pattern ?? ''}
          onChange={({ target: { value } }) =>
            onBreathe(
              value === ''
                ? undefined
                : { pattern: value, ...(item.breathing?.on ? { on: item.breathing.on } : {}) },
            )
          }
        >
          <option value="">as the form has it</option>
          {[...PATTERN_ROWS, ...own].map((row) => {
            const why = patternRefusal(form, item.variant, row);
            return (
              <option key={row.id} value={row.id} disabled={why !== undefined && onlyHere}>
                {row.name}
                {why ? ` (${WHY_NO_PATTERN[why]})` : ''}
              </option>
            );
          })}
        </select>
      </label>
      {item.breathing && (
        <Span
          label="breath"
          on={item.breathing.on}
          onSpan={(on) => onBreathe({ pattern: item.breathing?.pattern ?? 'natural', ...(on ? { on } : {}) })}
        />
      )}
      {pattern && (
        <>
          <PatternLine pattern={pattern} pace={paceOf(practice)} label={`The line of ${pattern.name}`} />
          <p className="quiet small figures">{breathFigures(pattern, paceOf(practice))}</p>
          <p className="watch">{wholePattern(pattern).mind}</p>
        </>
      )}
    </div>
  );
}

/** The sound on the exhale: which, how voiced, on which repetitions, with its mouth. */
function SoundLayer({
  practice,
  item,
  form,
  layers,
  onlyHere,
  onVoice,
}: LayerProps & { readonly onVoice: (sound: Item['sound']) => void }) {
  const asked = typeof item.sound === 'object' ? item.sound : undefined;
  const [mouth] = layers.sound?.sound.syllables ?? [];
  return (
    <div>
      <label className="block">
        <span className="caption block">sound</span>
        <select
          className="field"
          value={item.sound === 'none' ? 'none' : (asked?.sound ?? '')}
          onChange={({ target: { value } }) =>
            onVoice(
              value === ''
                ? undefined
                : value === 'none'
                  ? 'none'
                  : {
                      sound: value,
                      voice: asked?.voice ?? 'aloud',
                      ...(asked?.on ? { on: asked.on } : {}),
                    },
            )
          }
        >
          <option value="">{form.soundOrgan ? 'its own, aloud' : 'none'}</option>
          {form.soundOrgan && <option value="none">left out</option>}
          {SOUNDS.filter(({ school }) => school === undefined || school === practice.customs.soundSchool).map(
            (row) => {
              const why = soundRefusal(form, row);
              return (
                <option key={row.id} value={row.id} disabled={why !== undefined && onlyHere}>
                  {row.written} {row.hanzi ?? ''}, {row.organ ?? row.plain}
                  {why ? ` (${WHY_NO_SOUND[why]})` : ''}
                </option>
              );
            },
          )}
        </select>
      </label>
      {layers.sound && (
        <span className="flex flex-wrap items-center gap-1.5">
          <select
            className="field w-auto"
            aria-label="voiced"
            value={layers.sound.voice}
            onChange={({ target: { value } }) => {
              const chosen = VOICES.find((one) => one === value);
              if (chosen && layers.sound)
                onVoice({
                  sound: layers.sound.sound.id,
                  voice: chosen,
                  ...(layers.sound.on ? { on: layers.sound.on } : {}),
                });
            }}
          >
            {VOICES.map((one) => (
              <option key={one} value={one}>
                {VOICE_NAMES[one]}
              </option>
            ))}
          </select>
          {asked && (
            <Span
              label="sound"
              on={asked.on}
              onSpan={(on) => onVoice({ sound: asked.sound, voice: asked.voice, ...(on ? { on } : {}) })}
            />
          )}
        </span>
      )}
      {mouth && layers.sound && (
        <>
          <Mouth
            mouth={syllable(mouth).mouth}
            tint={tintOf(layers.sound.sound)}
            height={84}
            label={`The mouth of ${layers.sound.sound.written}: ${syllable(mouth).mouthWords}`}
          />
          <p className="quiet">{syllable(mouth).mouthWords}</p>
        </>
      )}
    </div>
  );
}

/** What lies on the breath of one item: a pattern and a sound, laid here, on its section or on the practice. */
export function ItemLayers({ practice, item, onEdit }: Props) {
  const [reach, setReach] = useState<Reach>('item');
  const form = formOf(practice, item);
  const layers = layersOf(practice, item, form);
  if (item.passage !== undefined) return null;
  const ids = inReach(practice, item, reach);
  const where = reach === 'item' ? form.name : REACHES[reach];
  const shown = { practice, item, form, layers, onlyHere: reach === 'item' };
  const breathe = (breathing: Item['breathing']): void =>
    onEdit({ kind: 'breathing', itemIds: ids, breathing }, `Breath changed: ${where}`);
  const voice = (sound: Item['sound']): void =>
    onEdit({ kind: 'sound', itemIds: ids, sound }, `Sound changed: ${where}`);
  return (
    <details
      className="border-t border-hairline pt-2"
      open={item.breathing !== undefined || item.sound !== undefined}
    >
      <summary className="press-plain">Breath and sound</summary>
      <div className="mt-2 space-y-3">
        <label className="block">
          <span className="caption block">laid on</span>
          <select
            className="field w-auto"
            value={reach}
            onChange={({ target: { value } }) =>
              setReach(value === 'section' || value === 'practice' ? value : 'item')
            }
          >
            {(['item', 'section', 'practice'] as const).map((one) => (
              <option key={one} value={one}>
                {REACHES[one]}
              </option>
            ))}
          </select>
        </label>
        <BreathLayer {...shown} onBreathe={breathe} />
        <SoundLayer {...shown} onVoice={voice} />
        {layers.unlaid.map((one) => (
          <p key={one.layer} className="should">
            {one.layer === 'breathing'
              ? `${patternIn(practice, one.id)?.name ?? one.id} is not laid here: ${WHY_NO_PATTERN[one.why]}.`
              : `The sound is not made here: ${WHY_NO_SOUND[one.why]}.`}
          </p>
        ))}
        {practice.customs.longestExhaleSec !== undefined && (
          <p className="quiet small">
            Nobody here is asked for an exhale over {practice.customs.longestExhaleSec} s (
            {LONGEST_EXHALE_SEC.anyone} s for anyone).
          </p>
        )}
      </div>
    </details>
  );
}
