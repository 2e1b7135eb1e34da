import { sizeText } from '@/ui/kit/wholeFile';
import { BEFORE, copiesOf, copyFile, listCopies } from '@/server/archive/copies';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { dataFolder } from '@/server/database';
import { isVeiled } from '@/server/veil';
import { EverythingRoom } from '@/ui/everything/EverythingRoom';
import { chosenHere } from '@/ui/kit/chosenHere';
import { dateText } from '@/ui/kit/time';
import { Veiled } from '@/ui/kit/Veiled';

export const metadata = { title: 'Everything' };

export default async function EverythingPage() {
  if (await isVeiled()) return <Veiled title="Everything" />;
  const open = await mine();
  chosenHere(await readCustoms(open));
  const at = copiesOf(dataFolder(), open.teacherId);
  const copies = listCopies(at).map(({ day, bytes }) => ({
    token: day,
    label: dateText(Date.parse(`${day}T12:00:00Z`), 'UTC', 'day'),
    size: sizeText(bytes),
  }));
  const before = copyFile(at, BEFORE);
  return (
    <EverythingRoom
      copies={[
        ...(before ? [{ token: BEFORE, label: 'before the last bringing in', size: '' }] : []),
        ...copies,
      ]}
    />
  );
}
