'use client';

import Link from 'next/link';
import { themePhase, type Brief } from '@/core/brief';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { clockText } from '@/ui/kit/time';
import { useReady } from '@/ui/kit/useReady';
import { KeptScroll } from '@/ui/scroll/KeptScroll';
import { briefLine } from '@/ui/words/names';
import { useShared } from './useShared';

export interface OthersPractice {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly lengthMs: number;
  readonly brief: Brief;
  readonly teacher: string;
}

/** As on one’s own shelf. */
const FIGURE_PX = 58;
const SCROLL_HEIGHT = 134;

/** Practices the others share: looked at here, led and changed as a copy on one’s own shelf. */
export function OthersPractices({ practices }: { readonly practices: readonly OthersPractice[] }) {
  const ready = useReady();
  const { problem, ask } = useShared('practice');
  if (practices.length === 0) return null;
  return (
    <section aria-labelledby="of-others" className="mt-10">
      <h2 id="of-others">Shared by others who teach here</h2>
      <p className="reading quiet mt-1">
        A copy stands on your own shelf, to be changed and led; theirs stays as it is.
      </p>
      {problem !== undefined && (
        <p role="alert" className="must my-2">
          {problem}
        </p>
      )}
      <ul className="mt-2 border-t border-ink">
        {practices.map(({ id, name, version, lengthMs, brief, teacher }) => (
          <li key={id} className="border-b border-hairline pt-3 pb-2">
            <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
              <span className="min-w-0 flex-1 basis-72">
                <Link
                  href={`/sheet/of-others/${encodeURIComponent(id)}`}
                  className="font-serif text-[1.2rem]"
                >
                  {name}
                </Link>
                <span className="quiet small block">
                  {briefLine(brief)} · by {teacher}
                </span>
              </span>
              <span className="quiet small figures">{clockText(lengthMs)} min</span>
              <button
                type="button"
                className="press"
                disabled={!ready}
                onClick={() => void ask(id, { do: 'copy' }, `A copy of “${name}” is on your shelf.`)}
              >
                Take a copy<span className="sr-only"> of {name}</span>
              </button>
            </div>
            <KeptScroll
              address={`/api/practices/${id}/scroll?version=${version}&figure=${FIGURE_PX}`}
              ink={PHASE_VAR[themePhase(brief.theme)]}
              height={SCROLL_HEIGHT}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
