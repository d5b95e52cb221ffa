/** Who is or was in which class. Rows are ended, not taken away, but for a change that is undone. */
import type { ClassId, ClubId, EnrolmentId, StudentId } from '@/contracts/ids';
import type { Enrolment } from '@/contracts/people';
import { insertRow, listRows, parsed, type Db } from '../db';
import { toDay } from './days';

/** Enrolments of a class, or of one child, the newest first, of one day by name. Erased children are left out. */
export async function listEnrolments(
  db: Db,
  where: { readonly classId: ClassId } | { readonly studentId: StudentId } | { readonly clubId: ClubId },
): Promise<Enrolment[]> {
  const query = db('enrolments')
    .join('classes', 'classes.id', 'enrolments.class_id')
    .join('terms', 'terms.id', 'classes.term_id')
    .join('people', 'people.id', 'enrolments.student_id')
    .whereNull('people.erased_at')
    .orderBy([
      { column: 'enrolments.starts_on', order: 'desc' },
      { column: 'people.display_name' },
      { column: 'enrolments.id', order: 'desc' },
    ]);
  if ('classId' in where) void query.where('enrolments.class_id', where.classId);
  else if ('studentId' in where) void query.where('enrolments.student_id', where.studentId);
  else void query.where('classes.club_id', where.clubId);
  return listRows(query, {
    classId: 'enrolments.class_id',
    className: 'classes.name',
    termName: 'terms.name',
    studentId: 'enrolments.student_id',
    name: 'people.display_name',
    startsOn: parsed('enrolments.starts_on', toDay),
    endsOn: parsed('enrolments.ends_on', (day) => (day === null ? undefined : toDay(day))),
  });
}

/** The open enrolments of these children in a class, locked until the transaction ends. */
export async function listOpenEnrolments(
  db: Db,
  classId: ClassId,
  studentIds: readonly StudentId[],
): Promise<{ readonly enrolmentId: EnrolmentId; readonly studentId: StudentId }[]> {
  const open = db('enrolments')
    .where({ class_id: classId })
    .whereIn('student_id', [...studentIds])
    .whereNull('ends_on')
    .forUpdate();
  return listRows(open, { enrolmentId: 'enrolments.id', studentId: 'enrolments.student_id' });
}

/** Ends them on this day; with undefined opens them again. */
export async function setEnrolmentsEnd(
  db: Db,
  enrolmentIds: readonly EnrolmentId[],
  endsOn: string | undefined,
): Promise<void> {
  await db('enrolments')
    .whereIn('id', [...enrolmentIds])
    .update({ ends_on: endsOn ?? null });
}

/** Which of these enrolments are open, or with `ended` ended. */
export async function countEnrolments(
  db: Db,
  enrolmentIds: readonly EnrolmentId[],
  state: 'open' | 'ended',
): Promise<number> {
  const query = db('enrolments').whereIn('id', [...enrolmentIds]);
  const row = await (state === 'open' ? query.whereNull('ends_on') : query.whereNotNull('ends_on'))
    .count({ found: 'id' })
    .first();
  return Number(row?.found ?? 0);
}

export async function beginEnrolment(
  db: Db,
  classId: ClassId,
  studentId: StudentId,
  startsOn: string,
): Promise<EnrolmentId> {
  return insertRow(db, 'enrolments', { class_id: classId, student_id: studentId, starts_on: startsOn });
}

/** For a change that is undone, as if it had never been. */
export async function deleteEnrolments(db: Db, enrolmentIds: readonly EnrolmentId[]): Promise<void> {
  await db('enrolments')
    .whereIn('id', [...enrolmentIds])
    .delete();
}

/** Is anybody enrolled in these classes by other rows than these? */
export async function hasOtherEnrolments(
  db: Db,
  classIds: readonly ClassId[],
  besides: readonly EnrolmentId[],
): Promise<boolean> {
  const row = await db('enrolments')
    .whereIn('class_id', [...classIds])
    .whereNotIn('id', [...besides])
    .first('id');
  return row !== undefined;
}
