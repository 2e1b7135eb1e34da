'use client';

import { useState, type SyntheticEvent } from 'react';
import { useRouter } from 'next/navigation';
import { readAnswer } from '@/ui/kit/answer';
import { PhoneSquare } from '@/ui/kit/PhoneSquare';
import { useSay } from '@/ui/kit/Said';
import { plural } from '@/ui/kit/time';
import { useReady } from '@/ui/kit/useReady';
import { Passphrase } from './Passphrase';

export interface DeviceLine {
  readonly id: string;
  readonly name: string;
  readonly since: string;
  readonly seen: string;
  readonly isThis: boolean;
}

export interface TryLine {
  readonly when: string;
  readonly device: string;
  readonly address: string;
  readonly outcome: string;
}

/** An address to give to a phone, and the square it is read from. */
export interface GivenAddress {
  readonly address: string;
  readonly isSecure: boolean;
  readonly square: { readonly size: number; readonly path: string };
}

interface DoorRoomProps {
  readonly isOpen: boolean;
  readonly hasPassphrase: boolean;
  readonly shortest: number;
  readonly addresses: readonly GivenAddress[];
  readonly devices: readonly DeviceLine[];
  readonly tries: readonly TryLine[];
}

const put = (body: object) => () =>
  fetch('/api/door', {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

/** Sets the passphrase, or changes it. */
function SetPassphrase({
  hasPassphrase,
  shortest,
  onDone,
}: {
  readonly hasPassphrase: boolean;
  readonly shortest: number;
  readonly onDone: () => void;
}) {
  const ready = useReady();
  const [[former, first, again], setTyped] = useState(['', '', '']);
  const [problem, setProblem] = useState<{ readonly field?: string; readonly text: string } | undefined>(
    undefined,
  );
  const [isBusy, setBusy] = useState(false);
  const save = async (event: SyntheticEvent): Promise<void> => {
    event.preventDefault();
    if (first !== again) return setProblem({ field: 'again', text: 'The two are not the same.' });
    setBusy(true);
    const answer = await readAnswer(put({ do: 'passphrase', former, passphrase: first }));
    setBusy(false);
    if (!answer.ok)
      return setProblem({
        text: answer.message,
        ...(answer.message.startsWith('passphrase:')
          ? { field: 'first' }
          : { field: hasPassphrase ? 'former' : 'first' }),
      });
    setProblem(undefined);
    setTyped(['', '', '']);
    onDone();
  };
  const at = (field: string) => (problem?.field === field ? problem.text : undefined);
  return (
    <form className="mt-3 grid gap-3" onSubmit={(event) => void save(event)}>
      {hasPassphrase && (
        <Passphrase
          label="The passphrase until now"
          kind="current-password"
          value={former ?? ''}
          onChange={(value) => setTyped([value, first ?? '', again ?? ''])}
          problem={at('former')}
        />
      )}
      <Passphrase
        label="New passphrase"
        kind="new-password"
        value={first ?? ''}
        hint={`At least ${shortest} signs: four or five words that nobody else would put together.`}
        onChange={(value) => setTyped([former ?? '', value, again ?? ''])}
        problem={at('first')}
      />
      <Passphrase
        label="The same again"
        kind="new-password"
        value={again ?? ''}
        onChange={(value) => setTyped([former ?? '', first ?? '', value])}
        problem={at('again')}
      />
      <p className="sr-only" role="alert">
        {problem?.text}
      </p>
      <div>
        <button type="submit" className="press" disabled={!ready || isBusy || first === ''}>
          {hasPassphrase ? 'Change the passphrase' : 'Set the passphrase'}
        </button>
      </div>
    </form>
  );
}

/** Opens to the local network; the passphrase is typed for it, so that nobody who only sits down here does. */
function OpenIt({ onDone }: { readonly onDone: () => void }) {
  const ready = useReady();
  const [passphrase, setPassphrase] = useState('');
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [isBusy, setBusy] = useState(false);
  const open = async (event: SyntheticEvent): Promise<void> => {
    event.preventDefault();
    setBusy(true);
    const answer = await readAnswer(put({ do: 'open', passphrase }));
    setBusy(false);
    setProblem(answer.ok ? undefined : answer.message);
    if (answer.ok) onDone();
  };
  return (
    <form className="mt-3" onSubmit={(event) => void open(event)}>
      <Passphrase
        label="The passphrase"
        kind="current-password"
        value={passphrase}
        onChange={setPassphrase}
        problem={problem}
      />
      <p className="sr-only" role="alert">
        {problem}
      </p>
      <button
        type="submit"
        className="press press-main mt-2"
        disabled={!ready || isBusy || passphrase === ''}
      >
        Open to the local network
      </button>
    </form>
  );
}

/** The addresses it answers at, and what plain http cannot do. */
function Addresses({ addresses }: { readonly addresses: readonly GivenAddress[] }) {
  const [first] = addresses;
  if (!first)
    return (
      <p className="should reading mt-2">
        This machine is in no local network now: nobody else can reach it until it is. An address of your own
        is named in NAVUREN_LISTEN.
      </p>
    );
  return (
    <div className="mt-3 flex flex-wrap items-start gap-6">
      <PhoneSquare square={first.square} leadsTo={first.address} className="h-36 w-36" />
      <div className="max-w-md">
        <ul aria-label="Addresses">
          {addresses.map(({ address }) => (
            <li key={address} className="figures text-[1.1rem]">
              {address}
            </li>
          ))}
        </ul>
        {!first.isSecure && (
          <p className="small quiet mt-2">
            By plain http, what goes over the network can be read by who listens in it, the passphrase too:
            open it in a network you trust. A phone cannot keep its screen on by itself there, hear, or go on
            without the server. With a certificate of your own (NAVUREN_TLS_CERT and NAVUREN_TLS_KEY, two
            files) it comes by https and can.
          </p>
        )}
      </div>
    </div>
  );
}

function Devices({
  devices,
  onGone,
}: {
  readonly devices: readonly DeviceLine[];
  readonly onGone: (text: string) => void;
}) {
  const ready = useReady();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const send = async (path: string, text: string): Promise<void> => {
    const answer = await readAnswer(() => fetch(path, { method: 'DELETE' }));
    setProblem(answer.ok ? undefined : answer.message);
    if (answer.ok) onGone(text);
  };
  /** Out with this one: what it shows next is what anybody would be shown. */
  const leave = async (): Promise<void> => {
    const answer = await readAnswer(() => fetch('/api/enter', { method: 'DELETE' }));
    if (answer.ok) window.location.reload();
    else setProblem(answer.message);
  };
  const others = devices.filter(({ isThis }) => !isThis).length;
  return (
    <section aria-labelledby="devices" className="mt-9">
      <h2 id="devices">Devices that are in</h2>
      {devices.length === 0 && (
        <p className="quiet mt-1">None: this machine needs no passphrase while it is shut.</p>
      )}
      <ul className="mt-1 max-w-3xl">
        {devices.map(({ id, name, since, seen, isThis }) => (
          <li key={id} className="flex flex-wrap items-baseline gap-x-4 border-t border-hairline py-1.5">
            <span className="w-48">
              {name}
              {isThis && <span className="quiet"> (this one)</span>}
            </span>
            <span className="quiet small grow">
              in since {since}, last seen {seen}
            </span>
            <button
              type="button"
              className="press-plain"
              disabled={!ready}
              onClick={() => void (isThis ? leave() : send(`/api/devices/${id}`, `${name} is sent away.`))}
            >
              {isThis ? 'Go out' : 'Send away'}
              <span className="sr-only">, {name}</span>
            </button>
          </li>
        ))}
      </ul>
      {others > 1 && (
        <button
          type="button"
          className="press mt-2"
          disabled={!ready}
          onClick={() => void send('/api/devices', `${plural(others, 'device')} sent away.`)}
        >
          Send all others away
        </button>
      )}
      {problem !== undefined && (
        <p role="alert" className="must small mt-1">
          {problem}
        </p>
      )}
    </section>
  );
}

function Tries({ tries }: { readonly tries: readonly TryLine[] }) {
  if (tries.length === 0) return null;
  return (
    <section aria-labelledby="tries" className="mt-9">
      <h2 id="tries">Who tried to come in</h2>
      <table className="mt-1 w-full max-w-3xl">
        <thead>
          <tr className="caption text-left">
            {['when', 'from', 'with', 'outcome'].map((name) => (
              <th key={name} scope="col" className="pr-3 font-medium">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {tries.map(({ when, address, device, outcome }, index) => (
            <tr key={index} className="border-t border-hairline">
              <td className="py-1 pr-3">{when}</td>
              <td className="figures py-1 pr-3">{address}</td>
              <td className="py-1 pr-3">{device}</td>
              <td className={`py-1 ${outcome === 'came in' ? '' : 'should'}`}>{outcome}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** Who may come in: shut or open, the passphrase, the devices, and who tried. */
export function DoorRoom({ isOpen, hasPassphrase, shortest, addresses, devices, tries }: DoorRoomProps) {
  const ready = useReady();
  const router = useRouter();
  const say = useSay();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const done = (text: string): void => {
    say(text);
    router.refresh();
  };
  const shut = async (): Promise<void> => {
    const answer = await readAnswer(put({ do: 'shut' }));
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
            Shut: only this machine is answered, and nobody is asked for anything.{' '}
            {hasPassphrase
              ? 'Opened, it answers the phones and screens of your network, and asks each for the passphrase.'
              : 'To open it to the phones and screens of your network, set a passphrase first.'}
          </p>
          {hasPassphrase && <OpenIt onDone={() => done('It is open to the local network.')} />}
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
      <Devices devices={devices} onGone={done} />
      <Tries tries={tries} />
    </div>
  );
}
