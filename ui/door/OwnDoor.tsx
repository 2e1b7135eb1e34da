'use client';

import { useRouter } from 'next/navigation';
import { useSay } from '@/ui/kit/Said';
import { Devices, type DeviceLine } from './Devices';
import { OwnName } from './OwnName';
import { SetPassphrase } from './SetPassphrase';

interface OwnDoorProps {
  readonly name: string;
  readonly shortest: number;
  readonly devices: readonly DeviceLine[];
}

/** How a teacher comes in: their passphrase and their devices. Who else does is the owner’s to say. */
export function OwnDoor({ name, shortest, devices }: OwnDoorProps) {
  const router = useRouter();
  const say = useSay();
  const done = (text: string): void => {
    say(text);
    router.refresh();
  };
  return (
    <div className="max-w-5xl">
      <h1>How you come in</h1>
      <p className="reading mt-2">
        As <strong>{name}</strong>, with a passphrase that nobody else knows. Your customs, groups, people,
        log and shelf are seen by nobody else here; what you share from the shelf is.
      </p>
      <OwnName name={name} mayBeNone={false} onDone={done} />
      <section aria-labelledby="passphrase" className="mt-9">
        <h2 id="passphrase">Another passphrase</h2>
        <p className="reading mt-1">
          When it is changed, every other device of yours has to come in again. Who forgets it asks the owner
          for a new first one.
        </p>
        <SetPassphrase hasPassphrase shortest={shortest} onDone={() => done('The passphrase is changed.')} />
      </section>
      <Devices devices={devices} onGone={done} />
    </div>
  );
}
