'use client';

import Link from 'next/link';
import { memo, useState } from 'react';
import type { VariantId } from '@/core/forms';
import type { FormRow } from '@/core/seek/seek';
import { PHASE_VAR, PhaseMark } from '@/ui/kit/PhaseMark';
import { clockText } from '@/ui/kit/time';
import { ROLE_NAMES } from '@/ui/words/names';
import { RowFigure } from './RowFigure';

interface Props {
  readonly row: FormRow;
  /** The way that answers the wishes, and how long it takes, s. */
  readonly variant: VariantId;
  readonly seconds: number | undefined;
  readonly held: boolean;
  readonly onHold: (id: string) => void;
}

/** A form in the list: its figure in the way that answers the wishes, how long it takes, and a press to hold it. */
function Line({ row, variant, seconds, held, onHold }: Props) {
  const [moving, setMoving] = useState(false);
  const phase = row.phases[0];
  return (
    <li
      className="flex items-center gap-2 border-b border-hairline py-0.5 [contain-intrinsic-size:auto_6.4rem] [content-visibility:auto]"
      onPointerEnter={() => setMoving(true)}
      onPointerLeave={() => setMoving(false)}
    >
      <Link
        href={variant === 'full' ? `/forms/${row.id}` : `/forms/${row.id}?variant=${variant}`}
        className="flex min-w-0 flex-1 items-center gap-2"
        prefetch={false}
        onFocus={() => setMoving(true)}
        onBlur={() => setMoving(false)}
      >
        <RowFigure
          id={row.id}
          variant={variant}
          height={96}
          sash={phase ? PHASE_VAR[phase] : 'var(--faded)'}
          moving={moving}
        />
        <span className="min-w-0 flex-1">
          <span className="font-serif text-[1.1rem]">{row.name}</span>{' '}
          {row.hanzi && (
            <span lang="zh-Hant" className="hanzi">
              {row.hanzi}
            </span>
          )}
          {row.own && <span className="quiet small"> my own</span>}
          <span className="quiet small block">
            {row.phases.map((id) => (
              <PhaseMark key={id} phase={id} />
            ))}{' '}
            {row.roles.map((role) => ROLE_NAMES[role].toLowerCase()).join(', ')}
            {variant !== 'full' && <>; {variant}</>}
          </span>
        </span>
        {seconds !== undefined && (
          <span className="figures small whitespace-nowrap text-right">{clockText(seconds * 1000)}</span>
        )}
      </Link>
      <button
        type="button"
        className="press-plain small"
        aria-pressed={held}
        aria-label={`Hold ${row.name} beside another`}
        onClick={() => onHold(row.id)}
      >
        hold
      </button>
    </li>
  );
}

export const FormLine = memo(Line);
