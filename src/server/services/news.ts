/** Is there news for a page that stays open? Asked every few seconds, so that the page itself is fetched only when there is. */
import type { ServiceFault } from '@/contracts/faults';
import type { AssignmentId, ClassId } from '@/contracts/ids';
import type { PageNews } from '@/contracts/news';
import { failure, success, type Result } from '@/core/shared';
import { requireVisibleClass, type CoachActor, type StudentActor } from '../auth/actors';
import { findAssignment } from '../data/assignments';
import { listStudents } from '../data/classes';
import { readAnswersCursor, readClassCursor, readSeatCursor } from '../data/news';
import { getDb } from '../db';
import { listLocked } from './classes';

/** Of the page of a class. */
export async function getClassNews(
  actor: CoachActor,
  classId: ClassId,
): Promise<Result<PageNews, ServiceFault>> {
  const db = getDb();
  const found = await requireVisibleClass(db, actor, classId);
  if (found === undefined) return failure({ code: 'class/not-found' });
  // A child who stands at a closed door waits for the coach.
  const locked = await listLocked(await listStudents(db, classId));
  return success({ cursor: [await readClassCursor(db, classId), ...locked].join(' ') });
}

/** Of the answers to what was given. */
export async function getAnswersNews(
  actor: CoachActor,
  assignmentId: AssignmentId,
): Promise<Result<PageNews, ServiceFault>> {
  const db = getDb();
  const assignment = await findAssignment(db, assignmentId);
  const found = assignment && (await requireVisibleClass(db, actor, assignment.classId));
  if (found === undefined) return failure({ code: 'class/not-found' });
  return success({ cursor: await readAnswersCursor(db, assignmentId) });
}

/** Of a child's place. */
export async function getPlaceNews(actor: StudentActor): Promise<PageNews> {
  return { cursor: await readSeatCursor(getDb(), actor.studentId) };
}
