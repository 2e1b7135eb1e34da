'use client';

import { useMemo } from 'react';
import { themePhase } from '@/core/brief';
import { formOf, type Item, type Practice } from '@/core/practice';
import { MovingFigure } from '@/ui/figure/MovingFigure';
import { playedForm } from '@/ui/figure/played';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';

/** The selected form as it is done here, moving. */
export function ItemFigure({ practice, item }: { practice: Practice; item: Item }) {
  const form = formOf(practice, item);
  const { soundSchool } = practice.customs;
  const played = useMemo(
    () => playedForm(form, item.variant, { soundSchool, firstSide: item.firstSide }),
    [form, item.firstSide, item.variant, soundSchool],
  );
  if (played.length === 0) return null;
  return (
    <MovingFigure
      strokes={played}
      startView={form.view ?? 'front'}
      sash={PHASE_VAR[themePhase(practice.brief.theme)]}
      height={230}
      name={form.name}
      compact
    />
  );
}
