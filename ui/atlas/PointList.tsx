'use client';

import { Pinyin } from '@/ui/kit/Pinyin';
import { point, type PointCode } from '@/core/channels';
import { phaseOfChannel } from '@/ui/figure/overlay';
import { PhaseMark } from '@/ui/kit/PhaseMark';
import type { Listed } from './looking';

interface Props {
  readonly label: string;
  readonly points: readonly Listed[];
  readonly chosen: PointCode | undefined;
  readonly onPoint: (code: PointCode) => void;
}

/** Points as text, each a press away from its card. */
export function PointList({ label, points, chosen, onPoint }: Props) {
  return (
    <ul aria-label={label} className="border-t border-hairline">
      {points.map(({ code, why }) => {
        const row = point(code);
        const phase = phaseOfChannel(row.channel);
        return (
          <li key={code} className="border-b border-hairline">
            <button
              type="button"
              className="grid w-full grid-cols-[1.4rem_4.2rem_minmax(0,1fr)] items-baseline py-0.5 text-left aria-pressed:font-bold"
              aria-pressed={code === chosen}
              onClick={() => onPoint(code)}
            >
              <span>{phase ? <PhaseMark phase={phase} /> : null}</span>
              <span className="figures">{code}</span>
              <span>
                <Pinyin>{row.pinyin}</Pinyin>{' '}
                <span lang="zh-Hant" className="font-hanzi quiet">
                  {row.hanzi}
                </span>{' '}
                <span className="quiet">{why ?? row.sense}</span>
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
