'use client';

import { DOUBLE_HOURS, hourIndexOf } from '@/core/almanac';
import { CHANNELS, type ChannelId } from '@/core/channels';
import type { OrganId } from '@/core/phases';
import { phaseOfChannel } from '@/ui/figure/overlay';
import { PhaseMark } from '@/ui/kit/PhaseMark';

const two = (hour: number): string => String(hour).padStart(2, '0');

/** The double hour of an organ, as its two clock hours. */
export function hourText(organ: OrganId): string {
  const from = DOUBLE_HOURS[hourIndexOf(organ)]?.fromHour ?? 0;
  return `${two(from)}–${two((from + 2) % 24)}`;
}

interface Props {
  readonly chosen: ChannelId | undefined;
  /** The organ whose hour it is now. */
  readonly now: OrganId;
  readonly onChoose: (id: ChannelId) => void;
}

/** The channels in the order of their flow, each with its hour; the two vessels after them. */
export function ChannelWalk({ chosen, now, onChoose }: Props) {
  return (
    <ol className="border-t border-hairline">
      {CHANNELS.map((row) => {
        const phase = phaseOfChannel(row.id);
        return (
          <li key={row.id} className="border-b border-hairline">
            <button
              type="button"
              className="flex w-full items-baseline gap-2 py-1 text-left aria-pressed:font-bold"
              aria-pressed={row.id === chosen}
              onClick={() => onChoose(row.id)}
            >
              <span className="w-5">{phase ? <PhaseMark phase={phase} /> : null}</span>
              <span className="figures w-7">{row.id}</span>
              <span>{row.name.replace(' channel', '')}</span>
              {row.organ !== undefined && (
                <span className="quiet small figures ml-auto whitespace-nowrap">
                  {row.organ === now && 'now '}
                  {hourText(row.organ)}
                </span>
              )}
            </button>
          </li>
        );
      })}
    </ol>
  );
}
