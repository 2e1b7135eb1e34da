import { notFound, permanentRedirect } from 'next/navigation';
import { hasVariant, presentId, REPERTOIRE, takenFor, VARIANTS } from '@/core/forms';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { practicesUsing, readRepertoire, readWords } from '@/server/forms';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { isVeiled } from '@/server/veil';
import { FormPage } from '@/ui/forms/FormPage';
import { UnreadableRows } from '@/ui/kit/Unreadable';

interface Props {
  readonly params: Promise<{ id: string }>;
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
}

/** The form by its name: of several open windows each is known by its own. */
export async function generateMetadata({ params }: Pick<Props, 'params'>) {
  const { id } = await params;
  const form = (await readRepertoire(await mine())).find((one) => one.id === presentId(id));
  return { title: form ? `${form.name} · Forms` : 'Forms' };
}

export default async function OneFormPage({ params, searchParams }: Props) {
  const { id } = await params;
  if (presentId(id) !== id) permanentRedirect(`/forms/${presentId(id)}`);
  const open = await mine();
  const forms = await readRepertoire(open);
  const form = forms.find((candidate) => candidate.id === id);
  if (!form) notFound();
  // Links made when a variant was called a way still lead there.
  const { variant: asked, way: formerly } = await searchParams;
  const variant = VARIANTS.find((one) => one === (asked ?? formerly) && hasVariant(form, one)) ?? 'full';
  // Words that cannot be read stay as they are: at version 0 nothing can be saved over them.
  const read = await orUnreadable(readWords(open, id));
  const veiled = await isVeiled();
  const own = 'value' in read ? read.value : { words: undefined, version: 0 };
  return (
    <>
      <UnreadableRows rows={'unreadable' in read ? [unreadableRow(read.unreadable)] : []} />
      <FormPage
        form={form}
        variant={variant}
        customs={await readCustoms(open)}
        practices={await practicesUsing(open, id)}
        alike={takenFor(id).flatMap((one) => {
          const name = forms.find((candidate) => candidate.id === one.id)?.name;
          return name === undefined ? [] : [{ ...one, name }];
        })}
        // Notes may speak of people: neither they nor what writes them is shown while somebody looks on.
        shipped={veiled ? undefined : REPERTOIRE.find((candidate) => candidate.id === id)}
        own={veiled ? { words: undefined, version: own.version } : own}
      />
    </>
  );
}
