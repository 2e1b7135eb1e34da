import { phaseName, type PhaseId } from '@/core/phases';

/** Pigment of a phase, for text and strokes. Colour never speaks alone: show the character beside it. */
export const PHASE_INK = {
  wood: 'text-wood',
  fire: 'text-fire',
  earth: 'text-earth',
  metal: 'text-metal',
  water: 'text-water',
} as const satisfies Record<PhaseId, string>;

export const PHASE_VAR = {
  wood: 'var(--wood)',
  fire: 'var(--fire)',
  earth: 'var(--earth)',
  metal: 'var(--metal)',
  water: 'var(--water)',
} as const satisfies Record<PhaseId, string>;

/** The character of a phase in its pigment, with its name read aloud. */
export function PhaseMark({ phase, withName = false }: { phase: PhaseId; withName?: boolean }) {
  const { name, pinyin, hanzi } = phaseName(phase);
  return (
    <span className="whitespace-nowrap">
      <span
        lang="zh-Hant"
        className={`mark font-hanzi text-[1.1em] leading-[0] ${PHASE_INK[phase]}`}
        aria-hidden={withName}
        title={`${name} · ${pinyin}`}
      >
        {hanzi}
      </span>
      {withName ? <span> {name}</span> : <span className="sr-only"> ({name})</span>}
    </span>
  );
}
