import Link from 'next/link';

interface BinProps {
  readonly binned: readonly { readonly id: string; readonly name: string }[];
  readonly bringBack: (id: string, name: string) => Promise<void>;
}

/** Own forms in the bin, each a press away from coming back. */
export function BinnedForms({ binned, bringBack }: BinProps) {
  if (binned.length === 0) return null;
  return (
    <section className="small mt-6 border-t border-hairline pt-2" aria-label="In the bin">
      <h2 className="caption">In the bin</h2>
      <p className="flex flex-wrap gap-x-5">
        {binned.map((form) => (
          <span key={form.id}>
            {form.name}{' '}
            <button
              type="button"
              className="press-plain"
              aria-label={`Bring back ${form.name}`}
              onClick={() => void bringBack(form.id, form.name)}
            >
              bring back
            </button>
          </span>
        ))}
      </p>
    </section>
  );
}

interface HeldProps {
  readonly held: readonly string[];
  readonly name: (id: string) => string;
  readonly onLetGo: () => void;
}

/** One or two forms held to be laid side by side. */
export function HeldForms({ held, name, onLetGo }: HeldProps) {
  if (held.length === 0) return null;
  return (
    <p
      role="status"
      className="sticky bottom-0 mt-4 flex flex-wrap items-center gap-x-4 border-t border-ink bg-paper py-2"
    >
      {held.length === 2 ? (
        <Link className="press press-main" href={`/forms/beside?a=${held[0]}&b=${held[1]}`}>
          {name(held[0] ?? '')} beside {name(held[1] ?? '')}
        </Link>
      ) : (
        <span>
          Holding <strong className="font-medium">{name(held[0] ?? '')}</strong>; hold another beside it.
        </span>
      )}
      <button type="button" className="press-plain" onClick={onLetGo}>
        Let go
      </button>
    </p>
  );
}
