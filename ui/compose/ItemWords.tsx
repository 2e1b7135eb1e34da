'use client';

import { useState } from 'react';
import { cycleOf } from '@/core/forms';
import { spokenCue, writtenCue } from '@/core/forms/words/cueText';
import { soundOf } from '@/core/sounds';
import { KeptText } from '@/ui/kit/KeptText';
import { formOf, LAYERS, type Edit, type Item, type Practice } from '@/core/practice';

interface Props {
  readonly practice: Practice;
  readonly item: Item;
  readonly onEdit: (edit: Edit, said: string) => void;
}

/** A line of text that is kept when it is left or Enter is pressed, so that typing is one change. */
function Words({
  label,
  value,
  placeholder,
  onKeep,
}: {
  label: string;
  value: string;
  placeholder: string;
  onKeep: (text: string) => void;
}) {
  const [text, setText] = useState(value);
  const [was, setWas] = useState(value);
  if (was !== value) {
    setWas(value);
    setText(value);
  }
  const keep = (): void => {
    if (text.trim() !== value) onKeep(text.trim());
  };
  return (
    <label className="block">
      <span className="caption">{label}</span>
      <input
        className="field"
        value={text}
        maxLength={240}
        placeholder={placeholder}
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep();
        }}
      />
    </label>
  );
}

/** What is said, where the item is talk. */
const Passage = ({ item, onEdit }: Pick<Props, 'item' | 'onEdit'>) => (
  <div className="border-t border-hairline pt-2">
    <KeptText
      label="said here, sentence by sentence"
      className="min-h-32"
      value={item.passage ?? ''}
      most={6000}
      onKeep={(passage) => onEdit({ kind: 'passage', itemId: item.id, passage }, 'Words changed')}
    />
  </div>
);

/** Words, images and time of one item: its own cues over the form's, quiet, a held end, layers. */
export function ItemWords({ practice, item, onEdit }: Props) {
  const form = formOf(practice, item);
  const layers = item.layers ?? [];
  const sound = form.soundOrgan ? soundOf(form.soundOrgan, practice.customs.soundSchool) : undefined;
  if (item.passage !== undefined) return <Passage item={item} onEdit={onEdit} />;
  return (
    <details className="border-t border-hairline pt-2">
      <summary className="press-plain">Words, layers</summary>
      <div className="mt-2 space-y-2">
        <Words
          label="announced as"
          value={item.cues?.setup ?? ''}
          placeholder={form.name}
          onKeep={(cue) => onEdit({ kind: 'cue', itemId: item.id, key: 'setup', cue }, 'Words changed')}
        />
        <Words
          label="image"
          value={item.image ?? ''}
          placeholder={form.images[0] ?? 'an image to say before it'}
          onKeep={(image) => onEdit({ kind: 'image', itemId: item.id, image }, 'Image changed')}
        />
        {cycleOf(form, item.variant).map((stroke, index) => (
          <Words
            key={`cycle-${index}`}
            label={`stroke ${index + 1}, ${stroke.breath}`}
            value={spokenCue(item.cues?.[`cycle-${index}`] ?? '', form, sound)}
            placeholder={spokenCue(stroke.cue, form, sound)}
            onKeep={(said) =>
              onEdit(
                {
                  kind: 'cue',
                  itemId: item.id,
                  key: `cycle-${index}`,
                  cue: writtenCue(said, form, sound),
                },
                'Words changed',
              )
            }
          />
        ))}
        <p className="quiet small">
          Empty gives the form’s own words back.
          {form.sides !== 'symmetric' && ' Written as said for the left; the other side follows by itself.'}
        </p>
        <fieldset>
          <legend className="caption">built up in layers, one repetition each</legend>
          <span className="flex flex-wrap gap-x-4">
            {LAYERS.map((layer) => (
              <label key={layer} className="inline-flex min-h-7 items-center gap-1.5">
                <input
                  type="checkbox"
                  className="accent-ink"
                  checked={layers.includes(layer)}
                  onChange={(event) =>
                    onEdit(
                      {
                        kind: 'layers',
                        itemId: item.id,
                        layers: LAYERS.filter((one) =>
                          one === layer ? event.target.checked : layers.includes(one),
                        ),
                      },
                      'Layers changed',
                    )
                  }
                />
                {layer}
              </label>
            ))}
          </span>
        </fieldset>
      </div>
    </details>
  );
}
