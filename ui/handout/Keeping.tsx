'use client';

import { useState } from 'react';
import { FOR_YOURSELF, type Audience } from '@/core/handout/audience';
import type { HandoutKind } from '@/core/handout/kinds';
import { keepBlob } from '@/ui/kit/keepBlob';
import { useReady } from '@/ui/kit/useReady';
import type { Making } from './useMade';

interface Props {
  readonly kind: HandoutKind;
  readonly href: string;
  readonly name: string;
  readonly audience: Audience;
  readonly making: Making;
  readonly onMake: () => void;
}

const plainName = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase() || 'handout';

/** A picture of ours as a PNG, as large as it says it is. */
async function asPng(href: string): Promise<Blob | undefined> {
  const image = new Image();
  image.src = href;
  await image.decode();
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [image.naturalWidth, image.naturalHeight];
  canvas.getContext('2d')?.drawImage(image, 0, 0);
  return new Promise((resolve) => canvas.toBlob((blob) => resolve(blob ?? undefined), 'image/png'));
}

/** What is done with what is shown: kept as a file, opened by itself, given on where the browser can. */
export function Keeping({ kind, href, name, audience, making, onMake }: Props) {
  const ready = useReady();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const fileName = `${plainName(name)}${audience === 'me' ? FOR_YOURSELF : ''}.${kind.suffix}`;
  const canShare = ready && typeof navigator.share === 'function';
  const share = async (): Promise<void> => {
    setProblem(undefined);
    try {
      const blob = making.state === 'made' ? making.blob : await (await fetch(href)).blob();
      const file = new File([blob], fileName, { type: blob.type });
      if (!navigator.canShare({ files: [file] }))
        return setProblem('This browser gives on no file of this kind.');
      await navigator.share({ files: [file], title: name });
    } catch (error) {
      // Somebody who changes their mind has not met a problem.
      if (!(error instanceof DOMException && error.name === 'AbortError'))
        setProblem('It could not be given on.');
    }
  };
  return (
    <div className="flex flex-wrap items-baseline gap-3">
      {kind.inBrowser ? (
        making.state === 'made' ? (
          <a className="press press-main" href={making.href} download={fileName}>
            Save it
          </a>
        ) : (
          <button
            type="button"
            className="press press-main"
            disabled={!ready || making.state === 'making'}
            onClick={onMake}
          >
            Make it
          </button>
        )
      ) : (
        <>
          <a className="press press-main" href={`${href}&save=1`} download>
            Save it
          </a>
          {kind.preview === 'picture' && (
            <button
              type="button"
              className="press"
              disabled={!ready}
              onClick={() =>
                void asPng(href).then((png) =>
                  png ? keepBlob(png, fileName.replace(/svg$/, 'png')) : setProblem('It could not be drawn.'),
                )
              }
            >
              Save as PNG
            </button>
          )}
          <a className="press" href={href} target="_blank" rel="noreferrer">
            Open it by itself
          </a>
        </>
      )}
      {canShare && (
        <button type="button" className="press" onClick={() => void share()}>
          Give it on
        </button>
      )}
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
    </div>
  );
}
