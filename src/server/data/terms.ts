import type { Term } from '@/contracts/terms';
import type { ClubId, TermId } from '@/contracts/ids';
import { findValue, insertRow, listRows, parsed, type Db } from '../db';
import { toDay } from './days';

/** Days as YYYY-MM-DD, the last one included. */
export async function createTerm(
  db: Db,
  term: { clubId: ClubId; name: string; startsOn: string; endsOn: string },
): Promise<TermId> {
  return insertRow(db, 'terms', {
    club_id: term.clubId,
    name: term.name,
    starts_on: term.startsOn,
    ends_on: term.endsOn,
  });
}

/** The term running on this day, else the last one that has begun, else one to come; undefined when the club has none. */
export async function findCurrentTerm(db: Db, clubId: ClubId, today: string): Promise<TermId | undefined> {
  const nearest = db('terms')
    .where({ club_id: clubId })
    .orderByRaw('(starts_on <= ? AND ends_on >= ?) DESC, starts_on <= ? DESC, starts_on DESC', [
      today,
      today,
      today,
    ]);
  return findValue(nearest, 'terms.id');
}

/** The newest first. With `lock` nobody else adds one until the transaction ends. */
export async function listTerms(db: Db, clubId: ClubId, lock?: 'lock'): Promise<Term[]> {
  const query = db('terms').where({ club_id: clubId }).orderBy('starts_on', 'desc');
  if (lock !== undefined) void query.forUpdate();
  return listRows(query, {
    termId: 'terms.id',
    name: 'terms.name',
    startsOn: parsed('terms.starts_on', toDay),
    endsOn: parsed('terms.ends_on', toDay),
  });
}

export async function changeTerm(db: Db, { termId, name, startsOn, endsOn }: Term): Promise<void> {
  await db('terms').where({ id: termId }).update({ name, starts_on: startsOn, ends_on: endsOn });
}
