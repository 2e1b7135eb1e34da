import os from 'node:os';

/** Names under which this machine itself is reached. */
export const OWN_HOSTS = ['127.0.0.1', 'localhost', '[::1]'] as const;

/** Private networks of RFC 1918 and RFC 3927, and the unique local addresses of RFC 4193: never the open internet. */
export const isLocal = (address: string): boolean =>
  /^(10\.|192\.168\.|172\.(1[6-9]|2\d|3[01])\.|169\.254\.)/.test(address) ||
  /^f[cd][0-9a-f]{2}:/i.test(address);

/** The addresses of this machine in its local networks, or those its owner names in NAVUREN_LISTEN. */
export function localAddresses(interfaces = os.networkInterfaces()): readonly string[] {
  const named = (process.env.NAVUREN_LISTEN ?? '').split(',').map((one) => one.trim());
  if (named.some((one) => one !== '')) return named.filter((one) => one !== '');
  return Object.values(interfaces)
    .flatMap((list) => list ?? [])
    .filter(({ internal, address }) => !internal && isLocal(address))
    .map(({ address }) => address);
}

const inAddress = (address: string): string => (address.includes(':') ? `[${address}]` : address);

/** How the server is reached from outside, where its owner says so: behind a proxy, or by the name of a certificate. */
function namedAddress(): URL | undefined {
  const named = process.env.NAVUREN_ADDRESS;
  if (named === undefined || named === '') return undefined;
  try {
    const url = new URL(named);
    return /^https?:$/.test(url.protocol) ? url : undefined;
  } catch {
    return undefined;
  }
}

const hasCertificate = (): boolean =>
  Boolean(process.env.NAVUREN_TLS_CERT) && Boolean(process.env.NAVUREN_TLS_KEY);

/** Under which names it answers when it is open, each with the scheme its pages come by; no port in them. */
export function openHosts(): ReadonlyMap<string, 'http' | 'https'> {
  const scheme = hasCertificate() ? 'https' : 'http';
  const name = os.hostname().toLowerCase();
  const named = namedAddress();
  return new Map<string, 'http' | 'https'>([
    ...OWN_HOSTS.map((host) => [host, 'http'] as const),
    ...[...localAddresses().map(inAddress), name, `${name}.local`].map((host) => [host, scheme] as const),
    ...(named ? [[named.hostname, named.protocol === 'https:' ? 'https' : 'http'] as const] : []),
  ]);
}

/** The addresses to give to others, the best first. */
export function givenAddresses(port: number): readonly string[] {
  const named = namedAddress();
  const scheme = hasCertificate() ? 'https' : 'http';
  return [
    ...(named ? [named.origin] : []),
    ...localAddresses().map((address) => `${scheme}://${inAddress(address)}:${port}`),
  ];
}

/** Whose network a request comes from: an IPv4 address, or the half of an IPv6 one that a household shares. */
export function networkOf(address: string): string {
  const plain = address.replace(/^::ffff:(?=\d+\.)/, '');
  if (!plain.includes(':')) return plain;
  const [head = '', tail = ''] = plain.split('::');
  const [left, right] = [head, tail].map((part) => (part === '' ? [] : part.split(':')));
  const zeros = plain.includes('::') ? 8 - (left?.length ?? 0) - (right?.length ?? 0) : 0;
  return [...(left ?? []), ...Array.from({ length: zeros }, () => '0'), ...(right ?? [])]
    .slice(0, 4)
    .join(':');
}

/** The proxies that are believed: those named in NAVUREN_PROXY, else with an address of its own one on this machine. */
const isProxy = (peer: string): boolean => {
  const plain = peer.replace(/^::ffff:(?=\d+\.)/, '');
  const named = process.env.NAVUREN_PROXY;
  return named ? named.split(',').some((one) => one.trim() === plain) : /^(127\.|::1$)/.test(plain);
};

/**
 * Where a request comes from: the connection’s own address, or behind a proxy what it says last. Nobody else is believed.
 */
export function cameFrom(peer: string, forwardedFor: string | undefined): string {
  const last = forwardedFor?.split(',').at(-1)?.trim();
  return networkOf(namedAddress() !== undefined && isProxy(peer) && last ? last : peer);
}
