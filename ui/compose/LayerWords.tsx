import {
  BRIEF_VOICES,
  clearsBySound,
  OWN_BREATH,
  soundOrgansOf,
  themeParts,
  type Brief,
  type BriefVoice,
} from '@/core/brief';
import type { Customs } from '@/core/customs';
import { PATTERN_ROWS } from '@/core/patterns';
import { patternIn, type OwnLayers } from '@/core/practice';
import { soundOf } from '@/core/sounds';
import { LEVEL_NAMES } from '@/ui/words/patterns';
import { Word } from './BriefWord';
import type { WordsProps } from './BriefWords';

/** What of the customs the two words need. */
export type LayerCustoms = Pick<Customs, 'soundSchool' | 'soundsOf' | 'patternsNever'>;

/** The sound of the organ asked for, with how it is voiced; else how loud sounds would be. */
function soundShown(
  { theme, intent, voice = 'aloud' }: Brief,
  { soundSchool, soundsOf }: LayerCustoms,
  { sounds }: OwnLayers,
): string {
  if (voice === 'none') return 'no sounds';
  if (themeParts(theme).some((part) => part.kind === 'set' && part.set === 'six-sounds'))
    return `the sounds ${voice}`;
  const written = soundOrgansOf(theme).flatMap(
    (of) => sounds?.[soundsOf[of] ?? '']?.written ?? soundOf(of, soundSchool) ?? [],
  );
  if (!clearsBySound({ theme, intent }) || written.length === 0) return `sounds, if any, ${voice}`;
  return `the ${written.length === 1 ? 'sound' : 'sounds'} ${written.join(' and ')}, ${voice}`;
}

/** The other two choices of a theme: its sound and its breath. */
export function SoundAndBreath({
  filled,
  customs,
  layers,
  onWish,
}: WordsProps & {
  readonly customs: LayerCustoms;
  /** Own breaths and sounds, chosen among like those that are shipped. */
  readonly layers: OwnLayers;
}) {
  const { brief, why } = filled;
  const breaths = [...Object.values(layers.patterns ?? {}), ...PATTERN_ROWS].filter(
    ({ id }) => !customs.patternsNever.includes(id),
  );
  return (
    <>
      , with{' '}
      <Word
        name="Sound"
        shown={soundShown(brief, customs, layers)}
        why={why.voice}
        value={brief.voice ?? 'aloud'}
        onChoose={(voice) => onWish({ voice })}
        options={BRIEF_VOICES.map((value) => ({
          value,
          label: value === 'none' ? 'no sounds' : value,
          note: VOICE_NOTES[value],
        }))}
      />
      , breathing{' '}
      <Word
        name="Breath"
        shown={
          brief.breath === undefined || brief.breath === OWN_BREATH
            ? 'their own breath'
            : (patternIn(layers, brief.breath)?.name ?? 'a breath you no longer keep')
        }
        why={why.breath}
        value={brief.breath ?? OWN_BREATH}
        onChoose={(breath) => onWish({ breath })}
        options={[
          { value: OWN_BREATH, label: 'their own breath', note: 'as each form has it' },
          ...breaths.map(({ id, name, level }) => ({
            value: id,
            label: name,
            note: LEVEL_NAMES[level],
          })),
        ]}
      />
    </>
  );
}

const VOICE_NOTES = {
  none: 'a library, a thin wall',
  aloud: 'to learn it',
  whispered: 'the breath shaped by the mouth',
  silent: 'only breath and mouth',
} as const satisfies Record<BriefVoice, string>;
