import type { ServiceFault } from '@/contracts/faults';
import type { CoachId, StudentId } from '@/contracts/ids';
import type { JoinCard, StudentSignIn } from '@/contracts/people';
import { failure, success, type Result } from '@/core/shared';
import { hashName, isRightKey, isRightPassword } from '../auth/secrets';
import { countTry } from '../auth/throttle';
import { findClassByJoinCode, isStudentOfClass, listJoinCards, type ClassRecord } from '../data/classes';
import { findCoachBySignInName, findStudent } from '../data/people';
import { getDb } from '../db';

export interface SignedIn {
  readonly personId: CoachId | StudentId;
}

/**
 * Checks a coach's name and password; slow after too many wrong ones, and silent about which of the two was wrong. `from` is the address of
 * whoever asks. Wrong tries count against the person found, whatever way the name was written in.
 */
export async function signInCoach(
  signInName: string,
  password: string,
  from: string,
): Promise<Result<SignedIn, ServiceFault>> {
  const coach = await findCoachBySignInName(getDb(), signInName);
  const who = coach === undefined ? `unknown ${hashName(signInName)}` : String(coach.coachId);
  const tried = await countTry(['password', who], ['password-from', from]);
  if ('waitSeconds' in tried) return failure({ code: 'sign-in/too-many-tries', ...tried });
  if (!(await isRightPassword(coach?.secretHash, password)) || coach === undefined)
    return failure({ code: 'sign-in/wrong' });
  await tried.forgive();
  return success({ personId: coach.coachId });
}

export interface JoinPage {
  readonly className: string;
  readonly joinCode: string;
  readonly students: readonly JoinCard[];
}

/** The name cards behind a class code. `from` tells askers apart, so that codes cannot be tried by the thousand. */
export async function openJoinPage(joinCode: string, from: string): Promise<Result<JoinPage, ServiceFault>> {
  const found = await findClassBehind(joinCode, from);
  if (!found.ok) return found;
  const { classId, name } = found.value;
  const students = await listJoinCards(getDb(), classId);
  return success({ className: name, joinCode: found.value.joinCode, students });
}

/** Checks a student's pictures; throttled for each student, for its class and for each asker, and for each asker who tries class codes. */
export async function signInStudent(
  { joinCode, studentId, key }: StudentSignIn,
  from: string,
): Promise<Result<SignedIn, ServiceFault>> {
  const db = getDb();
  const found = await findClassBehind(joinCode, from);
  if (!found.ok) return found;
  const { classId } = found.value;
  if (!(await isStudentOfClass(db, classId, studentId))) {
    return failure({ code: 'join/not-in-class' });
  }
  const tried = await countTry(
    ['key', String(studentId)],
    ['key-class', String(classId)],
    ['key-from', from],
  );
  if ('waitSeconds' in tried) return failure({ code: 'sign-in/too-many-tries', ...tried });
  const student = await findStudent(db, studentId);
  if (student === undefined || !(await isRightKey(student.secretHash, key)))
    return failure({ code: 'sign-in/wrong' });
  await tried.forgive();
  return success({ personId: student.studentId });
}

/** The class of a code. Wrong codes are counted, however they come in; who has tried too many is not answered for a while. */
async function findClassBehind(joinCode: string, from: string): Promise<Result<ClassRecord, ServiceFault>> {
  const tried = await countTry(['code', from]);
  if ('waitSeconds' in tried) return failure({ code: 'sign-in/too-many-tries', ...tried });
  const found = await findClassByJoinCode(getDb(), joinCode);
  if (found === undefined) return failure({ code: 'join/no-such-code' });
  await tried.forgive();
  return success(found);
}
