import type { Practice, Timeline } from '@/core/practice';
import { scrollMarkup, scrollWords, type ScrollSize } from './markup';
import { stripOf } from './strip';

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly size: ScrollSize;
  readonly ink: string;
  readonly className?: string;
}

/** The scroll of a practice as a still picture, as wide as there is room and no wider than it was drawn. */
export function ScrollPicture({ practice, timeline, size, ink, className = '' }: Props) {
  const strip = stripOf(practice, timeline);
  const { markup, height } = scrollMarkup(strip, (id) => practice.forms[id], size);
  return (
    <svg
      className={`fig fig-themed h-auto w-full ${className}`}
      style={{ maxWidth: size.width }}
      color={ink}
      viewBox={`0 0 ${size.width} ${height}`}
      role="img"
      aria-label={scrollWords(strip)}
      dangerouslySetInnerHTML={{ __html: markup }}
    />
  );
}
