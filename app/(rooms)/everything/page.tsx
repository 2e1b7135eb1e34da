import { BEFORE, copyFile, listCopies } from '@/server/archive/copies';
import { readCustoms } from '@/server/customs';
import { database, dataFolder } from '@/server/database';
import { isVeiled } from '@/server/veil';
import { EverythingRoom } from '@/ui/everything/EverythingRoom';
import { chosenHere } from '@/ui/kit/chosenHere';
import { dateText } from '@/ui/kit/time';
import { Veiled } from '@/ui/kit/Veiled';

export const metadata = { title: 'Everything' };

const sizeText = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;

export default async function EverythingPage() {
  if (await isVeiled()) return <Veiled title="Everything" />;
  chosenHere(await readCustoms(await database()));
  const copies = listCopies(dataFolder()).map(({ day, bytes }) => ({
    token: day,
    label: dateText(Date.parse(`${day}T12:00:00Z`), 'UTC', 'day'),
    size: sizeText(bytes),
  }));
  const before = copyFile(dataFolder(), BEFORE);
  return (
    <EverythingRoom
      copies={[
        ...(before ? [{ token: BEFORE, label: 'before the last bringing in', size: '' }] : []),
        ...copies,
      ]}
    />
  );
}
