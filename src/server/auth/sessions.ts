import { getIronSession, unsealData, type IronSession } from 'iron-session';
import { LRUCache } from 'lru-cache';
import { cookies } from 'next/headers';
import { getEnv } from '../env';
import { sessionOptions, type SessionData, type SessionKind } from './seal';

/** The session of this request, sealed by iron-session. */
export async function openSession(kind: SessionKind): Promise<IronSession<SessionData>> {
  // Asked first: it tells Next that the page depends on the request, so nothing is rendered while building.
  const jar = await cookies();
  const { SESSION_SECRET, ORIGIN } = getEnv();
  return getIronSession<SessionData>(jar, sessionOptions(kind, SESSION_SECRET, ORIGIN));
}

/** Opening a seal costs as much as two questions to the database, and a seat brings the same one with every answer. */
const opened = new LRUCache<string, SessionData>({ max: 2000, ttl: 60_000 });

/**
 * What the session of this request holds, to be read only; empty without one. Kept for a minute by the cookie's whole text, so that a
 * session may live that much longer than its time; whether it was ended is asked of the database each time.
 */
export async function readSession(kind: SessionKind): Promise<SessionData> {
  const jar = await cookies();
  const { SESSION_SECRET, ORIGIN } = getEnv();
  const { password, ttl, cookieName } = sessionOptions(kind, SESSION_SECRET, ORIGIN);
  const seal = jar.get(cookieName)?.value;
  if (seal === undefined) return {};
  const key = `${kind} ${seal}`;
  const known = opened.get(key);
  if (known !== undefined) return known;
  const data = await unsealData<SessionData>(seal, { password, ttl });
  opened.set(key, data);
  return data;
}
