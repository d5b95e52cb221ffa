/**
 * How often may a door be tried? Every try is counted before anything is checked, in one step of the database, so that a hundred tries at
 * once are counted like a hundred one after another; what was right is given back. Doors count by the person they lead to, and beside that
 * by class and by address, where guessing can be spread over many persons.
 */
import { RateLimiterMySQL, RateLimiterRes } from 'rate-limiter-flexible';
import { listFullCounters } from '../data/throttles';
import { getDb, retryDeadlocks } from '../db';
import { getEnv } from '../env';

/** Wrong tries allowed and the seconds until they are forgotten; counted in the database, shared by all processes. */
const LIMITS = {
  /** Per coach, or per name nobody has. */
  password: { points: 8, duration: 300 },
  /** Per address, over all names. */
  'password-from': { points: 60, duration: 300 },
  /** Per student: three pictures of twelve are 1,728 keys, so guessing has to be slow. */
  key: { points: 6, duration: 120 },
  /** Per class: guessing one key of each child is no quicker. A class of thirty sits down at once, each child counted until it is found right. */
  'key-class': { points: 60, duration: 300 },
  /** Per address: the classes of a whole school sit down behind one router. */
  'key-from': { points: 300, duration: 300 },
  /** Per address, for class codes, of which there are a hundred million; a right one counts while it is looked up. */
  code: { points: 300, duration: 300 },
  /** For the code of the terminal, by whoever tries it. */
  'set-up': { points: 10, duration: 600 },
} as const;
export type ThrottleKind = keyof typeof LIMITS;

/** A door and who is counted at it. */
export type Claim = readonly [kind: ThrottleKind, who: string];

export interface Tried {
  /** The try was right: the person's count is forgotten, what others share is given back. */
  forgive(): Promise<void>;
}

/** Of these doors everything is forgotten after a right try: whoever it is about has shown who they are. */
const FORGOTTEN: readonly ThrottleKind[] = ['password', 'key'];

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

/** Counts a try at every door it leads through; or, where one has been tried too often, the seconds to wait, and counts nothing. */
export async function countTry(
  ...claims: readonly Claim[]
): Promise<Tried | { readonly waitSeconds: number }> {
  const counted: Claim[] = [];
  for (const [kind, who] of claims) {
    const waitSeconds = await count(kind, who);
    if (waitSeconds > 0) {
      for (const [before, whom] of counted) await giveBack(before, whom);
      return { waitSeconds };
    }
    counted.push([kind, who]);
  }
  return {
    forgive: async () => {
      for (const [kind, who] of claims) {
        await (FORGOTTEN.includes(kind) ? forgetTries(kind, who) : giveBack(kind, who));
      }
    },
  };
}

/** 0: counted, go on. */
async function count(kind: ThrottleKind, who: string): Promise<number> {
  try {
    await retryDeadlocks(() => getLimiter(kind).consume(who));
    return 0;
  } catch (refusal) {
    // The library rejects with its state when the limit is passed.
    if (!(refusal instanceof RateLimiterRes)) throw refusal;
    return Math.max(1, Math.ceil(refusal.msBeforeNext / 1000));
  }
}

async function giveBack(kind: ThrottleKind, who: string): Promise<void> {
  await retryDeadlocks(() => getLimiter(kind).reward(who));
}

/** Opens a door again for this person. */
export async function forgetTries(kind: ThrottleKind, who: string): Promise<void> {
  await retryDeadlocks(() => getLimiter(kind).delete(who));
}

/** Who of these has to wait before the next try. */
export async function listWaiting(kind: ThrottleKind, whos: readonly string[]): Promise<string[]> {
  const limiter = getLimiter(kind);
  const keys = new Map(whos.map((who) => [limiter.getKey(who), who] as const));
  const { points } = LIMITS[kind];
  const full = await listFullCounters(getDb(), [...keys.keys()], { points, nowMs: Date.now() });
  return full.flatMap((key) => keys.get(key) ?? []);
}
