'use client';

import { useEffect, useState } from 'react';
import type { Instead } from '@/core/compose';
import { formOf, type Item, type Practice } from '@/core/practice';
import { Thumbnail } from '@/ui/figure/Thumbnail';
import { clockText } from '@/ui/kit/time';
import { layersText } from '@/ui/words/patterns';
import { reasonText } from '@/ui/words/reasons';
import { pointsText, worthAgainst } from '@/ui/words/worth';
import { Sheet } from '@/ui/kit/Sheet';

interface Props {
  readonly practice: Practice;
  readonly item: Item;
  readonly ask: () => Promise<readonly Instead[] | undefined>;
  readonly onTake: (instead: Instead) => void;
  readonly onAll: () => void;
  readonly onClose: () => void;
}

/** Other forms for one place, best first, each with what would change. */
export function SomethingElse({ practice, item, ask, onTake, onAll, onClose }: Props) {
  const [rows, setRows] = useState<readonly Instead[] | undefined>(undefined);
  useEffect(() => {
    let wanted = true;
    void ask().then((found) => wanted && setRows(found ?? []));
    return () => {
      wanted = false;
    };
  }, [ask]);
  return (
    <Sheet title={`In place of ${formOf(practice, item).name}`} onClose={onClose}>
      <p className="quiet small" role="status">
        {rows === undefined
          ? 'Weighing …'
          : rows.length === 0
            ? 'Nothing else fits here.'
            : 'Best first; everything else stays as it is.'}
      </p>
      <ul className="mt-1 border-t border-hairline">
        {(rows ?? []).map((row) => {
          const form = row.practice.forms[row.item.formId];
          return (
            <li
              key={`${row.item.formId} ${layersText(row.practice, row.item)}`}
              className="border-b border-hairline"
            >
              <button type="button" className="slip-line items-start py-2" onClick={() => onTake(row)}>
                {form && <Thumbnail form={form} variant={row.item.variant} height={56} />}
                <span className="min-w-0 flex-1">
                  <span className="font-serif text-[1.1rem]">{row.name}</span>{' '}
                  {form?.hanzi && (
                    <span lang="zh-Hant" className="hanzi">
                      {form.hanzi}
                    </span>
                  )}{' '}
                  <span className="quiet figures">{row.item.repetitions}×</span>
                  {row.isLayers && (
                    <span className="block">The same form, {layersText(row.practice, row.item)}.</span>
                  )}
                  <span className="quiet small block">
                    {row.item.reasons
                      .filter((reason) => reason.code !== 'swapped-by-hand')
                      .map(reasonText)
                      .join(' ')}{' '}
                    {row.cold.length > 0 && `Nothing before it loosens ${row.cold.join(' and ')}.`}
                  </span>
                </span>
                <span className="figures text-right">
                  <span title={pointsText(row.points)}>{worthAgainst(row.points)}</span>
                  <span className="quiet small block">
                    {Math.abs(row.changeMs) < 1000
                      ? 'same length'
                      : `${row.changeMs > 0 ? '+' : '−'}${clockText(Math.abs(row.changeMs))}`}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      <p className="mt-3">
        <button type="button" className="press-plain" onClick={onAll}>
          Look through every form that fits
        </button>
      </p>
    </Sheet>
  );
}
