import type { AnswerCell, AnswersPage } from '@/contracts/attempts';
import type { ServiceFault } from '@/contracts/faults';
import type { AssignmentId, StudentId, TaskId } from '@/contracts/ids';
import type { NameCard } from '@/contracts/people';
import { getAskedLength } from '@/core/exercises';
import { getPosition, makeSan, parseMoveText, type MoveText } from '@/core/notation';
import { isSameMove, listLegalMoves, playMove } from '@/core/rules';
import { failure, success, type Result } from '@/core/shared';
import { answerText, familyWords, PLAIN_TERMS } from '@/text';
import { requireVisibleClass, type CoachActor } from '../auth/actors';
import { findAssignment, type AssignmentRecord } from '../data/assignments';
import { listTriesOfAssignment, type TriedTask } from '../data/attempts';
import { listEnrolments } from '../data/enrolments';
import { listTasksOfVersion, type StoredTask } from '../data/tasks';
import { listShownOfAssignment } from '../data/shownSolutions';
import { getDb, type Db } from '../db';
import { listClimbed } from './seat';

/** The class table of one assignment: students by name, puzzles in order. */
export async function getAnswersPage(
  actor: CoachActor,
  assignmentId: AssignmentId,
): Promise<Result<AnswersPage, ServiceFault>> {
  const db = getDb();
  const assignment = await findAssignment(db, assignmentId);
  const found = assignment && (await requireVisibleClass(db, actor, assignment.classId));
  if (assignment === undefined || found === undefined) return failure({ code: 'class/not-found' });
  const tasks = await listTasksOfVersion(db, assignment.setVersionId);
  const tried = await listTriesOfAssignment(db, assignmentId);
  const shown = await listShownOfAssignment(db, assignmentId);
  const students = await listAnswering(db, assignment, tried);
  const studentIds = students.map(({ studentId }) => studentId);
  const climbed = await listClimbed(db, assignment, studentIds);
  return success({
    className: found.name,
    setName: assignment.setName,
    givenAt: assignment.givenAt.toISOString(),
    puzzles: tasks.map((task) => ({
      taskId: task.taskId,
      family: task.family,
      mateInMoves: task.family === 'mate' ? getAskedLength(task.task) : undefined,
    })),
    rows: students.map(({ studentId, name }) => ({
      studentId,
      studentName: name,
      cells: tasks.map((task) => {
        const isOne = (one: { studentId: StudentId; taskId: TaskId }) =>
          one.studentId === studentId && one.taskId === task.taskId;
        return (
          toCell(task, tried.find(isOne), shown.some(isOne)) ?? (climbed.some(isOne) ? 'climbed' : undefined)
        );
      }),
    })),
  });
}

/** The child it was given to alone; else who is in the class now, and who has answered while in it. */
async function listAnswering(
  db: Db,
  { classId, studentId }: AssignmentRecord,
  tried: readonly TriedTask[],
): Promise<NameCard[]> {
  const enrolments = await listEnrolments(db, { classId });
  const students = new Map(enrolments.map((one) => [one.studentId, one.name] as const));
  return [...students]
    .filter(([id]) =>
      studentId === undefined
        ? tried.some((one) => one.studentId === id) ||
          enrolments.some((one) => one.studentId === id && one.endsOn === undefined)
        : id === studentId,
    )
    .map(([id, name]) => ({ studentId: id, name }))
    .sort((one, other) => one.name.localeCompare(other.name, 'en'));
}

/** One cell; undefined without a try. */
function toCell(task: StoredTask, tried: TriedTask | undefined, wasShown: boolean): AnswerCell | undefined {
  if (tried === undefined) return undefined;
  const { tries, isSolved, spentMs, hints, firstWrong } = tried;
  return { tries, isSolved, spentMs, hints, wasShown, firstWrong: firstWrong && findWrong(task, firstWrong) };
}

/** What was wrong: a puzzle's move, an exercise's whole answer. */
function findWrong(
  task: StoredTask,
  { answer, wrongPly }: NonNullable<TriedTask['firstWrong']>,
): string | undefined {
  if (task.family !== 'mate') return answerText(familyWords(task.family, PLAIN_TERMS), answer);
  if (wrongPly === undefined || answer.kind !== 'play') return undefined;
  return findWrongSan(task.task.fen, answer.moves, wrongPly);
}

/** The wrong move in SAN; its squares when it was never legal there. */
function findWrongSan(fen: string, moves: readonly MoveText[], wrongPly: number): string | undefined {
  let position = getPosition(fen);
  for (const [ply, text] of moves.entries()) {
    const move = parseMoveText(text);
    const isLegal = move && listLegalMoves(position).some((legal) => isSameMove(legal, move));
    if (!move || !isLegal) return text;
    if (ply === wrongPly) return makeSan(position, move);
    position = playMove(position, move);
  }
  return undefined;
}
