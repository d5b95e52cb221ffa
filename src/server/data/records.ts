/** Everything stored about one child, as it is handed out. */
import { z } from 'zod/mini';
import type { RecordedAnswer } from '@/contracts/records';
import type { StudentId } from '@/contracts/ids';
import { answerSchema } from '@/core/exercises';
import { computed, countRows, listRows, optional, parsed, type Db } from '../db';
import { JUDGE_VERSION } from './attempts';
import { toDay, toMoment } from './days';

const diagnosesSchema = z.object({ codes: z.array(z.string()) });

/** How many answers of a child are stored, and since when. */
export async function countAnswers(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly count: number; readonly firstAt: Date | undefined }> {
  const [row] = await listRows(db('attempts').where({ student_id: studentId }), {
    count: computed(db.raw('COUNT(id)'), Number),
    firstAt: computed(db.raw('MIN(answered_at)'), (at) => (at as Date | null) ?? undefined),
  });
  return row ?? { count: 0, firstAt: undefined };
}

/** In the order in which they were given. */
export async function listRecordedAnswers(db: Db, studentId: StudentId): Promise<RecordedAnswer[]> {
  const given = db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('tasks', 'tasks.id', 'attempts.task_id')
    .join('classes', 'classes.id', 'attempts.class_id')
    .join('rounds', 'rounds.id', 'attempts.round_id')
    .leftJoin('assignments', 'assignments.id', 'rounds.assignment_id')
    .leftJoin('set_versions', 'set_versions.id', 'assignments.set_version_id')
    .leftJoin('sets', 'sets.id', 'set_versions.set_id')
    .where('attempts.student_id', studentId)
    .where('verdicts.judge_version', JUDGE_VERSION)
    .orderBy(['attempts.answered_at', 'attempts.id']);
  return listRows(given, {
    id: 'attempts.client_id',
    answeredAt: parsed('attempts.answered_at', toMoment),
    className: 'classes.name',
    setName: optional('sets.name'),
    family: 'tasks.family',
    level: 'tasks.level',
    task: 'tasks.payload',
    answer: parsed('attempts.answer', (answer) => answerSchema.parse(answer)),
    outcome: 'verdicts.outcome',
    diagnoses: parsed('verdicts.diagnoses', (diagnoses) => diagnosesSchema.parse(diagnoses).codes),
    tryNumber: 'attempts.try_number',
    hints: 'attempts.hints',
    spentMs: 'attempts.spent_ms',
  });
}

export async function listRecordedAttendance(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly day: string; readonly className: string; readonly wasHere: boolean }[]> {
  const noted = db('attendances')
    .join('lessons', 'lessons.id', 'attendances.lesson_id')
    .join('classes', 'classes.id', 'lessons.class_id')
    .where('attendances.student_id', studentId)
    .orderBy('lessons.day');
  return listRows(noted, {
    day: parsed('lessons.day', toDay),
    className: 'classes.name',
    wasHere: parsed('attendances.was_here', Boolean),
  });
}

/** Moves the child suggested in lessons at the board. */
export async function listRecordedSuggestions(
  db: Db,
  studentId: StudentId,
): Promise<
  { readonly asked: string; readonly fen: string; readonly move: string; readonly answeredAt: string }[]
> {
  const suggested = db('suggestions')
    .join('live_questions', 'live_questions.id', 'suggestions.live_question_id')
    .where('suggestions.student_id', studentId)
    .orderBy('suggestions.id');
  return listRows(suggested, {
    asked: 'live_questions.words',
    fen: 'live_questions.fen',
    move: 'suggestions.move',
    answeredAt: parsed('suggestions.answered_at', toMoment),
  });
}

/** Solutions the child had shown to it, by task. */
export async function listRecordedShown(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly family: string; readonly task: unknown; readonly shownAt: string }[]> {
  const shown = db('shown_solutions')
    .join('tasks', 'tasks.id', 'shown_solutions.task_id')
    .where('shown_solutions.student_id', studentId)
    .orderBy('shown_solutions.id');
  return listRows(shown, {
    family: 'tasks.family',
    task: 'tasks.payload',
    shownAt: parsed('shown_solutions.shown_at', toMoment),
  });
}

export async function countGames(db: Db, studentId: StudentId): Promise<number> {
  return countRows(db('games').where({ student_id: studentId }));
}

export async function listRecordedGames(
  db: Db,
  studentId: StudentId,
): Promise<
  {
    readonly title: string;
    readonly side: string | null;
    readonly result: string;
    readonly startFen: string;
    readonly moves: string;
  }[]
> {
  return listRows(db('games').where({ student_id: studentId }).orderBy('id'), {
    title: 'games.title',
    side: 'games.side',
    result: 'games.result',
    startFen: 'games.start_fen',
    moves: 'games.moves',
  });
}
