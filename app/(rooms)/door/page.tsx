import { headers } from 'next/headers';
import { devices, listTeachers, readAccount, readDoor } from '@/server/access/accounts';
import { mine, whoseDevices } from '@/server/access/asking';
import { deviceIn } from '@/server/access/door';
import { givenAddresses } from '@/server/access/network';
import { SHORTEST } from '@/server/access/passphrase';
import { lastTries } from '@/server/access/tries';
import { readCustoms } from '@/server/customs';
import { OWNER } from '@/server/sql';
import { squareOf } from '@/server/square';
import { calledTeacher } from '@/server/shared';
import { isVeiled } from '@/server/veil';
import { DoorRoom } from '@/ui/door/DoorRoom';
import { OwnDoor } from '@/ui/door/OwnDoor';
import { chosenHere } from '@/ui/kit/chosenHere';
import { now } from '@/ui/kit/now';
import { dateText } from '@/ui/kit/time';
import { Veiled } from '@/ui/kit/Veiled';

export const metadata = { title: 'Who may come in' };

export default async function DoorPage() {
  if (await isVeiled()) return <Veiled title="Who may come in" />;
  const open = await mine();
  const customs = await readCustoms(open);
  chosenHere(customs);
  const { zone } = customs.place;
  const at = (ms: number): string => dateText(ms, zone, 'dayTime');
  const own = await deviceIn((await headers()).get('cookie'));
  const teachers = await listTeachers(open);
  const called = (name: string): string | undefined =>
    teachers.length === 0 ? undefined : calledTeacher(name);
  const there = await devices(open, await whoseDevices(), now());
  const lines = there.map(({ id, name, accountName, signedInAtMs, seenAtMs }) => ({
    id,
    name,
    since: at(signedInAtMs),
    seen: at(seenAtMs),
    isThis: id === own?.id,
    whose: open.teacherId === OWNER ? called(accountName) : undefined,
  }));
  const name = (await readAccount(open, open.teacherId))?.name ?? '';
  if (open.teacherId !== OWNER) return <OwnDoor name={name} shortest={SHORTEST} devices={lines} />;
  const { isOpen, hasPassphrase } = await readDoor(open);
  return (
    <DoorRoom
      name={name}
      isOpen={isOpen}
      hasPassphrase={hasPassphrase}
      shortest={SHORTEST}
      addresses={givenAddresses(Number(process.env.NAVUREN_PORT ?? 3210)).map((address) => ({
        address,
        isSecure: address.startsWith('https:'),
        square: squareOf(address),
      }))}
      devices={lines}
      tries={(await lastTries(open)).map(({ atMs, address, device, outcome, accountName }) => ({
        when: at(atMs),
        address,
        device,
        outcome,
        whose: accountName === undefined ? undefined : called(accountName),
      }))}
      teachers={teachers.map(({ id, name, isGiven, isShut }) => {
        const seenMs = there.find(({ accountId }) => accountId === id)?.seenAtMs;
        return {
          id,
          name,
          state: isShut ? 'shut' : isGiven ? 'given' : 'in',
          seen: seenMs === undefined ? undefined : at(seenMs),
        };
      })}
    />
  );
}
