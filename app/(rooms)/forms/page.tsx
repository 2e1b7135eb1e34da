import { REPERTOIRE } from '@/core/forms';
import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { FormsRoom } from '@/ui/forms/FormsRoom';

export const metadata = { title: 'Forms' };

export default async function FormsPage() {
  const { animalSchool, soundSchool } = await readCustoms(await database());
  return <FormsRoom forms={REPERTOIRE} schools={{ animalSchool, soundSchool }} />;
}
