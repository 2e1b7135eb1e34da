import { soundIn, type Practice, type TimelineEvent } from '@/core/practice';
import { organ } from '@/core/phases';
import { syllable } from '@/core/sounds';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { Mouth } from '@/ui/sounds/Mouth';

/** How much of a stroke is left at a moment, 1 … 0. */
export const leftOf = ({ startMs, lengthMs }: TimelineEvent, atMs: number): number =>
  lengthMs === 0 ? 0 : Math.min(1, Math.max(0, 1 - (atMs - startMs) / lengthMs));

/** The sound of this exhale as large as the cue, its mouth, and how much of the exhale is left: seen, not counted. */
export function Sounding({
  practice,
  event,
  atMs,
}: {
  readonly practice: Practice;
  readonly event: TimelineEvent;
  readonly atMs: number;
}) {
  const { sound: made } = event;
  const sound = made && soundIn(practice, made.id);
  if (!made || !sound) return null;
  const [mouth] = sound.syllables;
  return (
    <div className="flex flex-wrap items-center gap-x-[3vw] gap-y-[1vh]" data-testid="sounding">
      <span>
        <span
          className={`font-serif text-[clamp(2rem,min(11vh,14vw),8rem)] leading-none ${made.voice === 'aloud' ? 'font-medium' : 'italic'} ${made.voice === 'silent' ? 'text-faded' : ''}`}
        >
          {made.written}
        </span>
        {made.hanzi && (
          <span lang="zh-Hant" className="hanzi text-[clamp(1.6rem,min(6vh,8vw),4.4rem)]">
            {' '}
            {made.hanzi}
          </span>
        )}
        <span className="mt-[1vh] block h-[0.9vh] w-full min-w-40 bg-hairline" aria-hidden>
          <span
            className="block h-full origin-left bg-ink"
            style={{ transform: `scaleX(${leftOf(event, atMs).toFixed(3)})` }}
          />
        </span>
      </span>
      {mouth && (
        <span className="max-sm:hidden [@media(max-height:500px)]:hidden">
          <Mouth
            mouth={syllable(mouth).mouth}
            height={150}
            tint={sound.organ && PHASE_VAR[organ(sound.organ).phase]}
            label={`The mouth of ${made.written}: ${syllable(mouth).mouthWords}`}
          />
        </span>
      )}
    </div>
  );
}
