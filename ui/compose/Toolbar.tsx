'use client';

import { Redo2, Undo2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';

interface Props {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly busy: boolean;
  readonly offTime: boolean;
  readonly many: number;
  readonly onStep: (way: 'undo' | 'redo') => void;
  readonly onAnother: () => void;
  readonly onFit: () => void;
  readonly onDrafts: () => void;
  readonly onWhyNot: () => void;
  readonly onPasteOrder: () => void;
  readonly onHinges: () => void;
  readonly onRepeat: () => void;
  readonly onTurned: () => void;
  readonly onBookend: () => void;
  readonly onSheet: () => void;
  readonly onLead: () => void;
}

/** What can be done with the whole practice. */
export function Toolbar(props: Props) {
  return (
    <span className="flex flex-wrap gap-1.5">
      <button type="button" className="press" disabled={!props.canUndo} onClick={() => props.onStep('undo')}>
        <Undo2 size={15} aria-hidden /> Undo
      </button>
      <button type="button" className="press" disabled={!props.canRedo} onClick={() => props.onStep('redo')}>
        <Redo2 size={15} aria-hidden /> Redo
      </button>
      {props.offTime && (
        <button type="button" className="press" onClick={props.onFit}>
          Make it fit
        </button>
      )}
      <button type="button" className="press" disabled={props.busy} onClick={props.onAnother}>
        Another draft
      </button>
      <button type="button" className="press" onClick={props.onDrafts}>
        Compare drafts
      </button>
      <DropdownMenu.Root modal={false}>
        <DropdownMenu.Trigger className="press">More …</DropdownMenu.Trigger>
        <DropdownMenu.Content className="slip min-w-60 py-1" sideOffset={6} collisionPadding={12}>
          <DropdownMenu.Item className="slip-line" onSelect={props.onWhyNot}>
            Why not another form?
          </DropdownMenu.Item>
          <DropdownMenu.Item className="slip-line" onSelect={props.onHinges}>
            Put hinges where blocks meet
          </DropdownMenu.Item>
          <DropdownMenu.Item className="slip-line" onSelect={props.onRepeat}>
            Repeat what is chosen
          </DropdownMenu.Item>
          <DropdownMenu.Item className="slip-line" disabled={props.many < 2} onSelect={props.onTurned}>
            Another round of it, turned round
          </DropdownMenu.Item>
          <DropdownMenu.Item className="slip-line" disabled={props.many < 2} onSelect={props.onBookend}>
            Bookend what is chosen
          </DropdownMenu.Item>
          <DropdownMenu.Item className="slip-line" onSelect={props.onPasteOrder}>
            A running order from elsewhere
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Root>
      <button type="button" className="press" onClick={props.onSheet}>
        Cue sheet
      </button>
      <button type="button" className="press press-main" onClick={props.onLead}>
        Lead it
      </button>
    </span>
  );
}
