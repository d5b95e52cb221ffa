import type { ClassId, StudentId } from '@/contracts/ids';
import type { RefusedAnswer } from '@/contracts/people';
import { countRows, listRows, parsed, type Db } from '../db';
import { toMoment } from './days';

/** A broken device may send for ever: so many of a child are kept, the oldest ones. */
const MOST_KEPT = 100;
const MOST_LETTERS = 2000;

/** Notes an answer that could not be stored; the same one again is noted already. */
export async function addRefusedAnswer(
  db: Db,
  answer: {
    readonly studentId: StudentId;
    readonly clientId: string;
    readonly reason: string;
    readonly body: string;
    readonly receivedAt: Date;
  },
): Promise<void> {
  const known = await countRows(db('refused_answers').where({ student_id: answer.studentId }));
  if (known >= MOST_KEPT) return;
  await db('refused_answers')
    .insert({
      student_id: answer.studentId,
      client_id: answer.clientId,
      reason: answer.reason,
      body: answer.body.slice(0, MOST_LETTERS),
      received_at: answer.receivedAt,
    })
    .onConflict(['student_id', 'client_id'])
    .ignore();
}

/** What could not be stored of one child, oldest first, as it was sent. */
export async function listRefusedOfStudent(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly reason: string; readonly body: string; readonly receivedAt: string }[]> {
  return listRows(db('refused_answers').where({ student_id: studentId }).orderBy('id'), {
    reason: 'refused_answers.reason',
    body: 'refused_answers.body',
    receivedAt: parsed('refused_answers.received_at', toMoment),
  });
}

/** What could not be stored of the children now in a class, newest first; what was stored after all is left out. */
export async function listRefusedAnswers(db: Db, classId: ClassId): Promise<RefusedAnswer[]> {
  const refused = db('refused_answers')
    .join('enrolments', 'enrolments.student_id', 'refused_answers.student_id')
    .join('people', 'people.id', 'refused_answers.student_id')
    .leftJoin('attempts', 'attempts.client_id', 'refused_answers.client_id')
    .leftJoin('suggestions', 'suggestions.client_id', 'refused_answers.client_id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .whereNull('attempts.id')
    .whereNull('suggestions.id')
    .orderBy('refused_answers.id', 'desc')
    .limit(MOST_KEPT);
  return listRows(refused, {
    refusedId: 'refused_answers.id',
    studentId: 'refused_answers.student_id',
    studentName: 'people.display_name',
    reason: 'refused_answers.reason',
    receivedAt: parsed('refused_answers.received_at', toMoment),
  });
}
