'use client';

import dynamic from 'next/dynamic';
import { useCallback, useMemo } from 'react';
import type { CharacterDraft, Composed, Instead, People } from '@/core/compose';
import { layersText } from '@/ui/words/patterns';
import type { Customs } from '@/core/customs';
import { ROLES, type OwnForms, type Role } from '@/core/forms';
import { formOf, type Edit, type Item, type Practice } from '@/core/practice';
import type { Asked } from '@/workers/compose.worker';
import type { Pick } from './FormPicker';
import type { Composer } from './useComposer';

// Opened by a press, so they come when they are wanted and do not weigh on the first load.
const FormPicker = dynamic(async () => (await import('./FormPicker')).FormPicker, { ssr: false });
const Drafts = dynamic(async () => (await import('./Drafts')).Drafts, { ssr: false });
const WhyNot = dynamic(async () => (await import('./WhyNot')).WhyNot, { ssr: false });
const SomethingElse = dynamic(async () => (await import('./SomethingElse')).SomethingElse, { ssr: false });
const PasteOrder = dynamic(async () => (await import('./PasteOrder')).PasteOrder, { ssr: false });

/** What lies over the page, if anything. */
export type Over =
  | { readonly kind: 'add' }
  | { readonly kind: 'swap'; readonly itemId: string }
  | { readonly kind: 'instead'; readonly itemId: string }
  | { readonly kind: 'drafts' | 'why-not' | 'paste' };

interface Props {
  readonly over: Over | undefined;
  readonly onOver: (over: Over | undefined) => void;
  readonly practice: Practice;
  /** What the composer was asked for this practice. */
  readonly asked: Asked | undefined;
  readonly composer: Composer;
  readonly selected: Item | undefined;
  readonly customs: Customs;
  readonly own: OwnForms;
  readonly people: People;
  readonly onEdit: (edit: Edit, said: string) => void;
  readonly onAdded: (formId: string) => void;
  /** Puts another practice in the place of this one. */
  readonly onTake: (practice: Practice, said: string) => void;
}

/** Where a form of a role belongs in the running order: after the last item of that section or an earlier one. */
function placeFor(practice: Practice, role: Role): number {
  const order = ROLES.indexOf(role);
  return practice.items.findLastIndex((item) => ROLES.indexOf(item.role) <= order) + 1;
}

/** The sheets that are laid over the page: other forms, other drafts, questions to the composer. */
export function Overlays({
  over,
  onOver,
  practice,
  asked,
  composer,
  selected,
  customs,
  own,
  people,
  onEdit,
  onAdded,
  onTake,
}: Props) {
  const close = (): void => onOver(undefined);
  const sought = useMemo((): readonly Role[] => {
    const item =
      over?.kind === 'swap' ? practice.items.find((candidate) => candidate.id === over.itemId) : undefined;
    return item ? [item.role] : ROLES;
  }, [over, practice]);
  const askDrafts = useCallback(
    async (onMore: (drafts: readonly CharacterDraft[]) => void) =>
      asked && composer.characters(asked, practice, onMore),
    [asked, composer, practice],
  );
  const askInstead = useCallback(
    async () =>
      asked && over?.kind === 'instead' ? composer.instead(asked, practice, over.itemId) : undefined,
    [asked, composer, over, practice],
  );
  const takeDraft = (draft: Composed, name: string): void =>
    onTake(draft.practice, `${name}: taken; undo brings back what was there.`);

  const pick = async ({ alternative, role }: Pick): Promise<void> => {
    const { itemByHand } = await import('@/core/compose/items');
    const swapped = over?.kind === 'swap' ? over.itemId : undefined;
    const by = { code: swapped ? ('swapped-by-hand' as const) : ('chosen-by-hand' as const) };
    const item = itemByHand(practice, alternative, role, [by, ...alternative.reasons], customs, people);
    const { name, id } = alternative.form;
    if (swapped) onEdit({ kind: 'swap', itemId: swapped, item }, `${name} put in`);
    else onEdit({ kind: 'add', at: placeFor(practice, role), item }, `${name} added`);
    onAdded(id);
    close();
  };

  switch (over?.kind) {
    case 'add':
    case 'swap':
      return (
        <FormPicker
          title={
            over.kind === 'swap' && selected ? `In place of ${formOf(practice, selected).name}` : 'Add a form'
          }
          open
          practice={practice}
          roles={sought}
          customs={customs}
          own={own}
          people={people}
          onOpenChange={(open) => !open && close()}
          onPick={(picked) => void pick(picked)}
        />
      );
    case 'instead':
      return selected ? (
        <SomethingElse
          practice={practice}
          item={selected}
          ask={askInstead}
          onTake={(instead: Instead) =>
            onTake(
              instead.practice,
              instead.isLayers
                ? `${instead.name}: ${layersText(instead.practice, instead.item)}`
                : `${instead.name} put in`,
            )
          }
          onAll={() => onOver({ kind: 'swap', itemId: selected.id })}
          onClose={close}
        />
      ) : null;
    case 'drafts':
      return (
        <Drafts
          practice={practice}
          recent={people.recent}
          ask={askDrafts}
          onTake={takeDraft}
          onClose={close}
        />
      );
    case 'why-not':
      return asked ? (
        <WhyNot
          practice={practice}
          own={own}
          customs={customs}
          people={people}
          ask={async (formId) => composer.whyNot(asked, practice, formId)}
          onTake={takeDraft}
          onClose={close}
        />
      ) : null;
    case 'paste':
      return asked ? <PasteOrder asked={asked} onMake={onTake} onClose={close} /> : null;
    case undefined:
      return null;
    default:
      return over satisfies never;
  }
}
