'use client';

import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';

/** A technical term whose short explanation is one press away. */
export function Explain({ term, children }: { term: ReactNode; children: ReactNode }) {
  return (
    <Popover.Root>
      <Popover.Trigger className="-my-0.5 border-b border-dotted border-faded py-0.5">{term}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className="slip small max-w-72 p-3"
          sideOffset={6}
          collisionPadding={12}
          aria-label={typeof term === 'string' ? `What “${term}” means` : 'What it means'}
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
