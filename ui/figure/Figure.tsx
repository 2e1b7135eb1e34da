import { goalsOf, type Posture } from '@/core/body';
import { detailFor } from './detail';
import { FRAMES } from './frames';
import { figureMarkup } from './markup';
import { VIEWS, type View } from './view';

interface Props {
  readonly posture: Posture;
  readonly view?: View;
  readonly height: number;
  readonly sash?: string;
  /** What it shows, for those who cannot see it; a picture without words is decoration. */
  readonly label?: string;
  readonly line?: number;
  readonly frame?: keyof typeof FRAMES;
}

/** A still figure. The markup holds numbers only, computed here: nothing a person typed goes into it. */
export function Figure({
  posture,
  view = VIEWS.front,
  height,
  sash,
  label,
  line = 3.2,
  frame = 'close',
}: Props) {
  const [, , width = 300, tall = 452] = FRAMES[frame].split(' ').map(Number);
  return (
    <svg
      className="fig"
      viewBox={FRAMES[frame]}
      height={height}
      width={Math.round((height * width) / tall)}
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      <g
        color={sash}
        className={sash ? 'fig-themed' : undefined}
        dangerouslySetInnerHTML={{
          __html: figureMarkup(goalsOf(posture), view, { line, detail: detailFor(height) }),
        }}
      />
    </svg>
  );
}
