'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { readAnswer } from '@/ui/kit/answer';
import { useSay } from '@/ui/kit/Said';
import { useReady } from '@/ui/kit/useReady';
import { Addresses, type GivenAddress } from './Addresses';
import { Devices, type DeviceLine } from './Devices';
import { OwnName } from './OwnName';
import { PassphraseForm } from './PassphraseForm';
import { send } from './send';
import { SetPassphrase } from './SetPassphrase';
import { Teachers, type TeacherLine } from './Teachers';
import { Tries, type TryLine } from './Tries';

interface DoorRoomProps {
  readonly isOpen: boolean;
  readonly hasPassphrase: boolean;
  readonly shortest: number;
  readonly addresses: readonly GivenAddress[];
  readonly devices: readonly DeviceLine[];
  readonly tries: readonly TryLine[];
  readonly teachers: readonly TeacherLine[];
  /** The owner’s own name; empty where they have none. */
  readonly name: string;
}

/** Who may come in: shut or open, the passphrase, the devices, and who tried. */
export function DoorRoom({
  isOpen,
  hasPassphrase,
  shortest,
  addresses,
  devices,
  tries,
  teachers,
  name,
}: DoorRoomProps) {
  const ready = useReady();
  const router = useRouter();
  const say = useSay();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const done = (text: string): void => {
    say(text);
    router.refresh();
  };
  const shut = async (): Promise<void> => {
    const answer = await readAnswer(send('PUT', '/api/door', { do: 'shut' }));
    setProblem(answer.ok ? undefined : answer.message);
    if (answer.ok) done('It answers this machine only.');
  };
  return (
    <div className="max-w-5xl">
      <h1>Who may come in</h1>
      {isOpen ? (
        <section aria-label="Open">
          <p className="reading mt-2">
            Open to the local network: who has the passphrase comes in, from any device in it.
          </p>
          <Addresses addresses={addresses} />
          <button type="button" className="press mt-4" disabled={!ready} onClick={() => void shut()}>
            Shut it: this machine only
          </button>
          {problem !== undefined && (
            <p role="alert" className="must small mt-1">
              {problem}
            </p>
          )}
        </section>
      ) : (
        <section aria-label="Shut">
          <p className="reading mt-2">
            Shut: only this machine is answered
            {teachers.some(({ state }) => state !== 'shut')
              ? ', and whoever teaches here says who they are. '
              : ', and nobody is asked for anything. '}
            {hasPassphrase
              ? 'Opened, it answers the phones and screens of your network, and asks each for the passphrase.'
              : 'To open it to the phones and screens of your network, set a passphrase first.'}
          </p>
          {hasPassphrase && (
            // Typed for it, so that nobody who only sits down here opens it.
            <div className="mt-3">
              <PassphraseForm
                label="The passphrase"
                doing="Open to the local network"
                ask={(passphrase) => send('PUT', '/api/door', { do: 'open', passphrase })()}
                onDone={() => done('It is open to the local network.')}
              />
            </div>
          )}
        </section>
      )}
      <section aria-labelledby="passphrase" className="mt-9">
        <h2 id="passphrase">{hasPassphrase ? 'Another passphrase' : 'A passphrase'}</h2>
        <p className="reading mt-1">
          {hasPassphrase
            ? 'When it is changed, every other device has to come in again.'
            : 'None is set. It is kept so that nobody can read it, not even from the data folder; who forgets it sets another at this machine: npm run open -- --new-passphrase.'}
        </p>
        <SetPassphrase
          hasPassphrase={hasPassphrase}
          shortest={shortest}
          onDone={() => done(hasPassphrase ? 'The passphrase is changed.' : 'The passphrase is set.')}
        />
      </section>
      {teachers.length > 0 && <OwnName name={name} mayBeNone onDone={done} />}
      <Teachers teachers={teachers} hasPassphrase={hasPassphrase} shortest={shortest} onDone={done} />
      <Devices devices={devices} onGone={done} />
      <Tries tries={tries} />
    </div>
  );
}
