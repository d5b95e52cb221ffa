/** The club's terms. Only a lead adds one or begins one. */
import type { ServiceFault } from '@/contracts/faults';
import type { TermId } from '@/contracts/ids';
import type { ChangedTerm, NewTerm, TermSummary, TermTurn } from '@/contracts/terms';
import { failure, success, type Result } from '@/core/shared';
import type { CoachActor } from '../auth/actors';
import { addAuditEntry } from '../data/auditLog';
import { listClasses, listStudents } from '../data/classes';
import { getClub } from '../data/clubs';
import { changeTerm, createTerm, findCurrentTerm, listTerms } from '../data/terms';
import { getDb, withTransaction } from '../db';
import { getNow } from './clock';
import { dayIn } from './today';

/** All terms, the newest first, with the classes of each that this coach may see. */
export async function listOwnTerms(actor: CoachActor): Promise<TermSummary[]> {
  const db = getDb();
  const { timeZone } = await getClub(db, actor.clubId);
  const [terms, classes, current] = await Promise.all([
    listTerms(db, actor.clubId),
    listClasses(db, actor.clubId, actor.isLead ? undefined : actor.coachId),
    findCurrentTerm(db, actor.clubId, dayIn(timeZone, getNow())),
  ]);
  return terms.map((term) => ({
    ...term,
    isCurrent: term.termId === current,
    isOpen: term.startsOn >= (terms.find(({ termId }) => termId === current)?.startsOn ?? ''),
    classes: classes.filter(({ termId }) => termId === term.termId),
  }));
}

/** Adds a term; its days may not lie in another one. The same name and days again give the same term. */
export async function addTerm(
  actor: CoachActor,
  { name, startsOn, endsOn }: NewTerm,
): Promise<Result<TermId, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  if (endsOn < startsOn) return failure({ code: 'term/ends-before-it-starts' });
  return withTransaction(async (db) => {
    const terms = await listTerms(db, actor.clubId, 'lock');
    const other = terms.find((term) => term.startsOn <= endsOn && startsOn <= term.endsOn);
    if (other !== undefined) {
      const isSame = other.name === name && other.startsOn === startsOn && other.endsOn === endsOn;
      return isSame
        ? success(other.termId)
        : failure<ServiceFault>({ code: 'term/overlaps', name: other.name });
    }
    const { clubId, coachId } = actor;
    const termId = await createTerm(db, { clubId, name, startsOn, endsOn });
    const details = { termId };
    await addAuditEntry(db, { clubId, personId: coachId, action: 'term/added', details, now: getNow() });
    return success(termId);
  });
}

/** Gives a term another name or other days, which may not lie in another term. */
export async function saveTerm(
  actor: CoachActor,
  term: ChangedTerm,
): Promise<Result<undefined, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  if (term.endsOn < term.startsOn) return failure({ code: 'term/ends-before-it-starts' });
  return withTransaction(async (db) => {
    const terms = await listTerms(db, actor.clubId, 'lock');
    if (!terms.some(({ termId }) => termId === term.termId))
      return failure<ServiceFault>({ code: 'term/not-found' });
    const other = terms.find(
      (one) => one.termId !== term.termId && one.startsOn <= term.endsOn && term.startsOn <= one.endsOn,
    );
    if (other !== undefined) return failure<ServiceFault>({ code: 'term/overlaps', name: other.name });
    await changeTerm(db, term);
    const { termId } = term;
    await addAuditEntry(db, {
      clubId: actor.clubId,
      personId: actor.coachId,
      action: 'term/changed',
      details: { termId },
      now: getNow(),
    });
    return success(undefined);
  });
}

/** What is there to be taken into a term: every class of an earlier term with children in it now. */
export async function getTermTurn(
  actor: CoachActor,
  termId: TermId,
): Promise<Result<TermTurn, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  const db = getDb();
  const [terms, classes] = await Promise.all([
    listTerms(db, actor.clubId),
    listClasses(db, actor.clubId, undefined),
  ]);
  const term = terms.find((one) => one.termId === termId);
  if (term === undefined) return failure({ code: 'term/not-found' });
  const earlier = new Set(terms.filter((one) => one.startsOn < term.startsOn).map((one) => one.termId));
  const from = classes.filter((one) => earlier.has(one.termId) && one.studentCount > 0);
  return success({
    term,
    from: await Promise.all(
      from.map(async (one) => ({ ...one, students: await listStudents(db, one.classId) })),
    ),
    into: classes.filter((one) => one.termId === termId),
  });
}
