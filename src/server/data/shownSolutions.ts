/** Solutions that students had shown to them. */
import type { AssignmentId, RoundId, StudentId, TaskId } from '@/contracts/ids';
import { findValue, listRows, type Db } from '../db';

export interface ShownSolution {
  readonly studentId: StudentId;
  readonly taskId: TaskId;
}

/** Whose it is, when this one is stored already. */
export async function findShownSolution(db: Db, clientId: string): Promise<StudentId | undefined> {
  return findValue(db('shown_solutions').where({ client_id: clientId }), 'shown_solutions.student_id');
}

export async function addShownSolution(
  db: Db,
  input: ShownSolution & {
    readonly clientId: string;
    readonly roundId: RoundId;
    readonly shownAt: Date;
    readonly receivedAt: Date;
  },
): Promise<void> {
  await db('shown_solutions').insert({
    client_id: input.clientId,
    student_id: input.studentId,
    task_id: input.taskId,
    round_id: input.roundId,
    shown_at: input.shownAt,
    received_at: input.receivedAt,
  });
}

/** Each student and task of an assignment once. */
export async function listShownOfAssignment(db: Db, assignmentId: AssignmentId): Promise<ShownSolution[]> {
  const shown = db('shown_solutions')
    .join('rounds', 'rounds.id', 'shown_solutions.round_id')
    .where('rounds.assignment_id', assignmentId)
    .distinct();
  return listRows(shown, { studentId: 'shown_solutions.student_id', taskId: 'shown_solutions.task_id' });
}
