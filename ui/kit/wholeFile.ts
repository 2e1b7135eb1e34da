import { messageOf } from './answer';

/** How large a file is, in the unit one thinks of it in. */
export const sizeText = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;

export interface WholeFile {
  readonly blob: Blob;
  /** As the server calls it. */
  readonly name: string;
}

/**
 * Takes a file that the server writes piece by piece: how many bytes have come is told on the way. The browser holds
 * what has come, on disk where it is large. Throws with a sentence for the page where the server refused, or where it
 * broke off on the way: a part is never given as the whole.
 */
export async function takeWhole(
  href: string,
  signal: AbortSignal,
  onBytes: (bytes: number) => void,
): Promise<WholeFile> {
  const answer = await fetch(href, { signal });
  if (!answer.ok || !answer.body) throw new Error(await messageOf(answer));
  let bytes = 0;
  const counted = answer.body.pipeThrough(
    new TransformStream<Uint8Array<ArrayBuffer>, Uint8Array<ArrayBuffer>>({
      transform: (piece, onward) => {
        bytes += piece.length;
        onBytes(bytes);
        onward.enqueue(piece);
      },
    }),
  );
  const type = answer.headers.get('content-type') ?? 'application/octet-stream';
  const blob = await new Response(counted, { headers: { 'content-type': type } }).blob();
  const name = /filename="([^"]+)"/.exec(answer.headers.get('content-disposition') ?? '')?.[1];
  return { blob, name: name ?? 'navuren' };
}
