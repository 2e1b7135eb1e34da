import { PhoneSquare } from '@/ui/kit/PhoneSquare';

/** An address to give to a phone, and the square it is read from. */
export interface GivenAddress {
  readonly address: string;
  readonly isSecure: boolean;
  readonly square: { readonly size: number; readonly path: string };
}

/** The addresses it answers at, and what plain http cannot do. */
export function Addresses({ addresses }: { readonly addresses: readonly GivenAddress[] }) {
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
