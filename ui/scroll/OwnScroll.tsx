'use client';

import { useEffect, useRef, useState } from 'react';
import type { Practice, Timeline } from '@/core/practice';
import { useWidth } from '@/ui/kit/useWidth';
import { whenSeen } from '@/ui/figure/whenSeen';

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly figurePx: number;
  readonly ink: string;
}

/** Room over a figure's head and under its feet, as in the scroll itself: it stands there before the people come. */
const heightFor = (figurePx: number): number => Math.ceil(28 + figurePx * 1.3 + 12);

/** The scroll of a practice that lies on the table, drawn when it comes into sight. */
export function OwnScroll({ practice, timeline, figurePx, ink }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box, 0);
  const [markup, setMarkup] = useState('');
  useEffect(() => {
    const element = box.current;
    if (!element || width === 0) return undefined;
    return whenSeen(element, 200, (draw) => {
      void Promise.all([import('./markup'), import('./strip')]).then(([{ scrollMarkup }, { stripOf }]) =>
        draw(() => {
          const size = { width, figurePx, nameRows: 0, sections: false, breath: true };
          setMarkup(scrollMarkup(stripOf(practice, timeline), (id) => practice.forms[id], size).markup);
        }),
      );
    });
  }, [figurePx, practice, timeline, width]);
  return (
    <div ref={box} className="w-full" style={{ height: heightFor(figurePx) }}>
      <svg
        className="fig fig-themed"
        color={ink}
        width={width}
        height={heightFor(figurePx)}
        role="img"
        aria-label={`Scroll of ${practice.items.length} forms, breath above`}
        dangerouslySetInnerHTML={{ __html: markup }}
      />
    </div>
  );
}
