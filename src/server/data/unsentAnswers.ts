import type { ClassId, ClubId, StudentId } from '@/contracts/ids';
import type { UnsentAnswers } from '@/contracts/people';
import type { UnsentCount } from '@/contracts/unsent';
import { sendTogether, type Db } from '../db';

/** A child sits at few devices; whoever tells of more is not believed. */
const MOST_DEVICES = 20;
/** A device that has told nothing for so long, in days, is not waited for any more: a long holiday is shorter. */
const KEPT_DAYS = 120;

/** Notes what a device holds of children of the club: in place of what it told before, and nothing where nothing is left. */
export async function saveUnsentAnswers(
  db: Db,
  told: {
    readonly clubId: ClubId;
    readonly deviceId: string;
    readonly counts: readonly UnsentCount[];
    readonly now: Date;
  },
): Promise<void> {
  const { clubId, deviceId, counts, now } = told;
  const ids: number[] = await db('people')
    .where({ club_id: clubId, kind: 'student' })
    .whereNull('erased_at')
    .whereIn(
      'id',
      counts.map(({ studentId }) => studentId),
    )
    .orderBy('id')
    .pluck('id');
  for (const studentId of ids) {
    const answers = counts.find((count) => count.studentId === studentId)?.answers ?? 0;
    const own = { student_id: studentId, device_id: deviceId };
    const others = db('unsent_answers').where({ student_id: studentId }).whereNot({ device_id: deviceId });
    const many = (await others.count({ count: '*' }).first()) as { count: number } | undefined;
    await sendTogether(db, [
      db('unsent_answers').where(own).delete(),
      ...(answers > 0 && (many?.count ?? 0) < MOST_DEVICES
        ? [db('unsent_answers').insert({ ...own, answers, told_at: now })]
        : []),
    ]);
  }
}

/** What lies on devices of the children now in a class, by child. */
export async function listUnsentAnswers(db: Db, classId: ClassId, now: Date): Promise<UnsentAnswers[]> {
  const rows: { student_id: number; display_name: string; answers: number; told_at: Date }[] = await db(
    'unsent_answers',
  )
    .join('enrolments', 'enrolments.student_id', 'unsent_answers.student_id')
    .join('people', 'people.id', 'unsent_answers.student_id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .where('unsent_answers.told_at', '>=', new Date(now.getTime() - KEPT_DAYS * 86_400_000))
    .groupBy('unsent_answers.student_id', 'people.display_name')
    .orderBy(['people.display_name', 'unsent_answers.student_id'])
    // A sum of whole numbers is a decimal, which the driver reads as text.
    .select(
      'unsent_answers.student_id',
      'people.display_name',
      db.raw('CAST(SUM(unsent_answers.answers) AS UNSIGNED) AS answers'),
    )
    .max({ told_at: 'unsent_answers.told_at' });
  return rows.map((row) => ({
    studentId: row.student_id as StudentId,
    studentName: row.display_name,
    answers: row.answers,
    toldAt: row.told_at.toISOString(),
  }));
}
