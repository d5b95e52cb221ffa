/** What devices report of answers they could not send is listed to the coach, and never to anybody else. */
import { v4 as makeUuid } from 'uuid';
import type { StudentId } from '@/contracts/ids';
import type { StudentActor } from '@/server/auth/actors';
import { getClassPage } from '@/server/services/classes';
import { runAt } from '@/server/services/clock';
import { noteUnsentAnswers } from '@/server/services/unsentAnswers';
import { makeClass, makeClub, valueOf, withDatabase } from '../support/database';

withDatabase();

const DAY_MS = 86_400_000;
const TOLD = new Date('2026-10-01T15:00:00.000Z');

async function makeSeat() {
  const club = await makeClub();
  const { classId, student } = await makeClass(club.coach);
  const listUnsent = async (now = TOLD) =>
    valueOf(await runAt(now, () => getClassPage(club.coach, classId))).unsentAnswers;
  const report = (deviceId: string, studentId: StudentId, answers: number, reporter = student) =>
    runAt(TOLD, async () =>
      valueOf(await noteUnsentAnswers(reporter, { deviceId, counts: [{ studentId, answers }] })),
    );
  return { ...club, classId, student, listUnsent, report };
}

test('a child of two devices is listed once, with all that lies there, until it has been sent', async () => {
  const { student, listUnsent, report } = await makeSeat();
  const { studentId } = student;
  const [first, second] = [makeUuid(), makeUuid()];
  await report(first, studentId, 3);
  await report(second, studentId, 2);
  await report(first, studentId, 4);
  expect(await listUnsent()).toEqual([
    { studentId, studentName: 'Pip', answers: 6, toldAt: TOLD.toISOString() },
  ]);
  await report(first, studentId, 0);
  expect(await listUnsent()).toMatchObject([{ answers: 2 }]);
  await report(second, studentId, 0);
  expect(await listUnsent()).toEqual([]);
});

test('another child of the club may sit at the device; a child of another club is not believed', async () => {
  const { student, listUnsent, report, coach } = await makeSeat();
  const { student: neighbour } = await makeClass(coach);
  const stranger: StudentActor = { ...student, clubId: (student.clubId + 1) as StudentActor['clubId'] };
  await report(makeUuid(), student.studentId, 7, stranger);
  expect(await listUnsent()).toEqual([]);
  await report(makeUuid(), student.studentId, 7, neighbour);
  expect(await listUnsent()).toMatchObject([{ answers: 7 }]);
});

test('a device that makes up devices fills no table, and one that is lost is forgotten', async () => {
  const { student, listUnsent, report } = await makeSeat();
  for (let device = 0; device < 25; device += 1) await report(makeUuid(), student.studentId, 1);
  expect(await listUnsent()).toMatchObject([{ answers: 20 }]);
  expect(await listUnsent(new Date(TOLD.getTime() + 100 * DAY_MS))).toHaveLength(1);
  expect(await listUnsent(new Date(TOLD.getTime() + 130 * DAY_MS))).toEqual([]);
});
