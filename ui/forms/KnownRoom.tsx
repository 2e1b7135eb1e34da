import Link from 'next/link';
import type { Customs } from '@/core/customs';
import type { Form } from '@/core/forms';
import { KNOWN_THEMES, knownList } from '@/core/known';
import { themeName } from '@/ui/words/names';
import { capital } from '@/core/text/text';

const KIND_NAMES: Readonly<Record<string, string>> = {
  organ: 'Organs',
  phase: 'Phases and their seasons',
  aim: 'Aims',
  channel: 'Channels',
};

function Names({ forms }: { readonly forms: readonly Form[] }) {
  return forms.map((form, index) => (
    <span key={form.id}>
      {index > 0 && ', '}
      <Link href={`/forms/${form.id}`}>{form.name}</Link>
    </span>
  ));
}

/** What a teacher would name first for every theme: the same data the composer draws on, read as a whole. */
export function KnownRoom({
  repertoire,
  customs,
}: {
  readonly repertoire: readonly Form[];
  readonly customs: Customs;
}) {
  return (
    <div className="max-w-5xl">
      <h1>What a teacher names first</h1>
      <p className="quiet mt-1">
        Common practice; animals by your school. What stands nowhere here merely touches a theme. Your own
        forms count for the organ you name first.
      </p>
      {KNOWN_THEMES.map(({ kind, parts }) => (
        <section key={kind} className="mt-5" aria-labelledby={`known-${kind}`}>
          <h2 id={`known-${kind}`}>{KIND_NAMES[kind] ?? kind}</h2>
          <dl className="mt-1 border-t border-ink">
            {parts.map((part) => {
              const { named, accepted, never } = knownList(repertoire, part, customs);
              const name = themeName(part);
              return (
                <div
                  key={name}
                  className="grid gap-x-6 border-b border-hairline py-2 sm:grid-cols-[12rem_minmax(0,1fr)]"
                >
                  <dt className="font-serif text-[1.1rem]">{capital(name)}</dt>
                  <dd>
                    <p>
                      <Names forms={named} />
                    </p>
                    {accepted.length > 0 && (
                      <p className="quiet small">
                        also <Names forms={accepted} />
                      </p>
                    )}
                    {never.length > 0 && (
                      <p className="small">
                        not: <Names forms={never} />
                      </p>
                    )}
                  </dd>
                </div>
              );
            })}
          </dl>
        </section>
      ))}
    </div>
  );
}
