import { headers } from 'next/headers';
import { devices, readDoor } from '@/server/access/accounts';
import { deviceIn } from '@/server/access/door';
import { givenAddresses } from '@/server/access/network';
import { SHORTEST } from '@/server/access/passphrase';
import { lastTries } from '@/server/access/tries';
import { readCustoms } from '@/server/customs';
import { database } from '@/server/database';
import { squareOf } from '@/server/square';
import { isVeiled } from '@/server/veil';
import { DoorRoom } from '@/ui/door/DoorRoom';
import { chosenHere } from '@/ui/kit/chosenHere';
import { now } from '@/ui/kit/now';
import { dateText } from '@/ui/kit/time';
import { Veiled } from '@/ui/kit/Veiled';

export const metadata = { title: 'Who may come in' };

export default async function DoorPage() {
  if (await isVeiled()) return <Veiled title="Who may come in" />;
  const open = await database();
  const customs = await readCustoms(open);
  chosenHere(customs);
  const { zone } = customs.place;
  const at = (ms: number): string => dateText(ms, zone, 'dayTime');
  const own = await deviceIn((await headers()).get('cookie'));
  const { isOpen, hasPassphrase } = await readDoor(open);
  return (
    <DoorRoom
      isOpen={isOpen}
      hasPassphrase={hasPassphrase}
      shortest={SHORTEST}
      addresses={givenAddresses(Number(process.env.NAVUREN_PORT ?? 3210)).map((address) => ({
        address,
        isSecure: address.startsWith('https:'),
        square: squareOf(address),
      }))}
      devices={(await devices(open, now())).map(({ id, name, signedInAtMs, seenAtMs }) => ({
        id,
        name,
        since: at(signedInAtMs),
        seen: at(seenAtMs),
        isThis: id === own?.id,
      }))}
      tries={(await lastTries(open)).map(({ atMs, ...rest }) => ({ when: at(atMs), ...rest }))}
    />
  );
}
