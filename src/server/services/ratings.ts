/** Corrects what is believed of a puzzle and of a child by an answer; and works it out anew from all of them. */
import type { AttemptId, StudentId, TaskId } from '@/contracts/ids';
import {
  NEW_CHILD_RATING,
  rateAnswer,
  scoreFirstAnswer,
  startPuzzleRating,
  type Rating,
} from '@/core/progress';
import { listMeasuredNumbers, listRatedAnswers } from '../data/experience';
import { lockRatings, replaceRatings, type AllRatings, type RatingStep } from '../data/ratings';
import { withTransaction } from '../db';

/** A child's first answer to a task. */
interface FirstAnswer {
  readonly attemptId: AttemptId;
  readonly taskId: TaskId;
  readonly studentId: StudentId;
  readonly isRight: boolean;
  readonly hints: number;
}

/** Both ratings after a child's first answer to a puzzle; `child` is undefined when it has answered none before. */
export function rateFirstAnswer(
  puzzle: Rating,
  child: Rating | undefined,
  answer: Pick<FirstAnswer, 'isRight' | 'hints'>,
): { readonly puzzle: Rating; readonly child: Rating } {
  return rateAnswer(puzzle, child ?? NEW_CHILD_RATING, scoreFirstAnswer(answer));
}

/** Works every rating out anew, in the order in which the answers were rated; did anything stored differ? */
export function rebuildRatings(): Promise<boolean> {
  return withTransaction(async (db) => {
    const before = await lockRatings(db);
    const after = replayRatings(await listMeasuredNumbers(db), await listRatedAnswers(db));
    if (isSame(before, after)) return false;
    await replaceRatings(db, after);
    return true;
  });
}

function replayRatings(numbers: ReadonlyMap<TaskId, number>, answers: readonly FirstAnswer[]): AllRatings {
  const puzzles = new Map<TaskId, Rating>(
    [...numbers].map(([taskId, number]) => [taskId, startPuzzleRating(number)] as const),
  );
  const children = new Map<StudentId, Rating>();
  const steps: RatingStep[] = [];
  for (const answer of answers) {
    const { attemptId, taskId, studentId } = answer;
    const puzzle = puzzles.get(taskId);
    if (puzzle === undefined) continue;
    const after = rateFirstAnswer(puzzle, children.get(studentId), answer);
    puzzles.set(taskId, after.puzzle);
    children.set(studentId, after.child);
    steps.push({ attemptId, studentId, rating: after.child });
  }
  return { puzzles, children, steps };
}

/** Stored figures and fresh ones are the same when they are written the same. */
function isSame(one: AllRatings, other: AllRatings): boolean {
  const write = ({ puzzles, children, steps }: AllRatings) =>
    JSON.stringify([
      ...[puzzles, children].map((ratings) =>
        [...ratings]
          .sort(([a], [b]) => a - b)
          .map(([id, { value, deviation, volatility, answers }]) => [
            id,
            value,
            deviation,
            volatility,
            answers,
          ]),
      ),
      steps.map(({ attemptId, rating: { value, deviation } }) => [attemptId, value, deviation]),
    ]);
  return write(one) === write(other);
}
