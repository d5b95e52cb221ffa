import type { NewAttempt, NewShown, SeatHome, SeatRound, StoredAttempt } from '@/contracts/attempts';
import type { ServiceFault } from '@/contracts/faults';
import type { AssignmentId, ClubId, RoundId, StudentId, TaskId } from '@/contracts/ids';
import { judgeAnswer } from '@/core/exercises';
import type { Topic, TopicState } from '@/core/progress';
import { trimToSeat } from '@/core/puzzles';
import { failure, success, type Result } from '@/core/shared';
import type { StudentActor } from '../auth/actors';
import {
  findAssignment,
  listAssignmentsOfStudent,
  openRound,
  type AssignmentRecord,
} from '../data/assignments';
import { addAttempt, addVerdict, lockAnswerPlace } from '../data/answering';
import { listAnsweredAtOnce, listTriesOfRound, listSolvedCounts } from '../data/attempts';
import { isStudentOfClass } from '../data/classes';
import { listClubPatterns } from '../data/clubPatterns';
import { filterStaircases, listStairs } from '../data/sets';
import { addShownSolution, findShownSolution } from '../data/shownSolutions';
import { listTasksOfVersion, type StoredTask } from '../data/tasks';
import { getDb, storeOnce, type Db } from '../db';
import { reckonAnswerTime } from './answerTime';
import { getNow } from './clock';
import { learnFromAnswer } from './progress';
import { rateFirstAnswer } from './ratings';

/** What lies on the student's place. */
export async function getSeatHome(actor: StudentActor): Promise<SeatHome> {
  const db = getDb();
  const assignments = await listAssignmentsOfStudent(db, actor.studentId);
  const solved = await listSolvedCounts(
    db,
    assignments.map(({ assignmentId }) => assignmentId),
  );
  const climbed = await countClimbed(db, actor.studentId, assignments);
  return {
    studentName: actor.name,
    className: assignments[0]?.className ?? '',
    assignments: assignments.map(({ assignmentId, setName, puzzleCount }) => ({
      assignmentId,
      setName,
      puzzleCount,
      solvedCount:
        (climbed.get(assignmentId) ?? 0) +
        (solved.find((row) => row.assignmentId === assignmentId && row.studentId === actor.studentId)
          ?.solved ?? 0),
    })),
  };
}

/** By staircase: the stairs climbed elsewhere and not solved in it as well. */
async function countClimbed(
  db: Db,
  studentId: StudentId,
  assignments: readonly AssignmentRecord[],
): Promise<ReadonlyMap<AssignmentId, number>> {
  const staircases = await filterStaircases(
    db,
    assignments.map(({ setVersionId }) => setVersionId),
  );
  const ofStaircases = assignments.filter(({ setVersionId }) => staircases.has(setVersionId));
  const counts = ofStaircases.map(async (assignment) => {
    const climbed = await listClimbed(db, assignment, [studentId]);
    return [assignment.assignmentId, climbed.length] as const;
  });
  return new Map(await Promise.all(counts));
}

/** Opens the student's round of an assignment, with every puzzle, its stored solution and what was answered so far. */
export async function openSeatRound(
  actor: StudentActor,
  assignmentId: AssignmentId,
): Promise<Result<SeatRound, ServiceFault>> {
  const db = getDb();
  const assignment = await findAssignment(db, assignmentId);
  if (assignment === undefined || !(await isStudentOfClass(db, assignment.classId, actor.studentId))) {
    return failure({ code: 'round/not-found' });
  }
  if (assignment.studentId !== undefined && assignment.studentId !== actor.studentId) {
    return failure({ code: 'round/not-found' });
  }
  const roundId = await openRound(db, assignmentId, actor.studentId, getNow());
  const tasks = await listTasksOfVersion(db, assignment.setVersionId);
  const climbed = await listClimbed(db, assignment, [actor.studentId]);
  return success(
    await toSeatRound(
      db,
      actor.clubId,
      roundId,
      assignment.setName,
      tasks,
      climbed.map(({ taskId }) => taskId),
    ),
  );
}

/** Of a set that is a staircase: the stairs these students have climbed elsewhere only; of another set none. */
export async function listClimbed(
  db: Db,
  { assignmentId, setVersionId }: Pick<AssignmentRecord, 'assignmentId' | 'setVersionId'>,
  studentIds: readonly StudentId[],
): Promise<{ readonly studentId: StudentId; readonly taskId: TaskId }[]> {
  const stairs = await listStairs(db, setVersionId);
  return stairs.length === 0 ? [] : listAnsweredAtOnce(db, studentIds, stairs, assignmentId);
}

const UNTRIED = { tries: 0, isSolved: false };

/** A round as the seat needs it, with what was answered so far; `climbed` are stairs that may be skipped. */
export async function toSeatRound(
  db: Db,
  clubId: ClubId,
  roundId: RoundId,
  setName: string,
  tasks: readonly StoredTask[],
  climbed: readonly TaskId[] = [],
): Promise<SeatRound> {
  const tried = await listTriesOfRound(db, roundId);
  const ours = await listClubPatterns(db, clubId);
  return {
    roundId,
    setName,
    ours: ours.map(({ name, picture }) => ({ name, picture })),
    tasks: tasks.map((task) => {
      const { tries, isSolved } = tried.find(({ taskId }) => taskId === task.taskId) ?? UNTRIED;
      const state = { tries, isSolved, isClimbed: climbed.includes(task.taskId) };
      return task.family === 'mate'
        ? { ...task, ...state, solution: trimToSeat(task.solution) }
        : { ...task, ...state };
    }),
  };
}

/** Judges and stores one attempt, exactly once: the same client id again gives the first answer's verdict. */
export async function storeAttempt(
  actor: StudentActor,
  input: NewAttempt,
): Promise<Result<StoredAttempt, ServiceFault>> {
  return storeOnce((db) => storeAttemptInside(db, actor, input));
}

/** The same as a part of the caller's transaction. The verdict is computed here from the stored solution, whatever the seat showed. */
export async function storeAttemptInside(
  db: Db,
  actor: Pick<StudentActor, 'studentId'>,
  input: NewAttempt,
): Promise<Result<StoredAttempt, ServiceFault>> {
  const { studentId: keptFor, waitedMs, ...given } = input;
  if (keptFor !== undefined && keptFor !== actor.studentId)
    return failure<ServiceFault>({ code: 'access/not-allowed' });
  const { studentId } = actor;
  const place = await lockAnswerPlace(db, { ...given, studentId });
  // A device that says whose answer it keeps need not wait for another child: such a round will never be there.
  const noRound: ServiceFault = { code: keptFor === undefined ? 'round/not-found' : 'round/gone' };
  if (place === undefined) return failure(noRound);
  const { classId, task, topics, known } = place;
  if (known !== undefined) {
    if (known.studentId !== actor.studentId) return failure<ServiceFault>({ code: 'access/not-allowed' });
    return success({ clientId: input.clientId, outcome: known.outcome, tryNumber: known.tryNumber });
  }
  if (task === undefined) return failure(noRound);
  const verdict = judgeAnswer(task, input.answer);
  if (verdict === 'another-mode') return failure<ServiceFault>({ code: 'answer/another-mode' });
  const tryNumber = place.tries + 1;
  const receivedAt = getNow();
  const answeredAt = reckonAnswerTime({ waitedMs, givenAt: place.startedAt, receivedAt });
  const { attemptId, states, puzzle, child } = await addAttempt(
    db,
    { ...given, studentId, classId, tryNumber, answeredAt, receivedAt },
    { topics: tryNumber === 1 ? topics : [], isRated: !place.isAnswered && task.family === 'mate' },
  );
  const { taskId, hints } = input;
  const isRight = verdict.outcome === 'right';
  const counted = { topics, attemptId, isRight, hints, atMs: answeredAt.getTime() };
  await addVerdict(db, {
    attemptId,
    studentId,
    taskId,
    verdict,
    states: tryNumber === 1 ? learnFromAnswer(states, counted) : new Map<Topic, TopicState>(),
    rated: puzzle && rateFirstAnswer(puzzle, child, { isRight, hints }),
  });
  return success({ clientId: input.clientId, outcome: verdict.outcome, tryNumber });
}

/** Notes, exactly once, that the student had the solution of a task of its round shown. */
export async function storeShown(
  actor: StudentActor,
  { clientId, roundId, taskId, waitedMs, studentId: keptFor }: NewShown,
): Promise<Result<undefined, ServiceFault>> {
  const { studentId } = actor;
  if (keptFor !== undefined && keptFor !== studentId) return failure({ code: 'access/not-allowed' });
  return storeOnce(async (db) => {
    const known = await findShownSolution(db, clientId);
    if (known !== undefined)
      return known === studentId ? success(undefined) : failure<ServiceFault>({ code: 'access/not-allowed' });
    const place = await lockAnswerPlace(db, { clientId, roundId, taskId, studentId });
    if (place?.task === undefined)
      return failure<ServiceFault>({ code: keptFor === undefined ? 'round/not-found' : 'round/gone' });
    const receivedAt = getNow();
    const shownAt = reckonAnswerTime({ waitedMs, givenAt: place.startedAt, receivedAt });
    await addShownSolution(db, { clientId, studentId, roundId, taskId, shownAt, receivedAt });
    return success(undefined);
  });
}
