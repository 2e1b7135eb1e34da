import { useEffect, useState } from 'react';
import type { Customs } from '@/core/customs';
import type { Form } from '@/core/forms';
import type { FormNote } from '@/core/forms/checks/formNotes';

/** What the margin says of a form; the reader comes once the page stands, and the notes before stay until it has read. */
export function useFormNotes(form: Form, customs: Customs): readonly FormNote[] {
  const [notes, setNotes] = useState<readonly FormNote[]>([]);
  useEffect(() => {
    let isWanted = true;
    void import('@/core/forms/checks/review').then(({ reviewForm }) => {
      if (isWanted) setNotes(reviewForm(form, customs));
    });
    return () => {
      isWanted = false;
    };
  }, [customs, form]);
  return notes;
}
