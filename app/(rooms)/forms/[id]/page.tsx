import { notFound } from 'next/navigation';
import { hasVariant, REPERTOIRE, VARIANTS } from '@/core/forms';
import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { practicesUsing, readRepertoire, readWords } from '@/server/forms';
import { FormPage } from '@/ui/forms/FormPage';

interface Props {
  readonly params: Promise<{ id: string }>;
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
}

export default async function OneFormPage({ params, searchParams }: Props) {
  const { id } = await params;
  const open = await database();
  const form = (await readRepertoire(open)).find((candidate) => candidate.id === id);
  if (!form) notFound();
  const { way } = await searchParams;
  const variant = VARIANTS.find((one) => one === way && hasVariant(form, one)) ?? 'full';
  return (
    <FormPage
      form={form}
      variant={variant}
      customs={await readCustoms(open)}
      practices={await practicesUsing(open, id)}
      shipped={REPERTOIRE.find((candidate) => candidate.id === id)}
      own={await readWords(open, id)}
    />
  );
}
