'use client';

import { useEffect, useRef, useState } from 'react';
import { getNonce } from 'get-nonce';

/** So much of the place is left beside a page, px. */
const BESIDE_PX = 2;

/** What the pages stand on: each a leaf with a hairline, one under the other. */
const PAGES = `:host { display: block; }
section.docx { background: #fff; color: #000; border: 1px solid #cfc4b0; margin: 0 0 12px; box-sizing: border-box; }`;

/**
 * The pages of a file for a word processor, apart from the style of this page. A style element passes the policy by
 * the nonce of the document; pictures come as data, which it lets through.
 */
async function pagesOf(blob: Blob): Promise<DocumentFragment> {
  const { renderAsync } = await import('docx-preview');
  const fragment = document.createDocumentFragment();
  const [pages, styles] = [document.createElement('div'), document.createElement('div')];
  await renderAsync(blob, pages, styles, { inWrapper: false, useBase64URL: true });
  const own = document.createElement('style');
  own.textContent = PAGES;
  styles.append(own);
  for (const style of [...styles.querySelectorAll('style'), ...pages.querySelectorAll('style')])
    style.nonce = getNonce() ?? '';
  // The face the file asks for may not be on this machine, and none of those that stand in has hanzi.
  for (const run of pages.querySelectorAll<HTMLElement>('[style*="font-family"]'))
    run.style.fontFamily = `${run.style.fontFamily}, var(--font-serif), var(--font-hanzi)`;
  fragment.append(styles, pages);
  return fragment;
}

/** A file for a word processor as its pages will be, as wide as there is room. */
export function WordPreview({ blob, label }: { readonly blob: Blob; readonly label: string }) {
  const place = useRef<HTMLDivElement>(null);
  const [state, setState] = useState<'laying' | 'there' | 'unreadable'>('laying');
  useEffect(() => {
    const host = place.current;
    if (!host) return undefined;
    const root = host.shadowRoot ?? host.attachShadow({ mode: 'open' });
    let isWanted = true;
    const fit = (): void => {
      const page = root.querySelector<HTMLElement>('section.docx');
      const pages = page?.parentElement;
      if (!page || !pages) return;
      pages.style.setProperty('zoom', '1');
      const share = Math.min(1, (host.clientWidth - BESIDE_PX) / page.offsetWidth);
      pages.style.setProperty('zoom', share.toFixed(3));
    };
    pagesOf(blob).then(
      (pages) => {
        if (!isWanted) return;
        root.replaceChildren(pages);
        setState('there');
        fit();
      },
      () => isWanted && setState('unreadable'),
    );
    const watching = new ResizeObserver(fit);
    watching.observe(host);
    return () => {
      isWanted = false;
      watching.disconnect();
    };
  }, [blob]);
  return (
    <>
      {state === 'laying' && <p className="quiet">Its pages are being laid out …</p>}
      {state === 'unreadable' && <p className="quiet">Its pages cannot be shown here; the file is whole.</p>}
      <div ref={place} tabIndex={0} role="group" aria-label={label} className="max-h-[76vh] overflow-auto" />
    </>
  );
}
