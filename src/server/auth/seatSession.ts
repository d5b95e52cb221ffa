/** Who sits at the seat that sends this: for requests that reach us without Next. */
import type { IncomingMessage, ServerResponse } from 'node:http';
import { getIronSession } from 'iron-session';
import { LRUCache } from 'lru-cache';
import { findStudentOfSession } from '../data/people';
import { getDb } from '../db';
import { getEnv } from '../env';
import { toStudentActor, type StudentActor } from './actors';
import { getOldestStart, sessionOptions, type SessionData } from './seal';

/** Opening a seal costs as much as two questions to the database, and a seat brings the same cookies with every answer. */
const opened = new LRUCache<string, SessionData>({ max: 2000, ttl: 60_000 });

/** The signed-in student, read anew from the database; undefined for anybody else. */
export async function findStudentOf(
  request: IncomingMessage,
  response: ServerResponse,
): Promise<StudentActor | undefined> {
  const { cookie } = request.headers;
  if (cookie === undefined) return undefined;
  const { sessionId } = opened.get(cookie) ?? (await openSeal(request, response, cookie));
  if (sessionId === undefined) return undefined;
  const student = await findStudentOfSession(getDb(), sessionId, getOldestStart('seat'));
  return student && toStudentActor(student);
}

async function openSeal(
  request: IncomingMessage,
  response: ServerResponse,
  cookie: string,
): Promise<SessionData> {
  const { SESSION_SECRET, ORIGIN } = getEnv();
  const { sessionId } = await getIronSession<SessionData>(
    request,
    response,
    sessionOptions('seat', SESSION_SECRET, ORIGIN),
  );
  const data = { sessionId };
  opened.set(cookie, data);
  return data;
}
