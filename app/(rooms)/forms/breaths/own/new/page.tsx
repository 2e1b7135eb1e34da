import { blankPattern, PATTERNS, patternFrom } from '@/core/patterns';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { readOwnLayers } from '@/server/layers';
import { BreathEditor } from '@/ui/breaths/BreathEditor';

export const metadata = { title: 'Write a breath' };

/** The id of one that is not kept yet; it gets one of its own when it is. */
const UNKEPT = 'own-unkept';

interface Props {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
}

export default async function NewBreathPage({ searchParams }: Props) {
  const { from } = await searchParams;
  const open = await mine();
  const { breathsPerMin, outToIn } = await readCustoms(open);
  const { patterns } = await readOwnLayers(open);
  const model = [...PATTERNS, ...Object.values(patterns ?? {})].find(({ id }) => id === from);
  const place = model ? `new:${model.id}` : 'new';
  return (
    <BreathEditor
      key={place}
      start={model ? patternFrom(model, UNKEPT) : blankPattern(UNKEPT)}
      version={undefined}
      place={place}
      pace={{ breathsPerMin, outToIn }}
    />
  );
}
