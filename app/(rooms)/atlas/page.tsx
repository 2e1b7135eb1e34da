import { organHours } from '@/core/almanac';
import { channel, CHANNELS } from '@/core/channels';
import { pointsReached, strokePostures, type Form } from '@/core/forms';
import { fillCue } from '@/core/forms/words/cueText';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { readRepertoire } from '@/server/forms';
import { readAddress } from '@/ui/atlas/address';
import { AtlasRoom } from '@/ui/atlas/AtlasRoom';
import type { AtlasForm } from '@/ui/atlas/looking';
import { Correspondences } from '@/ui/atlas/Correspondences';
import { soundOf, type SoundSchoolId } from '@/core/sounds';

export const metadata = { title: 'Atlas' };

function atlasForm(form: Form, school: SoundSchoolId): AtlasForm {
  const sound = form.soundOrgan ? soundOf(form.soundOrgan, school) : undefined;
  return {
    id: form.id,
    name: form.name,
    view: form.view ?? 'front',
    channels: form.channels,
    route: form.route ?? [],
    reached: pointsReached(form),
    strokes: [...form.entry, ...form.cycle, ...form.exit].flatMap((stroke) => {
      const posture = strokePostures(stroke, 'full').at(-1);
      const cue = fillCue(stroke.cue, { side: 'left', way: form.ways?.[0] ?? 'left' }, sound);
      return posture ? [{ cue, posture }] : [];
    }),
  };
}

type Query = Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;

export default async function AtlasPage({ searchParams }: { searchParams: Query }) {
  const open = await mine();
  const customs = await readCustoms(open);
  const forms = (await readRepertoire(open)).map((form) => atlasForm(form, customs.soundSchool));
  const hours = organHours(new Date().getTime(), customs.place);
  const now = hours[customs.hours].organ;
  const channelNow = CHANNELS.find((row) => row.organ === now)?.id ?? channel('LU').id;
  const start = readAddress(
    await searchParams,
    channelNow,
    forms.map((form) => form.id),
  );
  return (
    <AtlasRoom
      key={JSON.stringify(start)}
      start={start}
      forms={forms}
      now={now}
      correspondences={<Correspondences customs={customs} />}
    />
  );
}
