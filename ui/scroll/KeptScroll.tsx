'use client';

import { useEffect, useRef, useState } from 'react';
import { z } from 'zod';
import { looksNow } from '@/ui/figure/looks';
import { whenSeen } from '@/ui/figure/whenSeen';
import { useWidth } from '@/ui/kit/useWidth';

/** What the server answers with: the inside of an `svg`, made of numbers and escaped names. */
const scrollSchema = z.object({ markup: z.string(), height: z.number().positive(), words: z.string() });

/** Widths are asked for in steps, so that a window a little wider is no new question, px. */
const STEP_PX = 40;

interface Props {
  /** Where the scroll of a practice is asked for, with its version. */
  readonly address: string;
  readonly ink: string;
  /** How high it will be, so that nothing moves when it comes, px. */
  readonly height: number;
}

/** The scroll of a practice that is kept: asked for when it comes into sight. */
export function KeptScroll({ address, ink, height }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const width = Math.floor(useWidth(box, 0) / STEP_PX) * STEP_PX;
  const [drawn, setDrawn] = useState<z.infer<typeof scrollSchema> | undefined>(undefined);
  useEffect(() => {
    const element = box.current;
    if (!element || width === 0) return undefined;
    return whenSeen(element, 300, (draw) => {
      // The looks are part of the address, so that a figure that is built otherwise is asked for anew.
      const { build, seat } = looksNow();
      void fetch(`${address}&width=${width}&looks=${build}-${seat}`)
        .then(async (answer) => (answer.ok ? scrollSchema.parse(await answer.json()) : undefined))
        .then((scroll) => {
          if (scroll) draw(() => setDrawn(scroll));
        })
        // A scroll that cannot be fetched now is asked for again when it is next looked at; its place stays.
        .catch(() => undefined);
    });
  }, [address, width]);
  return (
    <div ref={box} style={{ height }} className="w-full overflow-hidden">
      {drawn && (
        <svg
          className="fig fig-themed h-auto max-w-full"
          color={ink}
          width={width}
          height={drawn.height}
          viewBox={`0 0 ${width} ${drawn.height}`}
          role="img"
          aria-label={drawn.words}
          dangerouslySetInnerHTML={{ __html: drawn.markup }}
        />
      )}
    </div>
  );
}
