import { createHash, createHmac, timingSafeEqual } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { ClubId } from '@/contracts/ids';
import { KEY_PICTURES, type KeyLength, type KeyPicture } from '@/contracts/people';
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

/** Words that are easy to read out and to type: six drawn from 64 are 36 bits, and guessing is slowed down at the door. */
const PASSWORD_WORDS = [
  'amber',
  'anchor',
  'apple',
  'barley',
  'basket',
  'beacon',
  'bramble',
  'button',
  'candle',
  'canvas',
  'cedar',
  'cherry',
  'clover',
  'cobble',
  'copper',
  'cradle',
  'dapple',
  'ember',
  'falcon',
  'feather',
  'fiddle',
  'flannel',
  'garden',
  'ginger',
  'hammock',
  'harbour',
  'hazel',
  'heather',
  'island',
  'ivory',
  'jasper',
  'juniper',
  'kettle',
  'ladder',
  'lantern',
  'linen',
  'marble',
  'meadow',
  'mitten',
  'morning',
  'nettle',
  'orchard',
  'otter',
  'paddle',
  'pebble',
  'pepper',
  'pillow',
  'plover',
  'quarry',
  'quiver',
  'raven',
  'ribbon',
  'saddle',
  'saffron',
  'shovel',
  'silver',
  'sparrow',
  'spindle',
  'thimble',
  'timber',
  'velvet',
  'walnut',
  'whistle',
  'willow',
] as const;
const PASSWORD_LENGTH = 6;

/** A password to be changed by whoever gets it, such as "kettle-otter-linen-plover-amber-quarry". */
export function drawPassword(): string {
  return Array.from({ length: PASSWORD_LENGTH }, () => drawOne(PASSWORD_WORDS)).join('-');
}

/** A name that may be of any letters, as one that a counter can bear. */
export function hashName(name: string): string {
  return createHash('sha256').update(name).digest('hex').slice(0, 32);
}

/** Pictures drawn at random; the order counts and one may come twice. */
export function drawKey(length: KeyLength): KeyPicture[] {
  return Array.from({ length }, () => drawOne(KEY_PICTURES));
}

/** Letters and digits that cannot be taken for one another when read aloud or copied from a board. */
const CODE_LETTERS = Array.from('ACDEFHJKLMNPRTUVWXY3479');
const CODE_LENGTH = 6;

/** A fresh class code such as "K7PWRA". */
export function drawJoinCode(): string {
  return Array.from({ length: CODE_LENGTH }, () => drawOne(CODE_LETTERS)).join('');
}

/** The code with which a lead sets up this club, or the first one of all; printed in the terminal, never stored. */
export function makeSetUpCode(clubId?: ClubId): string {
  const what = clubId === undefined ? 'first set-up' : `set-up of club ${clubId}`;
  return createHmac('sha256', getEnv().SESSION_SECRET).update(what).digest('hex').slice(0, 12);
}

export function isSetUpCode(text: string, clubId?: ClubId): boolean {
  const expected = Buffer.from(makeSetUpCode(clubId));
  const given = Buffer.from(text.trim().toLowerCase());
  return given.length === expected.length && timingSafeEqual(given, expected);
}
