import { stayText } from './doses';
import { PROP_WORDS } from '@/core/body/propWords';
import { propOf } from '@/core/forms/model/props';
import { seal } from '@/core/forms/model/seals';
import type { Form } from '@/core/forms';
import type { Item, LayersOfItem } from '@/core/practice';
import { LESSON_NAMES } from './lessons';
import { spanText, VOICE_NAMES } from './patterns';

/** What a leader must know of an item beside its cues, in the order it comes up. */
export function itemExtras(item: Item, form: Form, layers: LayersOfItem): readonly string[] {
  const said: string[] = [];
  if (item.passage) said.push(item.passage);
  if (layers.breathing)
    said.push(`Breath: ${layers.breathing.pattern.name}${spanText(layers.breathing.on)}.`);
  if (layers.sound) {
    const { sound, voice, on } = layers.sound;
    said.push(
      `Sound: ${sound.written}${sound.hanzi ? ` ${sound.hanzi}` : ''}, ${VOICE_NAMES[voice]}${spanText(on)}.`,
    );
  }
  if (layers.seal) said.push(`Hands: ${seal(layers.seal).name}.`);
  const prop = propOf(form, item.variant);
  if (prop) said.push(`Needs ${PROP_WORDS[prop].needs}.`);
  if (item.station) said.push('Named in a word, and on without a pause.');
  if (item.image) said.push(`Image: ${item.image}`);
  if (item.lesson) said.push(`Lesson: ${LESSON_NAMES[item.lesson]}.`);
  if (item.lesson === 'parts')
    said.push(
      ...form.parts.map((part) =>
        typeof part === 'string' ? part : part.watch ? `${part.part}: ${part.watch}` : part.part,
      ),
    );
  if (item.lesson === 'mistakes')
    said.push(...form.mistakes.map(({ mistake, mend }) => `${mistake}: ${mend}`));
  if (item.layers && item.layers.length > 0)
    said.push(`Built up, a repetition each: ${item.layers.join(', ')}.`);
  said.push(...(item.stays ?? []).map((stay) => stayText(stay, form)));
  if (item.quietSec) said.push(`Then ${Math.round(form.settleSec + item.quietSec)} s quiet.`);
  return said;
}
