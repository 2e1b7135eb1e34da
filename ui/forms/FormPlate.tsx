'use client';

import Link from 'next/link';
import { memo, useState } from 'react';
import type { VariantId } from '@/core/forms';
import type { FormRow } from '@/core/seek/seek';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { RowFigure } from './RowFigure';

interface Props {
  readonly row: FormRow;
  readonly variant: VariantId;
  /** Its number on the plate, from 1. */
  readonly number: number;
}

/** One form of a plate: its posture on the common ground, its number and name under it. */
function Plate({ row, variant, number }: Props) {
  const [moving, setMoving] = useState(false);
  const phase = row.phases[0];
  return (
    <li
      className="[contain-intrinsic-size:8rem_13rem] [content-visibility:auto]"
      onPointerEnter={() => setMoving(true)}
      onPointerLeave={() => setMoving(false)}
    >
      <Link
        href={variant === 'full' ? `/forms/${row.id}` : `/forms/${row.id}?variant=${variant}`}
        prefetch={false}
        className="block h-full"
        onFocus={() => setMoving(true)}
        onBlur={() => setMoving(false)}
      >
        <span className="flex justify-center border-b-2 border-faded">
          <RowFigure
            id={row.id}
            variant={variant}
            height={150}
            sash={phase ? PHASE_VAR[phase] : 'var(--faded)'}
            moving={moving}
          />
        </span>
        <span className="block px-1 pt-1 pb-3 text-center font-serif leading-tight">
          <span className="quiet small figures block font-sans">{number}</span>
          {row.name}{' '}
          {row.hanzi && (
            <span lang="zh-Hant" className="hanzi block">
              {row.hanzi}
            </span>
          )}
        </span>
      </Link>
    </li>
  );
}

export const FormPlate = memo(Plate);
