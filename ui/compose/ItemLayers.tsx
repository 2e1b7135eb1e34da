'use client';

import { useState } from 'react';
import { LONGEST_EXHALE_SEC } from '@/core/breath';
import {
  formOf,
  layersOf,
  layersWith,
  patternIn,
  type Edit,
  type Item,
  type OwnLayers,
  type Practice,
  type Unlaid,
} from '@/core/practice';
import { WHY_NO_PATTERN, WHY_NO_SEAL, WHY_NO_SOUND } from '@/ui/words/patterns';
import { BreathLayer } from './ItemBreath';
import { SealLayer } from './ItemSeal';
import { SoundLayer } from './ItemSound';

interface Props {
  readonly practice: Practice;
  readonly layers: OwnLayers;
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

function unlaidText(practice: Practice, one: Unlaid): string {
  if (one.layer === 'breathing')
    return `${patternIn(practice, one.id)?.name ?? one.id} is not laid here: ${WHY_NO_PATTERN[one.why]}.`;
  if (one.layer === 'sound') return `The sound is not made here: ${WHY_NO_SOUND[one.why]}.`;
  return `The hands are not held so here: ${WHY_NO_SEAL[one.why]}.`;
}

/** What lies on the breath of one item: a pattern and a sound, laid here, on its section or on the practice. */
export function ItemLayers({ practice, layers, item, onEdit }: Props) {
  const [reach, setReach] = useState<Reach>('item');
  const form = formOf(practice, item);
  const laid = layersOf(practice, item, form);
  const own = layersWith(layers, practice);
  if (item.passage !== undefined) return null;
  const ids = inReach(practice, item, reach);
  const where = reach === 'item' ? form.name : REACHES[reach];
  const shown = { practice, item, form, laid, own, onlyHere: reach === 'item' };
  const breathe = (breathing: Item['breathing']): void =>
    onEdit(
      { kind: 'breathing', itemIds: ids, breathing, own: breathing && own.patterns?.[breathing.pattern] },
      `Breath changed: ${where}`,
    );
  const voice = (sound: Item['sound']): void =>
    onEdit(
      {
        kind: 'sound',
        itemIds: ids,
        sound,
        own: typeof sound === 'object' ? own.sounds?.[sound.sound] : undefined,
      },
      `Sound changed: ${where}`,
    );
  return (
    <details
      className="border-t border-hairline pt-2"
      open={item.breathing !== undefined || item.sound !== undefined || item.seal !== undefined}
    >
      <summary className="press-plain">Breath, sound and hands</summary>
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
        <SealLayer
          form={form}
          item={item}
          onSeal={(chosen) =>
            onEdit({ kind: 'seal', itemId: item.id, seal: chosen }, `Hands changed: ${form.name}`)
          }
        />
        {laid.unlaid.map((one) => (
          <p key={one.layer} className="should">
            {unlaidText(practice, one)}
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
