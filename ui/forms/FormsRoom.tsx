'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { FAMILIES, phasesOfForm, plainText, searchText, type Form, type FormSchools } from '@/core/forms';
import { PHASE_VAR, PhaseMark } from '@/ui/kit/PhaseMark';
import { Thumbnail } from '@/ui/figure/Thumbnail';
import { ROLE_NAMES } from '@/ui/words/names';

function sashOf(form: Form, schools: FormSchools): string {
  const phase = phasesOfForm(form, schools)[0];
  return phase ? PHASE_VAR[phase] : 'var(--faded)';
}

/** The repertoire by family, searched by whatever a practitioner remembers. */
export function FormsRoom({ forms, schools }: { forms: readonly Form[]; schools: FormSchools }) {
  const [sought, setSought] = useState('');
  const lines = useMemo(() => forms.map((form) => ({ form, text: searchText(form) })), [forms]);
  const words = plainText(sought)
    .split(/\s+/)
    .filter((word) => word !== '');
  const found = lines
    .filter(({ text }) => words.every((word) => text.includes(word)))
    .map(({ form }) => form);
  return (
    <div>
      <div className="flex flex-wrap items-baseline justify-between gap-x-8 gap-y-2">
        <h1>Forms</h1>
        <label className="sr-only" htmlFor="seek">
          Search the forms
        </label>
        <input
          id="seek"
          className="field max-w-md"
          placeholder="a name, an organ, LU, “nourishes”, “seated” …"
          value={sought}
          onChange={(event) => setSought(event.target.value)}
        />
        <p className="quiet small" role="status">
          {found.length} of {forms.length} forms
        </p>
      </div>
      {found.length === 0 && (
        <p className="reading quiet my-6">No form answers to all of these words. Take one away.</p>
      )}
      <div className="mt-4 gap-x-10 md:columns-2 xl:columns-3">
        {FAMILIES.map((family) => {
          const members = found.filter((form) => form.family === family);
          if (members.length === 0) return null;
          return (
            <section key={family} className="mb-5 break-inside-avoid" aria-label={family}>
              <h2 className="caption border-b border-ink">{family}</h2>
              <ul>
                {members.map((form) => (
                  <li key={form.id} className="border-b border-hairline py-0.5">
                    <Link href={`/forms/${form.id}`} className="flex items-center gap-2">
                      <Thumbnail form={form} height={64} sash={sashOf(form, schools)} />
                      <span className="font-serif text-[1.1rem]">{form.name}</span>
                      {form.hanzi && (
                        <span lang="zh" className="hanzi">
                          {form.hanzi}
                        </span>
                      )}
                      <span className="ml-auto whitespace-nowrap">
                        {phasesOfForm(form, schools).map((phase) => (
                          <PhaseMark key={phase} phase={phase} />
                        ))}
                        <span className="quiet small">
                          {' '}
                          {form.roles.map((role) => ROLE_NAMES[role]).join(', ')}
                        </span>
                      </span>
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
      </div>
    </div>
  );
}
