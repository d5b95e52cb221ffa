import { RateLimiterMySQL, RateLimiterRes } from 'rate-limiter-flexible';
import { getDb } from '../db';
import { getEnv } from '../env';

/** Wrong answers allowed and the time until they are forgotten; counted in the database, shared by all processes. */
const LIMITS = {
  /** Per sign-in name. */
  password: { points: 8, duration: 300 },
  /** Per student: three pictures of twelve are 1,728 keys, so guessing has to be slow. */
  key: { points: 6, duration: 120 },
  /** Per address, for class codes. */
  code: { points: 60, duration: 300 },
} as const;
export type ThrottleKind = keyof typeof LIMITS;

const limiters = new Map<ThrottleKind, RateLimiterMySQL>();

function getLimiter(kind: ThrottleKind): RateLimiterMySQL {
  const known = limiters.get(kind);
  if (known !== undefined) return known;
  const limiter = new RateLimiterMySQL({
    storeClient: getDb(),
    storeType: 'knex',
    dbName: new URL(getEnv().DATABASE_URL).pathname.slice(1),
    tableName: 'throttles',
    tableCreated: true,
    keyPrefix: kind,
    ...LIMITS[kind],
  });
  limiters.set(kind, limiter);
  return limiter;
}

/** Seconds to wait before the next try is looked at; 0 = go on. */
export async function findWaitSeconds(kind: ThrottleKind, who: string): Promise<number> {
  const state = await getLimiter(kind).get(who);
  if (state === null || state.consumedPoints < LIMITS[kind].points) return 0;
  return Math.ceil(state.msBeforeNext / 1000);
}

/** Counts one wrong try. */
export async function noteWrongTry(kind: ThrottleKind, who: string): Promise<void> {
  try {
    await getLimiter(kind).consume(who);
  } catch (refusal) {
    // The library rejects with its state when the limit is passed; the next call of findWaitSeconds says so.
    if (!(refusal instanceof RateLimiterRes)) throw refusal;
  }
}

/** Forgets wrong tries after a right one. */
export async function forgetWrongTries(kind: ThrottleKind, who: string): Promise<void> {
  await getLimiter(kind).delete(who);
}
