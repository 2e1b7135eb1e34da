import { hasVariant, VARIANTS } from '@/core/forms';
import { blankForm, formFrom } from '@/core/forms/own/drafting';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { readRepertoire } from '@/server/forms';
import { FormEditorRoom } from '@/ui/forms/editor/FormEditorRoom';

export const metadata = { title: 'Write a form' };

/** The id of a form that is not kept yet; it gets one of its own when it is. */
const UNKEPT = 'own-unkept';

interface Props {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
}

export default async function NewFormPage({ searchParams }: Props) {
  const { from, variant: asked, way: formerly } = await searchParams;
  const open = await mine();
  const model = (await readRepertoire(open)).find((form) => form.id === from);
  const variant =
    VARIANTS.find((one) => one === (asked ?? formerly) && model && hasVariant(model, one)) ?? 'full';
  const start = model
    ? formFrom(model, variant, UNKEPT, `${model.name}, my variant`)
    : blankForm(UNKEPT, 'A form of my own');
  const place = model ? `new:${model.id}:${variant}` : 'new';
  return (
    <FormEditorRoom
      key={place}
      start={start}
      version={undefined}
      place={place}
      customs={await readCustoms(open)}
    />
  );
}
