'use client';

import type { HandoutKind } from '@/core/handout/kinds';
import type { Making } from './useMade';
import { TextPreview } from './TextPreview';
import { WordPreview } from './WordPreview';

interface Props {
  readonly kind: HandoutKind;
  readonly href: string;
  readonly name: string;
  readonly making: Making;
  readonly onReady: () => void;
}

/** What will be kept, shown as it is. */
export function Preview({ kind, href, name, making, onReady }: Props) {
  const label = `${kind.label} of ${name}`;
  switch (kind.preview) {
    case 'page':
      return (
        <iframe
          key={href}
          // The browser's own reader, without its tools: the page is what is looked at.
          src={`${href}#toolbar=0&navpanes=0&view=FitH`}
          title={label}
          onLoad={onReady}
          className="h-[76vh] w-full border border-hairline bg-leaf"
        />
      );
    case 'picture':
      return (
        // eslint-disable-next-line @next/next/no-img-element -- our own picture from this server: nothing for an optimiser to do
        <img
          key={href}
          src={href}
          alt={label}
          onLoad={onReady}
          onError={onReady}
          className="mx-auto max-h-[76vh] max-w-full border border-hairline"
        />
      );
    case 'text':
      return <TextPreview href={href} onReady={onReady} />;
    case 'sound':
      return making.state === 'made' ? (
        <audio controls src={making.href} aria-label={label} className="w-full" />
      ) : (
        <p className="quiet">It is made here, on this machine, when you ask for it.</p>
      );
    case 'words':
      return making.state === 'made' ? (
        <WordPreview blob={making.blob} label={label} />
      ) : (
        <>
          <p className="quiet mb-2">
            Its pages are made here, on this machine, when you ask for them. This is what they will say.
          </p>
          <TextPreview href={href.replace('as=word', 'as=text')} onReady={onReady} />
        </>
      );
    default:
      return kind.preview satisfies never;
  }
}
