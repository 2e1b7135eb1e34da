'use client';

import { Dialog } from 'radix-ui';
import { useMemo, useRef, useState } from 'react';
import { alternatives, type Alternative, type Fits } from '@/core/compose';
import type { Customs } from '@/core/customs';
import { plural } from '@/ui/kit/time';
import {
  plainText,
  REPERTOIRE,
  searchText,
  withOwn,
  type Form,
  type OwnForms,
  type Role,
  type VariantId,
} from '@/core/forms';
import { cautionsOf } from '@/core/people';
import type { Practice } from '@/core/practice';
import { ROLE_NAMES } from '@/ui/words/names';
import { reasonText } from '@/ui/words/reasons';

/** Who had better leave a form out, as it would be done here. */
function careText(form: Form, variant: VariantId): string {
  const labels = cautionsOf(form, variant)
    .filter((caution) => caution.weight === 'avoid')
    .map((caution) => caution.conditionLabel);
  return labels.length === 0 ? '' : `Not with ${[...new Set(labels)].join('; ')}.`;
}

export interface Pick {
  readonly alternative: Alternative;
  readonly role: Role;
}

interface Props {
  readonly title: string;
  readonly open: boolean;
  readonly practice: Practice;
  /** The sections a form is sought for. */
  readonly roles: readonly Role[];
  readonly customs: Customs;
  readonly own: OwnForms;
  /** Those it is for: what they have, and may not do. */
  readonly people: Fits;
  readonly onOpenChange: (open: boolean) => void;
  readonly onPick: (pick: Pick) => void;
}

/** Finds a form by name, pinyin (tones or not), organ, phase, channel or what it is for. */
export function FormPicker({
  title,
  open,
  practice,
  roles,
  customs,
  own,
  people,
  onOpenChange,
  onPick,
}: Props) {
  const picks = useMemo(
    () =>
      roles.flatMap((role) =>
        alternatives(practice, role, withOwn(REPERTOIRE, own), customs, people).map((alternative): Pick => ({
          alternative,
          role,
        })),
      ),
    [people, customs, own, practice, roles],
  );
  const [sought, setSought] = useState('');
  const field = useRef<HTMLInputElement>(null);
  const found = useMemo(() => {
    const words = plainText(sought)
      .split(/\s+/)
      .filter((word) => word !== '');
    return picks.filter(({ alternative, role }) => {
      const text = `${searchText(alternative.form)} ${ROLE_NAMES[role].toLowerCase()}`;
      return words.every((word) => text.includes(word));
    });
  }, [picks, sought]);
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(next) => {
        setSought('');
        onOpenChange(next);
      }}
    >
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink opacity-20" />
        <Dialog.Content
          className="slip fixed top-[8vh] left-1/2 flex w-[min(42rem,calc(100vw-2rem))] -translate-x-1/2 flex-col p-4"
          aria-describedby={undefined}
          onOpenAutoFocus={(event) => {
            event.preventDefault();
            field.current?.focus();
          }}
        >
          <div className="flex items-baseline justify-between">
            <Dialog.Title className="font-serif text-[1.44rem] font-medium">{title}</Dialog.Title>
            <Dialog.Close className="press-plain">Close</Dialog.Close>
          </div>
          <label className="sr-only" htmlFor="seek-form">
            Search the forms
          </label>
          <input
            ref={field}
            id="seek-form"
            className="field my-2"
            placeholder="a name, an organ, a channel, “calms”, “seated” …"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
            autoComplete="off"
          />
          <p className="quiet small" role="status">
            {found.length === 0
              ? 'No form fits. Try a shorter word; forms already in the practice are not shown again.'
              : `${plural(found.length, 'form')}; in each section the best fitting first`}
          </p>
          <ul className="mt-1 min-h-40 overflow-y-auto border-t border-hairline">
            {found.map((pick) => (
              <li key={`${pick.role}-${pick.alternative.form.id}`} className="border-b border-hairline">
                <button type="button" className="slip-line flex-wrap" onClick={() => onPick(pick)}>
                  <span className="font-serif text-[1.1rem]">{pick.alternative.form.name}</span>
                  {pick.alternative.form.hanzi && (
                    <span lang="zh-Hant" className="hanzi">
                      {pick.alternative.form.hanzi}
                    </span>
                  )}
                  <span className="quiet small ml-auto">{ROLE_NAMES[pick.role]}</span>
                  <span className="quiet small w-full">
                    {pick.alternative.reasons.map(reasonText).join(' ')}{' '}
                    {careText(pick.alternative.form, pick.alternative.fitting.variant)}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
