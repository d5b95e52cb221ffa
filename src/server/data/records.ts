/** Everything stored about one child, as it is handed out. */
import { z } from 'zod/mini';
import type { RecordedAnswer } from '@/contracts/records';
import type { StudentId } from '@/contracts/ids';
import { answerSchema, type VerdictOutcome } from '@/core/exercises';
import type { Db } from '../db';
import { JUDGE_VERSION } from './attempts';
import { toDay } from './days';

const diagnosesSchema = z.object({ codes: z.array(z.string()) });

/** How many answers of a child are stored, and since when. */
export async function countAnswers(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly count: number; readonly firstAt: Date | undefined }> {
  const row: { count?: string | number; first_at?: Date | null } | undefined = await db('attempts')
    .where({ student_id: studentId })
    .count({ count: 'id' })
    .min({ first_at: 'answered_at' })
    .first();
  return { count: Number(row?.count ?? 0), firstAt: row?.first_at ?? undefined };
}

/** In the order in which they were given. */
export async function listRecordedAnswers(db: Db, studentId: StudentId): Promise<RecordedAnswer[]> {
  const rows: {
    client_id: string;
    family: string;
    level: number;
    payload: unknown;
    class_name: string;
    set_name: string | null;
    try_number: number;
    answer: unknown;
    hints: number;
    spent_ms: number;
    answered_at: Date;
    outcome: string;
    diagnoses: unknown;
  }[] = await db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('tasks', 'tasks.id', 'attempts.task_id')
    .join('classes', 'classes.id', 'attempts.class_id')
    .join('rounds', 'rounds.id', 'attempts.round_id')
    .leftJoin('assignments', 'assignments.id', 'rounds.assignment_id')
    .leftJoin('set_versions', 'set_versions.id', 'assignments.set_version_id')
    .leftJoin('sets', 'sets.id', 'set_versions.set_id')
    .where({ 'attempts.student_id': studentId, 'verdicts.judge_version': JUDGE_VERSION })
    .orderBy(['attempts.answered_at', 'attempts.id'])
    .select(
      'attempts.client_id',
      'tasks.family',
      'tasks.level',
      'tasks.payload',
      'classes.name as class_name',
      'sets.name as set_name',
      'attempts.try_number',
      'attempts.answer',
      'attempts.hints',
      'attempts.spent_ms',
      'attempts.answered_at',
      'verdicts.outcome',
      'verdicts.diagnoses',
    );
  return rows.map((row) => ({
    id: row.client_id,
    answeredAt: row.answered_at.toISOString(),
    className: row.class_name,
    setName: row.set_name,
    family: row.family,
    level: row.level,
    task: row.payload,
    answer: answerSchema.parse(row.answer),
    outcome: row.outcome as VerdictOutcome,
    diagnoses: diagnosesSchema.parse(row.diagnoses).codes,
    tryNumber: row.try_number,
    hints: row.hints,
    spentMs: row.spent_ms,
  }));
}

export async function listRecordedAttendance(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly day: string; readonly className: string; readonly wasHere: boolean }[]> {
  const rows: { day: Date; name: string; was_here: number }[] = await db('attendances')
    .join('lessons', 'lessons.id', 'attendances.lesson_id')
    .join('classes', 'classes.id', 'lessons.class_id')
    .where('attendances.student_id', studentId)
    .orderBy('lessons.day')
    .select('lessons.day', 'classes.name', 'attendances.was_here');
  return rows.map((row) => ({
    day: toDay(row.day),
    className: row.name,
    wasHere: row.was_here === 1,
  }));
}

/** Moves the child suggested in lessons at the board. */
export async function listRecordedSuggestions(
  db: Db,
  studentId: StudentId,
): Promise<
  { readonly asked: string; readonly fen: string; readonly move: string; readonly answeredAt: string }[]
> {
  const rows: { words: string; fen: string; move: string; answered_at: Date }[] = await db('suggestions')
    .join('live_questions', 'live_questions.id', 'suggestions.live_question_id')
    .where('suggestions.student_id', studentId)
    .orderBy('suggestions.id')
    .select('live_questions.words', 'live_questions.fen', 'suggestions.move', 'suggestions.answered_at');
  return rows.map((row) => ({
    asked: row.words,
    fen: row.fen,
    move: row.move,
    answeredAt: row.answered_at.toISOString(),
  }));
}

/** Solutions the child had shown to it, by task. */
export async function listRecordedShown(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly family: string; readonly task: unknown; readonly shownAt: string }[]> {
  const rows: { family: string; payload: unknown; shown_at: Date }[] = await db('shown_solutions')
    .join('tasks', 'tasks.id', 'shown_solutions.task_id')
    .where('shown_solutions.student_id', studentId)
    .orderBy('shown_solutions.id')
    .select('tasks.family', 'tasks.payload', 'shown_solutions.shown_at');
  return rows.map((row) => ({
    family: row.family,
    task: row.payload,
    shownAt: row.shown_at.toISOString(),
  }));
}

export async function countGames(db: Db, studentId: StudentId): Promise<number> {
  const row = await db('games').where({ student_id: studentId }).count({ count: 'id' }).first();
  return Number(row?.count ?? 0);
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
  return db('games')
    .where({ student_id: studentId })
    .orderBy('id')
    .select('title', 'side', 'result', 'start_fen as startFen', 'moves');
}
