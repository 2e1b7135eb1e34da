import { randomUUID } from 'node:crypto';
import { createWriteStream, existsSync, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { once } from 'node:events';
import path from 'node:path';
import { copyFile } from './copies';
import { LARGEST_ARCHIVE_BYTES } from './read';

const INCOMING = /^incoming-([0-9a-f-]{36})\.zip$/;
/** What was looked at and not brought in is let go of after a day, ms. */
const WAITS_MS = 86_400_000;

function letGo(at: string, nowMs: number): void {
  for (const name of readdirSync(at))
    if (INCOMING.test(name) && nowMs - statSync(path.join(at, name)).mtimeMs > WAITS_MS)
      rmSync(path.join(at, name), { force: true });
}

/** Keeps a file that is sent until it is decided on; nothing where it is larger than anything of ours. */
export async function takeIncoming(
  at: string,
  body: ReadableStream<Uint8Array>,
  nowMs: number,
): Promise<string | undefined> {
  mkdirSync(at, { recursive: true });
  letGo(at, nowMs);
  const token = randomUUID();
  const file = path.join(at, `incoming-${token}.zip`);
  const stream = createWriteStream(file);
  let bytes = 0;
  try {
    const reader = body.getReader();
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      bytes += value.length;
      if (bytes > LARGEST_ARCHIVE_BYTES) {
        await reader.cancel();
        stream.destroy();
        rmSync(file, { force: true });
        return undefined;
      }
      if (!stream.write(value)) await once(stream, 'drain');
    }
    stream.end();
    await once(stream, 'finish');
    return token;
  } catch (error) {
    stream.destroy();
    rmSync(file, { force: true });
    throw error;
  }
}

/** The file a token stands for: one that was sent, or a copy by its day. */
export function fileOf(at: string, token: string): string | undefined {
  const copy = copyFile(at, token);
  if (copy) return copy;
  const name = `incoming-${token}.zip`;
  // The whole of it, not its last part: a token names no other folder.
  if (!INCOMING.test(name)) return undefined;
  const file = path.join(at, name);
  return existsSync(file) ? file : undefined;
}

/** A file that was sent is no longer wanted. */
export function letGoOf(at: string, token: string): void {
  const name = `incoming-${token}.zip`;
  if (INCOMING.test(name)) rmSync(path.join(at, name), { force: true });
}
