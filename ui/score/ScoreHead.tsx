import type { useZoom } from './useZoom';
import { ZOOM_STEP } from './useZoom';
import type { usePlayMark } from './usePlayMark';
import { LANE_LABELS, LANES, type Lane } from './laid';

interface Props {
  readonly breaths: number;
  readonly shown: ReadonlySet<Lane>;
  readonly onShown: (shown: ReadonlySet<Lane>) => void;
  readonly mark: ReturnType<typeof usePlayMark>;
  readonly zoom: ReturnType<typeof useZoom>;
  /** Where looking closer looks, ms. */
  readonly aboutMs: number | undefined;
}

/** What is shown under the line, how near, and whether it plays. */
export function ScoreHead({ breaths, shown, onShown, mark, zoom, aboutMs }: Props) {
  const toggle = (lane: Lane): void => {
    const next = new Set(shown);
    if (!next.delete(lane)) next.add(lane);
    onShown(next);
  };
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
      <p className="quiet small">
        {breaths} breaths led · the line rises with each inhale and falls with each exhale
      </p>
      <span className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <fieldset className="flex flex-wrap items-center gap-x-3">
          <legend className="sr-only">Lanes shown</legend>
          {LANES.map((lane) => (
            <label key={lane} className="small inline-flex min-h-6 items-center gap-1">
              <input
                type="checkbox"
                className="accent-ink"
                checked={shown.has(lane)}
                onChange={() => toggle(lane)}
              />
              {LANE_LABELS[lane]}
            </label>
          ))}
        </fieldset>
        <button type="button" className="press-plain small" onClick={mark.toggle}>
          {mark.playing ? 'Stop' : 'Play'}
        </button>
        <button type="button" className="press-plain small" disabled={zoom.whole} onClick={zoom.reset}>
          See the whole
        </button>
        <button
          type="button"
          className="press-plain small"
          disabled={zoom.whole}
          onClick={() => zoom.by(1 / ZOOM_STEP)}
        >
          Farther
        </button>
        <button
          type="button"
          className="press-plain small"
          disabled={zoom.closest}
          onClick={() => zoom.by(ZOOM_STEP, aboutMs)}
        >
          Look closer
        </button>
      </span>
    </div>
  );
}
