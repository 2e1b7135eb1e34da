import { redirect } from 'next/navigation';
import { headers } from 'next/headers';
import { readDoor } from '@/server/access/accounts';
import { deviceIn, isAskedNow } from '@/server/access/door';
import { SHORTEST } from '@/server/access/passphrase';
import { goesOn } from '@/server/access/routes';
import { database } from '@/server/database';
import { EnterForm } from '@/ui/door/EnterForm';

export const metadata = { title: 'Come in' };

/** Where who is not known here comes in. It shows nothing that is anybody’s own. */
export default async function EnterPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly then?: string | readonly string[] }>;
}) {
  const asked = (await searchParams).then;
  const then = goesOn(typeof asked === 'string' ? asked : undefined);
  if (!(await isAskedNow()) || (await deviceIn((await headers()).get('cookie')))) redirect(then);
  const { isSchool } = await readDoor(await database());
  return (
    <main id="content" className="mx-auto max-w-[40rem] px-4 pt-16 pb-16 sm:px-8">
      <p className="font-serif text-[1.44rem] font-medium tracking-tight italic">Navuren</p>
      <h1 className="mt-6">Come in</h1>
      <p className="reading mt-2">
        {isSchool
          ? 'Several teach here, each with what is their own. Who has a passphrase comes in, and stays in on this device.'
          : 'This Navuren is somebody’s own. Who has its passphrase comes in, and stays in on this device.'}
      </p>
      <EnterForm then={then} isSchool={isSchool} shortest={SHORTEST} />
    </main>
  );
}
