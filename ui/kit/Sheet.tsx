'use client';

import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { putFocusBack } from './focusKept';

interface Props {
  readonly title: string;
  readonly wide?: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A sheet of paper laid over the page. */
export function Sheet({ title, wide = false, onClose, children }: Props) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink opacity-20" />
        <Dialog.Content
          className={`slip fixed top-[5vh] left-1/2 max-h-[90vh] -translate-x-1/2 p-5 ${wide ? 'w-[min(74rem,calc(100vw-1.5rem))]' : 'w-[min(44rem,calc(100vw-1.5rem))]'}`}
          aria-describedby={undefined}
          // Opened by a key or from a menu there is no press of its own to go back to.
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            putFocusBack(event.currentTarget as Element);
          }}
          onOpenAutoFocus={(event) => {
            // Where there is a field to begin with, one begins with it and not with closing again.
            const first = (event.currentTarget as HTMLElement).querySelector<HTMLElement>('[data-first]');
            if (!first) return;
            event.preventDefault();
            first.focus();
          }}
        >
          <div className="mb-2 flex items-baseline justify-between gap-4">
            <Dialog.Title className="font-serif text-[1.44rem] font-medium">{title}</Dialog.Title>
            <Dialog.Close className="press-plain">Close</Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
