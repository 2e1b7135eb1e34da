'use client';

import { Redo2, Undo2 } from 'lucide-react';
import { LazyMenu } from '@/ui/kit/LazyMenu';

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
  readonly onHandOut: () => void;
  readonly onLead: () => void;
}

/** What can be done with the whole practice. */
export function Toolbar(props: Props) {
  const chosen = new Map([
    ['why-not', props.onWhyNot],
    ['hinges', props.onHinges],
    ['repeat', props.onRepeat],
    ['turned', props.onTurned],
    ['bookend', props.onBookend],
    ['paste', props.onPasteOrder],
    ['hand-out', props.onHandOut],
  ]);
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
      <LazyMenu
        className="press"
        shown="More …"
        lines={[
          { key: 'why-not', label: 'Why not another form?' },
          { key: 'hinges', label: 'Put hinges where blocks meet' },
          { key: 'repeat', label: 'Repeat what is chosen' },
          { key: 'turned', label: 'Another round of it, turned round', disabled: props.many < 2 },
          { key: 'bookend', label: 'Bookend what is chosen', disabled: props.many < 2 },
          { key: 'paste', label: 'A running order from elsewhere' },
          { key: 'hand-out', label: 'Hand it out' },
        ]}
        onChoose={(key) => chosen.get(key)?.()}
      />
      <button type="button" className="press" onClick={props.onSheet}>
        Cue sheet
      </button>
      <button type="button" className="press press-main" onClick={props.onLead}>
        Lead it
      </button>
    </span>
  );
}
