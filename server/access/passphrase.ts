import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { z } from 'zod';

/**
 * scrypt (RFC 7914) with N = 2^17, r = 8, p = 1: what the OWASP Password Storage Cheat Sheet asks of it. 128 MB and about
 * half a second of work a try, off the thread that answers.
 */
const COST = { log2N: 17, r: 8, p: 1 } as const;
const KEY_BYTES = 32;
const SALT_BYTES = 16;
/** Node refuses more than 32 MB unless it is told. */
const MOST_MEMORY_BYTES = 256_000_000;

/** The same letters however a keyboard puts them together. */
const plain = (passphrase: string): string => passphrase.normalize('NFKC');

const derived = (
  passphrase: string,
  salt: Buffer,
  { log2N, r, p }: { log2N: number; r: number; p: number },
) =>
  new Promise<Buffer>((resolve, reject) =>
    scrypt(
      plain(passphrase),
      salt,
      KEY_BYTES,
      { N: 2 ** log2N, r, p, maxmem: MOST_MEMORY_BYTES },
      (error, key) => (error ? reject(error) : resolve(key)),
    ),
  );

/** So many tries are reckoned at once, for each takes 128 MB; the others wait. */
const AT_ONCE = 2;
let busy = 0;
const waiting: (() => void)[] = [];

async function inTurn<Result>(work: () => Promise<Result>): Promise<Result> {
  if (busy >= AT_ONCE) await new Promise<void>((resolve) => waiting.push(resolve));
  busy += 1;
  try {
    return await work();
  } finally {
    busy -= 1;
    waiting.shift()?.();
  }
}

/** What is kept of a passphrase: `scrypt$17$8$1$salt$key`, both in base64. */
export async function hashOf(passphrase: string): Promise<string> {
  const salt = randomBytes(SALT_BYTES);
  const key = await inTurn(() => derived(passphrase, salt, COST));
  return ['scrypt', COST.log2N, COST.r, COST.p, salt.toString('base64'), key.toString('base64')].join('$');
}

const storedSchema = z
  .string()
  .regex(/^scrypt\$\d{1,2}\$\d{1,2}\$\d{1,2}\$[\w+/=]+\$[\w+/=]+$/)
  .transform((text) => text.split('$').slice(1));

/** Whether a passphrase is the one of which this was kept. Takes as long for a wrong one. */
export async function isRight(passphrase: string, stored: string): Promise<boolean> {
  const [log2N = '', r = '', p = '', salt = '', key = ''] = storedSchema.parse(stored);
  const cost = { log2N: Number(log2N), r: Number(r), p: Number(p) };
  const there = Buffer.from(key, 'base64');
  const made = await inTurn(() => derived(passphrase, Buffer.from(salt, 'base64'), cost));
  return there.length === made.length && timingSafeEqual(there, made);
}

export const SHORTEST = 12;
const LONGEST = 200;
/** What everybody tries first, as they are or with something after them. From memory. */
const COMMON = [
  'password',
  'passphrase',
  'navuren',
  'qigong',
  'taiji',
  'qwerty',
  'letmein',
  'welcome',
  '123456',
];

/** A passphrase that may be set: long, and not what is tried first. No rules of signs: they make them no better. */
export const passphraseSchema = z
  .string()
  .max(LONGEST, `at most ${LONGEST} signs`)
  .refine(
    (text) => [...plain(text)].length >= SHORTEST,
    `at least ${SHORTEST} signs; four or five words are good`,
  )
  .refine((text) => new Set(plain(text).toLowerCase()).size >= 5, 'more different signs')
  .refine(
    (text) => !COMMON.some((common) => plain(text).toLowerCase().replace(common, '').length < SHORTEST / 2),
    'not one that everybody tries first',
  );

/** A passphrase as it is typed to come in: whatever it is. */
export const typedPassphrase = z.string().min(1, 'type it first').max(400, 'is too long');

/** What somebody is called who comes in. */
export const nameSchema = z.string().trim().min(1, 'give a name').max(80, 'at most 80 characters');

/** Another teacher, and the first passphrase they are given. */
export const teacherSchema = z.strictObject({ name: nameSchema, passphrase: passphraseSchema });
