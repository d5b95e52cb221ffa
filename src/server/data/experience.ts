/** What children have answered so far, as ratings and forecasts need it. */
import type { AttemptId, ClassId, ClubId, StudentId, TaskId } from '@/contracts/ids';
import type { PatternId } from '@/core/patterns';
import type { SpentTime } from '@/core/progress';
import { computed, listRows, parsed, type Db } from '../db';
import { JUDGE_VERSION } from './attempts';
import { tagOfPattern } from './tasks';

/** Every answer that rates, a child's first to a mate: in the order in which they were rated, then those that were not yet. */
export async function listRatedAnswers(db: Db): Promise<
  {
    readonly attemptId: AttemptId;
    readonly taskId: TaskId;
    readonly studentId: StudentId;
    readonly isRight: boolean;
    readonly hints: number;
  }[]
> {
  const rated = db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('task_ratings', 'task_ratings.task_id', 'attempts.task_id')
    .leftJoin('rating_steps', 'rating_steps.attempt_id', 'attempts.id')
    .where('attempts.try_number', 1)
    .where('verdicts.judge_version', JUDGE_VERSION)
    .whereNotExists(
      db({ earlier: 'attempts' }).whereRaw(
        'earlier.student_id = attempts.student_id AND earlier.task_id = attempts.task_id AND earlier.id < attempts.id',
      ),
    )
    .orderByRaw('rating_steps.id IS NULL, rating_steps.id, attempts.id');
  return listRows(rated, {
    attemptId: 'attempts.id',
    taskId: 'attempts.task_id',
    studentId: 'attempts.student_id',
    isRight: parsed('verdicts.outcome', (outcome) => outcome === 'right'),
    hints: 'attempts.hints',
  });
}

/** The measured number of every mate that is rated. */
export async function listMeasuredNumbers(db: Db): Promise<ReadonlyMap<TaskId, number>> {
  const rated = db('task_ratings').join('task_grades', 'task_grades.task_id', 'task_ratings.task_id');
  const rows = await listRows(rated, { taskId: 'task_ratings.task_id', number: 'task_grades.number' });
  return new Map(rows.map(({ taskId, number }) => [taskId, number] as const));
}

/** How long children of the class, or of the whole club, have sat over single mates, the newest first; all tries of a child together. */
export async function listSpentTimes(
  db: Db,
  of: { readonly classId: ClassId } | { readonly clubId: ClubId },
  most: number,
): Promise<SpentTime[]> {
  const query = db('attempts').join('puzzle_facts', 'puzzle_facts.task_id', 'attempts.task_id');
  if ('classId' in of) void query.where('attempts.class_id', of.classId);
  else void query.where('puzzle_facts.club_id', of.clubId);
  const newest = query
    .groupBy('attempts.round_id', 'attempts.student_id', 'attempts.task_id', 'puzzle_facts.mate_moves')
    .orderByRaw('MAX(attempts.id) DESC')
    .limit(most);
  return listRows(newest, {
    mateInMoves: 'puzzle_facts.mate_moves',
    spentMs: computed(db.raw('SUM(attempts.spent_ms)'), Number),
  });
}

/** How the children now in the class have done at first with puzzles that end in these mates, wherever that was. */
export async function listKnownPatterns(
  db: Db,
  classId: ClassId,
  patterns: readonly PatternId[],
): Promise<{ readonly pattern: PatternId; readonly answers: number; readonly right: number }[]> {
  const byPattern = db('enrolments')
    .join('attempts', 'attempts.student_id', 'enrolments.student_id')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('task_tags', 'task_tags.task_id', 'attempts.task_id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .where('attempts.try_number', 1)
    .where('verdicts.judge_version', JUDGE_VERSION)
    .whereIn('task_tags.tag', patterns.map(tagOfPattern))
    .groupBy('task_tags.tag');
  const rows = await listRows(byPattern, {
    tag: 'task_tags.tag',
    answers: computed(db.raw('COUNT(attempts.id)'), Number),
    right: computed(db.raw("SUM(verdicts.outcome = 'right' AND attempts.hints = 0)"), Number),
  });
  return patterns.flatMap((pattern) => {
    const row = rows.find(({ tag }) => tag === tagOfPattern(pattern));
    return row === undefined ? [] : [{ pattern, answers: row.answers, right: row.right }];
  });
}
