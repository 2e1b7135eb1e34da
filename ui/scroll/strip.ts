import type { Role, VariantId } from '@/core/forms';
import type { Practice, Timeline } from '@/core/practice';
import { nameOf } from '@/core/forms/model/variants';
import { doseInBreaths } from '@/ui/words/doses';

/** One form on a scroll. */
export interface StripItem {
  readonly key: string;
  readonly formId: string;
  readonly variant: VariantId;
  readonly name: string;
  /** How much of it, in words; empty where nothing is said. */
  readonly dose: string;
  readonly role: Role;
  readonly startMs: number;
  readonly lengthMs: number;
  /** How long its led breaths are; nothing where the breath is free. */
  readonly breathMs: number | undefined;
}

/** A practice as its scroll shows it. */
export interface Strip {
  readonly totalMs: number;
  readonly items: readonly StripItem[];
}

/** What the scroll of a practice shows. */
export function stripOf(practice: Practice, timeline: Timeline): Strip {
  const breaths = new Map<number, { from: number; to: number; count: number }>();
  for (const event of timeline.events) {
    if (event.kind !== 'stroke' || (event.breath !== 'in' && event.breath !== 'out')) continue;
    const there = breaths.get(event.itemIndex) ?? { from: event.startMs, to: 0, count: 0 };
    there.to = event.startMs + event.lengthMs;
    if (event.breath === 'in') there.count += 1;
    breaths.set(event.itemIndex, there);
  }
  const items = timeline.items.flatMap((span): readonly StripItem[] => {
    const item = practice.items[span.itemIndex];
    const form = item && practice.forms[item.formId];
    if (!item || !form) return [];
    const led = breaths.get(span.itemIndex);
    return [
      {
        key: span.itemId,
        formId: form.id,
        variant: item.variant,
        name: nameOf(form, item.variant),
        dose: doseInBreaths(form, item).replace(/ each.*/, ' each'),
        role: span.role,
        startMs: span.startMs,
        lengthMs: span.lengthMs,
        breathMs: led && led.count > 0 ? (led.to - led.from) / led.count : undefined,
      },
    ];
  });
  return { totalMs: timeline.totalMs, items };
}

/** A name in the serif at 13 px, its dose under it in the sans: how wide it is written, px (measured on the fonts that ship). */
const LETTER_PX = 6.2;
export const nameWidth = ({ name, dose }: StripItem): number =>
  Math.max(name.length * LETTER_PX, dose.length * 5.6) + 2;
