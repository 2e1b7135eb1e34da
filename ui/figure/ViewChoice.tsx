'use client';

import { NAMED_VIEWS, VIEWS, type View } from './view';

/** The named views as a row of words; the one shown is marked. */
export function ViewChoice({ view, onChoose }: { view: View; onChoose: (view: View) => void }) {
  return (
    <span className="small flex flex-wrap justify-center gap-x-4" role="group" aria-label="View">
      {NAMED_VIEWS.map((named) => (
        <button
          key={named}
          type="button"
          className="press-plain"
          aria-pressed={VIEWS[named].yawDeg === view.yawDeg && VIEWS[named].mirrored === view.mirrored}
          onClick={() => onChoose(VIEWS[named])}
        >
          {named}
        </button>
      ))}
    </span>
  );
}
