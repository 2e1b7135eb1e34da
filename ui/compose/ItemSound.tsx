import { soundRefusal, type Item } from '@/core/practice';
import { organ } from '@/core/phases';
import { SOUNDS, syllable, VOICES, type Sound } from '@/core/sounds';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { Mouth } from '@/ui/sounds/Mouth';
import { VOICE_NAMES, WHY_NO_SOUND } from '@/ui/words/patterns';
import { Span, type LayerProps } from './ItemBreath';

const tintOf = ({ organ: of }: Sound): string | undefined => of && PHASE_VAR[organ(of).phase];

/** The sound on the exhale: which, how voiced, on which repetitions, with its mouth. */
export function SoundLayer({
  practice,
  item,
  form,
  laid,
  own,
  onlyHere,
  onVoice,
}: LayerProps & { readonly onVoice: (sound: Item['sound']) => void }) {
  const asked = typeof item.sound === 'object' ? item.sound : undefined;
  const [mouth] = laid.sound?.sound.syllables ?? [];
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
          {[
            ...Object.values(own.sounds ?? {}),
            ...SOUNDS.filter(({ school }) => school === undefined || school === practice.customs.soundSchool),
          ].map((row) => {
            const why = soundRefusal(form, row);
            return (
              <option key={row.id} value={row.id} disabled={why !== undefined && onlyHere}>
                {row.written} {row.hanzi ?? ''}, {row.organ ?? row.plain}
                {why ? ` (${WHY_NO_SOUND[why]})` : ''}
              </option>
            );
          })}
        </select>
      </label>
      {laid.sound && (
        <span className="flex flex-wrap items-center gap-1.5">
          <select
            className="field w-auto"
            aria-label="voiced"
            value={laid.sound.voice}
            onChange={({ target: { value } }) => {
              const chosen = VOICES.find((one) => one === value);
              if (chosen && laid.sound)
                onVoice({
                  sound: laid.sound.sound.id,
                  voice: chosen,
                  ...(laid.sound.on ? { on: laid.sound.on } : {}),
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
      {mouth && laid.sound && (
        <>
          <Mouth
            mouth={syllable(mouth).mouth}
            tint={tintOf(laid.sound.sound)}
            height={84}
            label={`The mouth of ${laid.sound.sound.written}: ${syllable(mouth).mouthWords}`}
          />
          <p className="quiet">{syllable(mouth).mouthWords}</p>
        </>
      )}
    </div>
  );
}
