import { createHmac, timingSafeEqual } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { KEY_LENGTH, KEY_PICTURES, type KeyPicture } from '@/contracts/people';
import { drawOne } from './drawOne';
import { getEnv } from '../env';

/** Argon2id with the parameters OWASP's password storage cheat sheet gives first: 19 MiB, two passes (from memory). */
const ARGON2 = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** Hash of a password, to be stored. */
export function hashPassword(password: string): Promise<string> {
  return hash(password.normalize('NFKC'), ARGON2);
}

export function hashKey(key: readonly KeyPicture[]): Promise<string> {
  return hash(key.join(' '), ARGON2);
}

/** Compares with a stored hash; an unknown person costs as much time as a known one. */
export async function isRightPassword(secretHash: string | undefined, password: string): Promise<boolean> {
  return isRightSecret(secretHash, password.normalize('NFKC'));
}

export async function isRightKey(
  secretHash: string | undefined,
  key: readonly KeyPicture[],
): Promise<boolean> {
  return isRightSecret(secretHash, key.join(' '));
}

async function isRightSecret(secretHash: string | undefined, secret: string): Promise<boolean> {
  if (secretHash === undefined) {
    await hash(secret, ARGON2);
    return false;
  }
  return verify(secretHash, secret);
}

/** Three pictures drawn at random; the order counts and one may come twice. */
export function drawKey(): KeyPicture[] {
  return Array.from({ length: KEY_LENGTH }, () => drawOne(KEY_PICTURES));
}

/** Letters and digits that cannot be taken for one another when read aloud or copied from a board. */
const CODE_LETTERS = Array.from('ACDEFHJKLMNPRTUVWXY3479');
const CODE_LENGTH = 6;

/** A fresh class code such as "K7PWRA". */
export function drawJoinCode(): string {
  return Array.from({ length: CODE_LENGTH }, () => drawOne(CODE_LETTERS)).join('');
}

/** The code printed in the terminal at the first start; whoever knows it may set up the club. */
export function makeSetUpCode(): string {
  return createHmac('sha256', getEnv().SESSION_SECRET).update('first set-up').digest('hex').slice(0, 12);
}

export function isSetUpCode(text: string): boolean {
  const expected = Buffer.from(makeSetUpCode());
  const given = Buffer.from(text.trim().toLowerCase());
  return given.length === expected.length && timingSafeEqual(given, expected);
}
