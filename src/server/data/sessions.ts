import type { Knex } from 'knex';
import type { CoachId, StudentId } from '@/contracts/ids';
import type { Db } from '../db';

export async function createSession(
  db: Db,
  session: { readonly sessionId: string; readonly personId: CoachId | StudentId; readonly startedAt: Date },
): Promise<void> {
  await db('sessions').insert({
    id: session.sessionId,
    person_id: session.personId,
    started_at: session.startedAt,
  });
}

/** Narrows people to whose session this is: nobody once it was ended, or when it began before the moment given. */
export function onlyOfSession(people: Knex.QueryBuilder, sessionId: string, startedSince: Date): void {
  void people
    .join('sessions', 'sessions.person_id', 'people.id')
    .where('sessions.id', sessionId)
    .where('sessions.started_at', '>=', startedSince);
}

export async function deleteSession(db: Db, sessionId: string): Promise<void> {
  await db('sessions').where({ id: sessionId }).delete();
}

/** Signs a person out everywhere, but for one session where that is named. */
export async function deleteSessionsOf(
  db: Db,
  personId: CoachId | StudentId,
  except?: string,
): Promise<void> {
  const own = db('sessions').where({ person_id: personId });
  if (except !== undefined) own.whereNot({ id: except });
  await own.delete();
}

/** Takes away a person's sessions that nobody can use any more. */
export async function deleteOldSessions(
  db: Db,
  personId: CoachId | StudentId,
  startedBefore: Date,
): Promise<void> {
  await db('sessions').where({ person_id: personId }).where('started_at', '<', startedBefore).delete();
}
