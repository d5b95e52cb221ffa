/**
 * Erasing a child: every row that is about it goes, in the order in which rows refer to each other, and its name goes out of the titles of
 * games it played against others. What the answers taught about puzzles goes when the ratings are worked out anew.
 */
import type { ClubId, StudentId } from '@/contracts/ids';
import { computed, listRows, listValues, type Db } from '../db';
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
  const rounds = await listValues(db('rounds').where(own), 'rounds.id');
  for (const table of ['live_rounds', 'practice_reasons', 'practice_tasks', 'practices'])
    await db(table).whereIn('round_id', rounds).delete();
  await db('rounds').where(own).delete();
  for (const table of ['catch_ups', 'assignments', 'attendances', 'suggestions', 'mails'])
    await db(table).where(own).delete();
  // Reports of its classes name it too.
  const classes = await listValues(db('enrolments').where(own), 'enrolments.class_id');
  await db('mails').whereNull('student_id').whereIn('class_id', classes).delete();
  const games = await listValues(db('games').where(own), 'games.id');
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
  const games = db('games').where({ club_id: clubId }).whereRaw('INSTR(title, ?) > 0', [name]);
  for (const { id, title } of await listRows(games, { id: 'games.id', title: 'games.title' }))
    await db('games')
      .where({ id })
      .update({ title: eraseName(title) });
  const tasks = db('tasks').where({ club_id: clubId }).whereRaw('INSTR(source, ?) > 0', [name]);
  for (const { id, source } of await listRows(tasks, { id: 'tasks.id', source: 'tasks.source' }))
    await db('tasks')
      .where({ id })
      .update({ source: eraseName(source ?? '') });
}

/** Children of the club in no class, with the last day they were in one. */
export async function listGoneStudents(
  db: Db,
  clubId: ClubId,
): Promise<{ readonly studentId: StudentId; readonly name: string; readonly lastDay: Date }[]> {
  const gone = db('people')
    .join('enrolments', 'enrolments.student_id', 'people.id')
    .where('people.club_id', clubId)
    .where('people.kind', 'student')
    .whereNull('people.erased_at')
    .groupBy('enrolments.student_id', 'people.display_name')
    .havingRaw('SUM(enrolments.ends_on IS NULL) = 0')
    .orderBy('people.display_name');
  return listRows(gone, {
    studentId: 'enrolments.student_id',
    name: 'people.display_name',
    lastDay: computed(db.raw('MAX(enrolments.ends_on)'), (day) => day as Date),
  });
}
