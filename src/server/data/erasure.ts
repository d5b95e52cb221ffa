/**
 * Erasing a child: every row that is about it goes, in the order in which rows refer to each other, and its name goes out of the titles of
 * games it played against others. What the answers taught about puzzles goes when the ratings are worked out anew.
 */
import type { ClubId, StudentId } from '@/contracts/ids';
import type { Db } from '../db';
import { makeNameEraser } from './names';

export async function eraseStudentRows(
  db: Db,
  clubId: ClubId,
  { studentId, name }: { readonly studentId: StudentId; readonly name: string },
): Promise<void> {
  const own = { student_id: studentId };
  const attempts = db('attempts').where(own).select('id');
  await db('verdicts').whereIn('attempt_id', attempts).delete();
  await db('rating_steps').where(own).delete();
  await db('attempts').where(own).delete();
  await db('shown_solutions').where(own).delete();
  const rounds: number[] = await db('rounds').where(own).pluck('id');
  for (const table of ['live_rounds', 'practice_reasons', 'practice_tasks', 'practices'])
    await db(table).whereIn('round_id', rounds).delete();
  await db('rounds').where(own).delete();
  for (const table of ['catch_ups', 'assignments', 'attendances', 'suggestions', 'mails'])
    await db(table).where(own).delete();
  // Reports of its classes name it too.
  const classes: number[] = await db('enrolments').where(own).pluck('class_id');
  await db('mails').whereNull('student_id').whereIn('class_id', classes).delete();
  const games: number[] = await db('games').where(own).pluck('id');
  await db('game_chances').whereIn('game_id', games).delete();
  await db('games').whereIn('id', games).delete();
  for (const table of [
    'student_stages',
    'student_ratings',
    'topic_progress',
    'refused_answers',
    'unsent_answers',
    'enrolments',
  ])
    await db(table).where(own).delete();
  await db('audit_log').whereRaw("JSON_VALUE(details, '$.studentId') = ?", [studentId]).delete();
  await takeOutName(db, clubId, name);
  await db('sessions').where({ person_id: studentId }).delete();
  await db('people').where({ id: studentId, kind: 'student' }).delete();
}

/** Other children's games keep their moves; only the name goes, where it stands as a word of its own. */
async function takeOutName(db: Db, clubId: ClubId, name: string): Promise<void> {
  const eraseName = makeNameEraser([name]);
  for (const [table, column] of [
    ['games', 'title'],
    ['tasks', 'source'],
  ] as const) {
    const rows: { id: number; text: string }[] = await db(table)
      .where({ club_id: clubId })
      .whereRaw('INSTR(??, ?) > 0', [column, name])
      .select('id', `${column} as text`);
    for (const { id, text } of rows)
      await db(table)
        .where({ id })
        .update({ [column]: eraseName(text) });
  }
}

/** Children of the club in no class, with the last day they were in one. */
export async function listGoneStudents(
  db: Db,
  clubId: ClubId,
): Promise<{ readonly studentId: StudentId; readonly name: string; readonly lastDay: Date }[]> {
  const rows: { id: number; display_name: string; last_day: Date }[] = await db('people')
    .join('enrolments', 'enrolments.student_id', 'people.id')
    .where({ 'people.club_id': clubId, 'people.kind': 'student' })
    .whereNull('people.erased_at')
    .groupBy('people.id', 'people.display_name')
    .havingRaw('SUM(enrolments.ends_on IS NULL) = 0')
    .orderBy('people.display_name')
    .select('people.id', 'people.display_name', db.raw('MAX(enrolments.ends_on) AS last_day'));
  return rows.map((row) => ({
    studentId: row.id as StudentId,
    name: row.display_name,
    lastDay: row.last_day,
  }));
}
