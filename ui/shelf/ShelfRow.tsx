import Link from 'next/link';
import { themePhase, type Brief } from '@/core/brief';
import { ExportLinks } from '@/ui/kit/ExportLinks';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { clockText, dateText } from '@/ui/kit/time';
import { KeptScroll } from '@/ui/scroll/KeptScroll';
import { ShareButton } from '@/ui/shared/ShareButton';
import { briefLine } from '@/ui/words/names';
import type { useShelf } from './useShelf';

export interface ShelfPractice {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly updatedAtMs: number;
  readonly lengthMs: number;
  readonly brief: Brief;
  readonly groupName: string | undefined;
  /** Whether the others who teach here see it; nothing where nobody else does. */
  readonly isShared: boolean | undefined;
}

interface Props {
  readonly practice: ShelfPractice;
  readonly where: 'shelf' | 'bin';
  readonly zone: string;
  readonly post: ReturnType<typeof useShelf>['post'];
}

/** Led, printed, copied, taken along, binned; or taken out of the bin. */
function Actions({ practice, where, post }: Omit<Props, 'zone'>) {
  return (
    <span className="flex flex-wrap gap-x-3">
      {where === 'shelf' ? (
        <>
          <Link className="press-plain" href={`/lead/${practice.id}`}>
            Lead<span className="sr-only"> {practice.name}</span>
          </Link>
          <Link className="press-plain" href={`/sheet/${practice.id}`}>
            Sheet<span className="sr-only"> of {practice.name}</span>
          </Link>
          <button
            type="button"
            className="press-plain"
            onClick={() =>
              void post(
                `/api/practices/${practice.id}/duplicate`,
                `A copy of “${practice.name}” is on the shelf.`,
              )
            }
          >
            Copy<span className="sr-only"> {practice.name}</span>
          </button>
          <Link className="press-plain" href={`/handout/practice/${practice.id}`}>
            Hand out<span className="sr-only"> {practice.name}</span>
          </Link>
          {practice.isShared !== undefined && (
            <ShareButton kind="practice" id={practice.id} name={practice.name} isShared={practice.isShared} />
          )}
          <ExportLinks of="practices" id={practice.id} className="press-plain" called={practice.name} />
          <button
            type="button"
            className="press-plain"
            onClick={() =>
              void post(`/api/practices/${practice.id}/bin`, `“${practice.name}” is in the bin.`)
            }
          >
            Bin<span className="sr-only"> {practice.name}</span>
          </button>
        </>
      ) : (
        <button
          type="button"
          className="press"
          onClick={() =>
            void post(`/api/practices/${practice.id}/restore`, `“${practice.name}” is back on the shelf.`)
          }
        >
          Take out<span className="sr-only"> {practice.name}</span>
        </button>
      )}
    </span>
  );
}

/** A standing figure on the shelf, and how high its scroll is with breath and section names over it, px. */
const FIGURE_PX = 58;
const SCROLL_HEIGHT = 134;

/** One practice: its name and brief, its scroll, how long it is and when it was last changed. */
export function ShelfRow({ practice, where, zone, post }: Props) {
  const { id, name, version } = practice;
  return (
    <li className="border-b border-hairline pt-4 pb-2">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <span className="min-w-0 flex-1 basis-72">
          {where === 'shelf' ? (
            <Link
              className="font-serif text-[1.3rem] underline decoration-hairline underline-offset-4 hover:decoration-ink"
              href={`/compose/${id}`}
            >
              {name}
            </Link>
          ) : (
            <span className="font-serif text-[1.3rem]">{name}</span>
          )}
          <span className="quiet small block">
            {briefLine(practice.brief)}
            {practice.groupName ? ` · ${practice.groupName}` : ''}
          </span>
        </span>
        <span className="quiet small figures">
          {clockText(practice.lengthMs)} min · version {version} ·{' '}
          {dateText(practice.updatedAtMs, zone, 'dateTime')}
        </span>
        <Actions practice={practice} where={where} post={post} />
      </div>
      <div className="mt-1">
        <KeptScroll
          address={`/api/practices/${id}/scroll?version=${version}&figure=${FIGURE_PX}`}
          ink={PHASE_VAR[themePhase(practice.brief.theme)]}
          height={SCROLL_HEIGHT}
        />
      </div>
    </li>
  );
}
