/**
 * Children moved between classes: one child, a whole term's end with merging and splitting, all in one transaction that can be taken back
 * as long as nothing has been built on it. A child is in its old class to this day and in the new one from this day on; its answers stay
 * with the class in which they were given.
 */
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, RosterChangeId, StudentId } from '@/contracts/ids';
import type { MadeRosterChange, PastRosterChange, RosterChange } from '@/contracts/terms';
import { failure, success, type Result } from '@/core/shared';
import { requireEditableClass, type CoachActor } from '../auth/actors';
import { drawJoinCode } from '../auth/secrets';
import { addAuditEntry } from '../data/auditLog';
import {
  addClassCoach,
  copyClassWays,
  createClass,
  deleteClasses,
  exchangeJoinCodes,
  hasWork,
  setClassLevel,
} from '../data/classes';
import { getClub } from '../data/clubs';
import {
  beginEnrolment,
  countEnrolments,
  deleteEnrolments,
  hasOtherEnrolments,
  listOpenEnrolments,
  setEnrolmentsEnd,
} from '../data/enrolments';
import {
  createRosterChange,
  findRosterChange,
  listRosterChanges,
  noteUndone,
  type RosterChangeDetails,
  type StoredRosterChange,
} from '../data/rosterChanges';
import { listTerms } from '../data/terms';
import { getDb, storeOnce, withTransaction, type Db } from '../db';
import { getNow } from './clock';
import { dayIn } from './today';

const MOST_TOLD = 10;

/** Who may: a coach between own classes, a lead everywhere; only a lead makes classes for a term. The same request twice is one change. */
export async function changeRoster(
  actor: CoachActor,
  change: RosterChange,
): Promise<Result<MadeRosterChange, ServiceFault>> {
  if (change.classes.length > 0 && !actor.isLead) return failure({ code: 'access/not-allowed' });
  return storeOnce(async (db) => {
    const known = await findRosterChange(db, actor.clubId, { requestId: change.requestId });
    if (known !== undefined) return success(toMade(known));
    const allowed = await findRefusal(db, actor, change);
    if (!allowed.ok) return allowed;
    const ended = await listMoved(db, change);
    if (!ended.ok) return ended;
    const { timeZone } = await getClub(db, actor.clubId);
    const now = getNow();
    const today = dayIn(timeZone, now);
    const { made, codes } = await makeClasses(db, actor, change);
    await setEnrolmentsEnd(db, ended.value, today);
    const begun: RosterChangeDetails['begun'] = [];
    for (const { studentId, to } of change.moves) {
      const classId = to.kind === 'class' ? to.classId : to.kind === 'new' ? made.get(to.key) : undefined;
      if (classId === undefined) continue;
      // A child of two classes that are merged is in the one class once.
      const isThere = (await listOpenEnrolments(db, classId, [studentId])).length > 0;
      if (!isThere) begun.push(await beginEnrolment(db, classId, studentId, today));
    }
    const left = change.moves.filter(({ to }) => to.kind === 'leaves').length;
    const details: RosterChangeDetails = {
      begun,
      ended: ended.value,
      made: [...made.values()],
      left,
      codes,
    };
    const { clubId, coachId } = actor;
    const { requestId } = change;
    const changeId = await createRosterChange(db, { clubId, coachId, requestId, details, now });
    await addAuditEntry(db, {
      clubId,
      personId: coachId,
      action: 'roster/changed',
      details: { changeId },
      now,
    });
    return success({ changeId, ...countChange(details) });
  });
}

/** Everything named has to be there and the actor's to change. */
async function findRefusal(
  db: Db,
  actor: CoachActor,
  { termId, classes, moves }: RosterChange,
): Promise<Result<undefined, ServiceFault>> {
  if (classes.length > 0) {
    const terms = await listTerms(db, actor.clubId, 'lock');
    if (!terms.some((term) => term.termId === termId)) return failure({ code: 'term/not-found' });
  }
  const keys = new Set(classes.map(({ key }) => key));
  const named = new Set(classes.flatMap(({ heirOf }) => heirOf ?? []));
  for (const { fromClassId, to } of moves) {
    named.add(fromClassId);
    if (to.kind === 'class') named.add(to.classId);
    if (to.kind === 'new' && !keys.has(to.key))
      return failure({ code: 'input/not-valid', fields: ['moves'] });
    if (to.kind === 'class' && to.classId === fromClassId)
      return failure({ code: 'input/not-valid', fields: ['moves'] });
  }
  for (const classId of named) {
    if ((await requireEditableClass(db, actor, classId)) === undefined)
      return failure({ code: 'class/not-found' });
  }
  return success(undefined);
}

/** The open enrolments that end; refused when a child is not where it was thought to be, or is named twice. */
async function listMoved(
  db: Db,
  { moves }: RosterChange,
): Promise<Result<RosterChangeDetails['ended'], ServiceFault>> {
  const byClass = new Map<ClassId, StudentId[]>();
  for (const { fromClassId, studentId } of moves)
    byClass.set(fromClassId, [...(byClass.get(fromClassId) ?? []), studentId]);
  const ended: RosterChangeDetails['ended'] = [];
  for (const [classId, studentIds] of byClass)
    ended.push(...(await listOpenEnrolments(db, classId, studentIds)).map(({ enrolmentId }) => enrolmentId));
  return ended.length === moves.length ? success(ended) : failure({ code: 'roster/changed' });
}

async function makeClasses(
  db: Db,
  actor: CoachActor,
  { termId, classes }: RosterChange,
): Promise<{ made: Map<string, ClassId>; codes: RosterChangeDetails['codes'] }> {
  const made = new Map<string, ClassId>();
  const codes: RosterChangeDetails['codes'] = [];
  for (const { key, name, level, heirOf } of classes) {
    if (termId === undefined) break;
    const { clubId } = actor;
    const classId = await createClass(db, { clubId, termId, name, joinCode: drawJoinCode() });
    if (heirOf === undefined) await addClassCoach(db, classId, actor.coachId);
    else {
      await copyClassWays(db, heirOf, classId);
      await exchangeJoinCodes(db, [heirOf, classId], drawJoinCode());
      codes.push([heirOf, classId]);
    }
    await setClassLevel(db, classId, level);
    made.set(key, classId);
  }
  return { made, codes };
}

/** Changes that were not taken back, the newest first: a lead sees all, a coach the own ones. */
export async function listOwnRosterChanges(actor: CoachActor): Promise<PastRosterChange[]> {
  const db = getDb();
  const changes = (await listRosterChanges(db, actor.clubId, MOST_TOLD)).filter(
    ({ coachId }) => actor.isLead || coachId === actor.coachId,
  );
  return Promise.all(
    changes.map(async (change) => ({
      ...toMade(change),
      madeAt: change.madeAt.toISOString(),
      coachName: change.coachName,
      mayUndo: await isAsLeft(db, change.details),
    })),
  );
}

/** Takes a change back as if it had never been; twice is once. Refused when something has been built on it. */
export async function undoRosterChange(
  actor: CoachActor,
  { changeId }: { readonly changeId: number },
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    const change = await findRosterChange(db, actor.clubId, { changeId: changeId as RosterChangeId });
    if (change === undefined || !(actor.isLead || change.coachId === actor.coachId))
      return failure<ServiceFault>({ code: 'roster/change-not-found' });
    if (change.isUndone) return success(undefined);
    const { begun, ended, made, codes } = change.details;
    if (!(await isAsLeft(db, change.details)))
      return failure<ServiceFault>({ code: 'roster/too-late-to-undo' });
    await deleteEnrolments(db, begun);
    await setEnrolmentsEnd(db, ended, undefined);
    for (const pair of codes) await exchangeJoinCodes(db, pair, drawJoinCode());
    await deleteClasses(db, made);
    const now = getNow();
    await noteUndone(db, change.changeId, now);
    await addAuditEntry(db, {
      clubId: actor.clubId,
      personId: actor.coachId,
      action: 'roster/undone',
      details: { changeId },
      now,
    });
    return success(undefined);
  });
}

/** Has nothing been built on the change since? */
async function isAsLeft(db: Db, { begun, ended, made }: RosterChangeDetails): Promise<boolean> {
  return (
    (await countEnrolments(db, begun, 'open')) === begun.length &&
    (await countEnrolments(db, ended, 'ended')) === ended.length &&
    !(await hasOtherEnrolments(db, made, begun)) &&
    !(await hasWork(db, made))
  );
}

function toMade({ changeId, details }: StoredRosterChange): MadeRosterChange {
  return { changeId, ...countChange(details) };
}

function countChange({ ended, left, made }: RosterChangeDetails): Omit<MadeRosterChange, 'changeId'> {
  return { moved: ended.length - left, left, made: made.length };
}
