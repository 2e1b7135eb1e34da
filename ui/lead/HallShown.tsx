import type { Shown } from '@/core/desk/following';
import { PhoneSquare } from '@/ui/kit/PhoneSquare';
import { plural } from '@/ui/kit/time';
import type { Hall } from './useHall';

/** A code as it is read aloud, in two halves. */
export const codeText = (code: string): string => `${code.slice(0, 3)} ${code.slice(3)}`.toUpperCase();

/** How a phone finds the class: a square to read, or an address and a code to type. */
export function WayIn({ shown: { address, code }, isLarge }: { shown: Shown; isLarge?: boolean }) {
  if (!address) return null;
  return (
    <div className={`flex flex-wrap items-center ${isLarge ? 'justify-center gap-[4vw]' : 'gap-4'}`}>
      <PhoneSquare
        square={address.square}
        leadsTo={address.href}
        className={isLarge ? 'h-[min(46vh,70vw)] w-[min(46vh,70vw)]' : 'h-32 w-32'}
      />
      <p className={isLarge ? 'text-[clamp(1.2rem,3.6vh,2.6rem)] leading-snug' : 'small'}>
        <span className="quiet">or type</span>
        <br />
        <span className="figures">{address.short}</span>
        <br />
        <span className="quiet">and</span>{' '}
        <strong className="figures text-[1.4em] tracking-[0.08em]" data-testid="code">
          {codeText(code)}
        </strong>
      </p>
    </div>
  );
}

/** Whether phones and other screens may follow what is led here, and how they find it. */
export function HallShown({ hall }: { readonly hall: Hall }) {
  const { shown, standing, isApart, problem, isBusy, show, end } = hall;
  return (
    <section aria-label="Followed" className="space-y-2 border-t border-hairline pt-2">
      {!shown ? (
        <p className="flex flex-wrap items-baseline gap-x-3">
          <button type="button" className="press-plain" disabled={isBusy} onClick={() => void show()}>
            Let phones follow
          </button>
          <span className="small quiet">the figure, the breath and the count; nothing of anyone</span>
        </p>
      ) : (
        <>
          {shown.address ? (
            <WayIn shown={shown} />
          ) : (
            <p className="should small">
              {shown.isDoorOpen
                ? 'This machine is in no local network now: no phone can reach it.'
                : 'Only this machine is answered now.'}{' '}
              {!shown.isDoorOpen && (
                <a className="underline" href="/door" target="_blank" rel="noopener">
                  Open it to the local network
                </a>
              )}
            </p>
          )}
          <p className="flex flex-wrap items-baseline gap-x-3">
            <span className="small" role="status">
              {standing === 'away'
                ? 'The server is away: phones go on by the clock.'
                : `${plural(shown.followers, 'screen')} ${shown.followers === 1 ? 'follows' : 'follow'}`}
            </span>
            <button type="button" className="press-plain" disabled={isBusy} onClick={() => void end()}>
              Show it no more
            </button>
          </p>
          {isApart && (
            <p className="should small">
              Another class of this practice is under way and is what they see.{' '}
              <button type="button" className="press-plain" disabled={isBusy} onClick={() => void show()}>
                Show this one instead
              </button>
            </p>
          )}
        </>
      )}
      {problem !== undefined && (
        <p role="alert" className="must small">
          {problem}
        </p>
      )}
    </section>
  );
}
