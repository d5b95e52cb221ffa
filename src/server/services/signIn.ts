import type { ServiceFault } from '@/contracts/faults';
import type { NameCard, StudentSignIn } from '@/contracts/people';
import { failure, success, type Result } from '@/core/shared';
import { isRightKey, isRightPassword } from '../auth/secrets';
import { findWaitSeconds, forgetWrongTries, noteWrongTry, type ThrottleKind } from '../auth/throttle';
import { findClassByJoinCode, isStudentOfClass, listStudents, type ClassRecord } from '../data/classes';
import { findCoachBySignInName, findStudent } from '../data/people';
import { getDb } from '../db';

export interface SignedIn {
  readonly personId: number;
  readonly epoch: number;
}

/** Checks a coach's name and password; slow after too many wrong ones, and silent about which of the two was wrong. */
export async function signInCoach(
  signInName: string,
  password: string,
): Promise<Result<SignedIn, ServiceFault>> {
  const waiting = await refuseWhileWaiting('password', signInName.toLowerCase());
  if (waiting !== undefined) return failure(waiting);
  const coach = await findCoachBySignInName(getDb(), signInName);
  if (!(await isRightPassword(coach?.secretHash, password)) || coach === undefined) {
    await noteWrongTry('password', signInName.toLowerCase());
    return failure({ code: 'sign-in/wrong' });
  }
  await forgetWrongTries('password', signInName.toLowerCase());
  return success({ personId: coach.coachId, epoch: coach.sessionEpoch });
}

export interface JoinPage {
  readonly className: string;
  readonly joinCode: string;
  readonly students: readonly NameCard[];
}

/** The name cards behind a class code. `from` tells askers apart, so that codes cannot be tried by the thousand. */
export async function openJoinPage(joinCode: string, from: string): Promise<Result<JoinPage, ServiceFault>> {
  const found = await findClassBehind(joinCode, from);
  if (!found.ok) return found;
  const { classId, name } = found.value;
  const students = await listStudents(getDb(), classId);
  return success({ className: name, joinCode: found.value.joinCode, students });
}

/** Checks a student's three pictures; throttled for each student, and for each asker who tries class codes. */
export async function signInStudent(
  { joinCode, studentId, key }: StudentSignIn,
  from: string,
): Promise<Result<SignedIn, ServiceFault>> {
  const db = getDb();
  const found = await findClassBehind(joinCode, from);
  if (!found.ok) return found;
  if (!(await isStudentOfClass(db, found.value.classId, studentId))) {
    return failure({ code: 'join/not-in-class' });
  }
  const waiting = await refuseWhileWaiting('key', String(studentId));
  if (waiting !== undefined) return failure(waiting);
  const student = await findStudent(db, studentId);
  if (student === undefined || !(await isRightKey(student.secretHash, key))) {
    await noteWrongTry('key', String(studentId));
    return failure({ code: 'sign-in/wrong' });
  }
  await forgetWrongTries('key', String(studentId));
  return success({ personId: student.studentId, epoch: student.sessionEpoch });
}

/** The class of a code. Wrong codes are counted, however they come in; who has tried too many is not answered for a while. */
async function findClassBehind(joinCode: string, from: string): Promise<Result<ClassRecord, ServiceFault>> {
  const waiting = await refuseWhileWaiting('code', from);
  if (waiting !== undefined) return failure(waiting);
  const found = await findClassByJoinCode(getDb(), joinCode);
  if (found !== undefined) return success(found);
  await noteWrongTry('code', from);
  return failure({ code: 'join/no-such-code' });
}

async function refuseWhileWaiting(kind: ThrottleKind, who: string): Promise<ServiceFault | undefined> {
  const waitSeconds = await findWaitSeconds(kind, who);
  return waitSeconds > 0 ? { code: 'sign-in/too-many-tries', waitSeconds } : undefined;
}
