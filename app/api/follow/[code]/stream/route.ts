import { FROM_HEADER } from '@/server/access/door';
import { answering, NOT_KEPT, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { followedUnder } from '@/server/follow/asked';
import { hasRoom, listen, type Sent } from '@/server/follow/live';

/** A sign of life, so that nothing between gives the connection up, ms. */
const ALIVE_EVERY_MS = 15_000;
/** So much may wait for a device that does not take it, in messages; then it has to come again. */
const MOST_WAITING = 50;

const texts = new WeakMap<object, string>();

/** An event as it goes out; what is told to many is written once. */
const asEvent = (sent: Sent): string => {
  if (sent.kind !== 'told')
    return `event: ${sent.kind}\ndata: ${sent.kind === 'here' ? sent.followers : ''}\n\n`;
  const { told, revision, toldBy } = sent.followed;
  const written =
    texts.get(sent.followed) ?? `event: told\ndata: ${JSON.stringify({ told, revision, by: toldBy })}\n\n`;
  texts.set(sent.followed, written);
  return written;
};

/** Server-sent events (the HTML standard, §9.2): how the class stands, and each time it is told how it goes on. */
export const GET = (request: Request, { params }: { readonly params: Promise<{ readonly code: string }> }) =>
  answering(async () => {
    const open = await database();
    const found = await followedUnder(open, request, (await params).code);
    if (found instanceof Response) return found;
    const from = request.headers.get(FROM_HEADER) ?? 'this machine';
    if (!hasRoom(from)) return refuse(503, { message: 'So many follow already that no more can.' });
    const isLeading = new URL(request.url).searchParams.get('as') === 'lead';
    const text = new TextEncoder();
    let stop = (): void => undefined;
    const body = new ReadableStream<Uint8Array>(
      {
        start(controller) {
          let isOpen = true;
          const send = (part: string): void => {
            // Who left while others are told is told no more, and keeps nobody else from hearing.
            if (!isOpen) return;
            if ((controller.desiredSize ?? 0) < -MOST_WAITING) return close();
            controller.enqueue(text.encode(part));
          };
          const alive = setInterval(() => send(': here\n\n'), ALIVE_EVERY_MS);
          const leave = listen(open, found.code, { isLeading, from }, (sent) => {
            if (sent.kind === 'away') close();
            else send(asEvent(sent));
          });
          stop = (): void => {
            isOpen = false;
            clearInterval(alive);
            leave();
          };
          const close = (): void => {
            stop();
            controller.close();
          };
          request.signal.addEventListener('abort', () => stop());
        },
        cancel: () => stop(),
      },
      new CountQueuingStrategy({ highWaterMark: MOST_WAITING }),
    );
    // Packed for each device anew it would cost more than it saves: a few hundred bytes at a press.
    return new Response(body, {
      headers: {
        'cache-control': `${NOT_KEPT['cache-control']}, no-transform`,
        'content-type': 'text/event-stream',
      },
    });
  });
