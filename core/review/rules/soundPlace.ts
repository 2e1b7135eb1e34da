import type { Finding, Mend, Rule } from '../rule';
import type { ItemView } from '../rule';

/** Sections in which an organ’s sound has no business: the mind has not settled, or is being gathered. */
const OUT_OF_PLACE: ReadonlySet<string> = new Set(['loosen', 'wake', 'gather', 'close']);

/** The sound kept, in another voice. */
function revoiced({ item, layers }: ItemView, voice: 'whispered' | 'silent'): Mend | undefined {
  const { sound } = layers;
  if (!sound) return undefined;
  const layer = { sound: sound.sound.id, voice, ...(sound.on ? { on: sound.on } : {}) };
  return {
    kind: 'edits',
    said: { code: voice === 'silent' ? 'sound-silent' : 'sound-whispered' },
    edits: [{ kind: 'sound', itemIds: [item.id], sound: layer }],
  };
}

export const soundPlace: Rule = {
  id: 'sound-place',
  source: 'common-practice',
  find: ({ items, practice: { brief } }) => {
    const isQuiet = brief.place?.includes('quiet') ?? false;
    return items.flatMap((view): readonly Finding[] => {
      const { item, form, layers } = view;
      const { sound } = layers;
      if (!sound?.sound.organ) return [];
      const findings: Finding[] = [];
      if (OUT_OF_PLACE.has(item.role))
        findings.push({
          weight: 'consider',
          itemId: item.id,
          detail: 'section',
          said: { code: 'sound-out-of-place', form: form.name, role: item.role },
        });
      const isAloud = sound.voice === 'aloud';
      if (
        (isQuiet && sound.voice !== 'silent') ||
        (isAloud && brief.dayPart === 'evening' && brief.intent === 'calm')
      ) {
        const mend = revoiced(view, isQuiet ? 'silent' : 'whispered');
        findings.push({
          weight: isQuiet ? 'should' : 'consider',
          itemId: item.id,
          detail: 'voice',
          said: { code: 'sound-too-loud', form: form.name, voice: sound.voice, isQuiet },
          ...(mend ? { mend } : {}),
        });
      }
      return findings;
    });
  },
};
