import type { SessionOptions } from 'iron-session';

/** What the sealed cookie holds: the id of a session the database knows. */
export interface SessionData {
  sessionId?: string;
}

/** Coach and student have a cookie each, so that a coach can try a seat in another tab. */
export type SessionKind = 'coach' | 'seat';

const COOKIE_NAMES: Readonly<Record<SessionKind, string>> = {
  coach: 'vorschule_coach',
  seat: 'vorschule_seat',
};
const DAY_SECONDS = 86_400;
export const LIFETIME_SECONDS: Readonly<Record<SessionKind, number>> = {
  coach: 14 * DAY_SECONDS,
  seat: DAY_SECONDS,
};

/**
 * How the session is sealed and its cookie set. Exactly when the origin is https the cookie is `secure`, and its name begins so that browsers
 * take it from this very host only, for the whole of it (cookies draft RFC 6265bis, section 4.1.3.2).
 */
export function sessionOptions(kind: SessionKind, secret: string, origin: string): SessionOptions {
  const isSecure = origin.startsWith('https:');
  return {
    password: secret,
    cookieName: `${isSecure ? '__Host-' : ''}${COOKIE_NAMES[kind]}`,
    ttl: LIFETIME_SECONDS[kind],
    cookieOptions: { httpOnly: true, sameSite: 'lax', secure: isSecure, path: '/' },
  };
}

/** Sessions that began before are over. */
export const getOldestStart = (kind: SessionKind) => new Date(Date.now() - LIFETIME_SECONDS[kind] * 1000);
