/** Solutions that students had shown to them. */
import type { AssignmentId, RoundId, StudentId, TaskId } from '@/contracts/ids';
import type { Db } from '../db';

export interface ShownSolution {
  readonly studentId: StudentId;
  readonly taskId: TaskId;
}

/** Whose it is, when this one is stored already. */
export async function findShownSolution(db: Db, clientId: string): Promise<StudentId | undefined> {
  const row: { student_id: number } | undefined = await db('shown_solutions')
    .where({ client_id: clientId })
    .first('student_id');
  return row?.student_id as StudentId | undefined;
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
  const rows: { student_id: number; task_id: number }[] = await db('shown_solutions')
    .join('rounds', 'rounds.id', 'shown_solutions.round_id')
    .where('rounds.assignment_id', assignmentId)
    .distinct('shown_solutions.student_id', 'shown_solutions.task_id');
  return rows.map((row) => ({ studentId: row.student_id as StudentId, taskId: row.task_id as TaskId }));
}
