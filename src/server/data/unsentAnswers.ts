import type { ClassId, ClubId } from '@/contracts/ids';
import type { UnsentAnswers } from '@/contracts/people';
import type { UnsentCount } from '@/contracts/unsent';
import { computed, countRows, listRows, sendTogether, type Db } from '../db';
import { toMoment } from './days';
import { listStudentIds } from './people';

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
  const known = db('people')
    .where({ club_id: clubId, kind: 'student' })
    .whereNull('erased_at')
    .whereIn(
      'id',
      counts.map(({ studentId }) => studentId),
    )
    .orderBy('id');
  for (const studentId of await listStudentIds(known)) {
    const answers = counts.find((count) => count.studentId === studentId)?.answers ?? 0;
    const own = { student_id: studentId, device_id: deviceId };
    const others = db('unsent_answers').where({ student_id: studentId }).whereNot({ device_id: deviceId });
    const many = await countRows(others);
    await sendTogether(db, [
      db('unsent_answers').where(own).delete(),
      ...(answers > 0 && many < MOST_DEVICES
        ? [db('unsent_answers').insert({ ...own, answers, told_at: now })]
        : []),
    ]);
  }
}

/** What lies on devices of the children now in a class, by child. */
export async function listUnsentAnswers(db: Db, classId: ClassId, now: Date): Promise<UnsentAnswers[]> {
  const byChild = db('unsent_answers')
    .join('enrolments', 'enrolments.student_id', 'unsent_answers.student_id')
    .join('people', 'people.id', 'unsent_answers.student_id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .where('unsent_answers.told_at', '>=', new Date(now.getTime() - KEPT_DAYS * 86_400_000))
    .groupBy('unsent_answers.student_id', 'people.display_name')
    .orderBy(['people.display_name', 'unsent_answers.student_id']);
  return listRows(byChild, {
    studentId: 'unsent_answers.student_id',
    studentName: 'people.display_name',
    answers: computed(db.raw('SUM(unsent_answers.answers)'), Number),
    toldAt: computed(db.raw('MAX(unsent_answers.told_at)'), (at) => toMoment(at as Date)),
  });
}
