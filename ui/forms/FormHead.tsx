import { Pinyin } from '@/ui/kit/Pinyin';
import Link from 'next/link';
import type { Customs } from '@/core/customs';
import { hasVariant, isOwnId, placesInSets, VARIANTS, type Form, type VariantId } from '@/core/forms';
import { ExportLinks } from '@/ui/kit/ExportLinks';
import { ROLE_NAMES } from '@/ui/words/names';

const WAY_NAMES = { full: 'in full', smaller: 'smaller', seated: 'seated' } as const;

interface Props {
  readonly form: Form;
  /** The way it is shown in. */
  readonly variant: VariantId;
  readonly customs: Customs;
}

/** The form's names, its place in sets, the ways it is shown in, and what can be done with it. */
export function FormHead({ form, variant, customs }: Props) {
  const places = placesInSets(form.id, customs).filter((place) => place.chosen);
  const own = isOwnId(form.id);
  const ways = VARIANTS.filter((one) => hasVariant(form, one));
  return (
    <header>
      <h1>
        {form.name}{' '}
        {form.hanzi && (
          <span lang="zh-Hant" className="hanzi">
            {form.hanzi}
          </span>
        )}
      </h1>
      <p className="quiet">
        {form.pinyin && (
          <>
            <Pinyin>{form.pinyin}</Pinyin> ·{' '}
          </>
        )}
        {form.family} · {form.roles.map((role) => ROLE_NAMES[role]).join(', ')} · {form.actions.join(', ')} ·{' '}
        {form.polarity}
        {places.map((place) => (
          <span key={place.set}>
            {' '}
            · {place.number} of {place.of} in {place.name}
          </span>
        ))}
      </p>
      <p className="small mt-1 flex flex-wrap gap-x-4 gap-y-1">
        {ways.length > 1 && (
          <span role="group" aria-label="Shown" className="flex flex-wrap gap-x-3">
            {ways.map((one) => (
              <Link
                key={one}
                href={one === 'full' ? `/forms/${form.id}` : `/forms/${form.id}?variant=${one}`}
                className="press-plain"
                aria-current={one === variant ? 'true' : undefined}
                scroll={false}
              >
                {WAY_NAMES[one]}
              </Link>
            ))}
          </span>
        )}
        <Link className="press-plain" href={`/forms?hold=${form.id}`}>
          Hold beside another
        </Link>
        {own ? (
          <Link className="press-plain" href={`/forms/own/${form.id}`}>
            Change this form
          </Link>
        ) : null}
        <Link className="press-plain" href={`/forms/own/new?from=${form.id}&variant=${variant}`}>
          Make one of my own from it
        </Link>
        <Link className="press-plain" href={`/handout/form/${form.id}`}>
          Its pictures
        </Link>
        <ExportLinks of="forms" id={form.id} className="press-plain" />
      </p>
    </header>
  );
}
