import { blankSound, soundFrom, SOUNDS } from '@/core/sounds';
import { mine } from '@/server/access/asking';
import { readOwnLayers } from '@/server/layers';
import { SoundEditor } from '@/ui/sounds/SoundEditor';

export const metadata = { title: 'Write a sound' };

/** The id of one that is not kept yet; it gets one of its own when it is. */
const UNKEPT = 'own-unkept';

interface Props {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
}

export default async function NewSoundPage({ searchParams }: Props) {
  const { from } = await searchParams;
  const { sounds } = await readOwnLayers(await mine());
  const model = [...SOUNDS, ...Object.values(sounds ?? {})].find(({ id }) => id === from);
  const place = model ? `new:${model.id}` : 'new';
  return (
    <SoundEditor
      key={place}
      start={model ? soundFrom(model, UNKEPT) : blankSound(UNKEPT)}
      version={undefined}
      place={place}
    />
  );
}
