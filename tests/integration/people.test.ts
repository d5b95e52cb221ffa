import { v4 as makeUuid } from 'uuid';
import { makeSetUpCode } from '@/server/auth/secrets';
import { getDb } from '@/server/db';
import type { StudentSignIn } from '@/contracts/people';
import {
  addClass,
  addStudent,
  getClassPage,
  giveNewKey,
  listOwnClasses,
  removeStudent,
  renameOwnStudent,
} from '@/server/services/classes';
import { addCoach, listOwnCoaches } from '@/server/services/coaches';
import { setUpClub } from '@/server/services/setUpClub';
import { openJoinPage, signInCoach, signInStudent } from '@/server/services/signIn';
import { makeClass, makeClub, PASSWORD, withDatabase, valueOf } from '../support/database';

withDatabase();

describe('first set-up', () => {
  const input = {
    clubName: 'Quillhaven Chess Club',
    timeZone: 'UTC',
    leadName: 'Wenna',
    signInName: 'wenna',
    password: PASSWORD,
  };

  test('needs the code of the terminal, and works once', async () => {
    expect(await setUpClub({ ...input, code: 'guess' })).toMatchObject({
      error: { code: 'set-up/wrong-code' },
    });
    expect(await setUpClub({ ...input, code: makeSetUpCode() })).toMatchObject({ ok: true });
    expect(await setUpClub({ ...input, code: makeSetUpCode() })).toMatchObject({
      error: { code: 'set-up/done-already' },
    });
    expect(await getDb()('clubs').count({ count: 'id' })).toEqual([{ count: 1 }]);
  });
});

describe('coaches', () => {
  test('sign in with name in any case and the right password only', async () => {
    await makeClub();
    expect(await signInCoach('WENNA', PASSWORD)).toMatchObject({ ok: true });
    expect(await signInCoach('wenna', 'nearly')).toMatchObject({ error: { code: 'sign-in/wrong' } });
    expect(await signInCoach('nobody', PASSWORD)).toMatchObject({ error: { code: 'sign-in/wrong' } });
  });

  test('too many wrong passwords have to wait, even with the right one', async () => {
    await makeClub();
    for (let number = 0; number < 8; number += 1) await signInCoach('tam', 'wrong');
    const refused = await signInCoach('tam', PASSWORD);
    expect(refused).toMatchObject({ error: { code: 'sign-in/too-many-tries' } });
    expect(!refused.ok && 'waitSeconds' in refused.error && refused.error.waitSeconds).toBeGreaterThan(0);
    expect(await signInCoach('wenna', PASSWORD)).toMatchObject({ ok: true });
  });

  test('only a lead adds coaches', async () => {
    const { coach } = await makeClub();
    expect(await addCoach(coach, { name: 'X', signInName: 'x', password: PASSWORD })).toMatchObject({
      error: { code: 'access/not-allowed' },
    });
  });

  test('a coach that was added can sign in; the same one twice is one, another of that sign-in name is refused', async () => {
    const { lead } = await makeClub();
    const una = { name: 'Una', signInName: 'una', password: PASSWORD };
    const coachId = valueOf(await addCoach(lead, una));
    expect(valueOf(await addCoach(lead, { ...una, password: 'another-ferry-8' }))).toBe(coachId);
    // The password is still the first one.
    expect(await signInCoach('una', PASSWORD)).toMatchObject({ ok: true });
    expect(await addCoach(lead, { ...una, name: 'Other' })).toMatchObject({
      error: { code: 'coach/sign-in-name-taken' },
    });
    expect((await listOwnCoaches(lead)).map(({ name, isLead }) => [name, isLead])).toEqual([
      ['Tam', false],
      ['Una', false],
      ['Wenna', true],
    ]);
  });
});

describe('classes', () => {
  test('a coach sees the classes taught, a lead all, and nobody opens another one', async () => {
    const { lead, coach } = await makeClub();
    const { classId } = await makeClass(coach);
    const other = valueOf(await addClass(lead, { requestId: makeUuid(), name: 'Harbour class' }));
    expect((await listOwnClasses(coach)).map((one) => one.classId)).toEqual([classId]);
    expect((await listOwnClasses(lead)).map((one) => one.classId).sort()).toEqual([classId, other].sort());
    expect(await getClassPage(lead, classId)).toMatchObject({ ok: true });
    const refused = { ok: false, error: { code: 'class/not-found' } };
    expect(await getClassPage(coach, other)).toEqual(refused);
    expect(await addStudent(coach, { requestId: makeUuid(), classId: other, name: 'X' })).toEqual(refused);
    const stranger = { ...lead, clubId: (lead.clubId + 1) as typeof lead.clubId };
    expect(await getClassPage(stranger, classId)).toEqual(refused);
  });

  test('the same request makes one class and one student, also when sent twice at once', async () => {
    const { coach } = await makeClub();
    const request = { requestId: makeUuid(), name: 'Lantern class' };
    const [one, two] = await Promise.all([addClass(coach, request), addClass(coach, request)]);
    expect(valueOf(one)).toBe(valueOf(two));
    const student = { requestId: makeUuid(), classId: valueOf(one), name: 'Pip' };
    const [first, second] = await Promise.all([addStudent(coach, student), addStudent(coach, student)]);
    expect(valueOf(first).studentId).toBe(valueOf(second).studentId);
    expect(valueOf(await getClassPage(coach, valueOf(one))).students).toHaveLength(1);
  });

  test('rename, remove: the roster follows and the history stays', async () => {
    const { coach } = await makeClub();
    const { classId, student } = await makeClass(coach);
    const { studentId } = student;
    valueOf(await renameOwnStudent(coach, { classId, studentId, name: 'Pippa' }));
    expect(valueOf(await getClassPage(coach, classId)).students).toEqual([{ studentId, name: 'Pippa' }]);
    valueOf(await removeStudent(coach, { classId, studentId }));
    expect(valueOf(await getClassPage(coach, classId)).students).toEqual([]);
    const row = (await getDb()('enrolments').where({ student_id: studentId }).first()) as {
      ends_on: unknown;
    };
    expect(row.ends_on).not.toBeNull();
    expect(await renameOwnStudent(coach, { classId, studentId, name: 'Back' })).toMatchObject({
      error: { code: 'join/not-in-class' },
    });
    const actions = (await getDb()('audit_log').orderBy('id').pluck('action')) as string[];
    expect(actions).toEqual([
      'coach/added',
      'class/created',
      'student/added',
      'student/renamed',
      'student/removed',
    ]);
  });
});

describe('students', () => {
  test('a class code shows the name cards; a wrong one is refused and slowed down', async () => {
    const { coach } = await makeClub();
    const { classId, student } = await makeClass(coach);
    const { joinCode } = valueOf(await getClassPage(coach, classId));
    expect(valueOf(await openJoinPage(joinCode, 'here')).students).toEqual([
      { studentId: student.studentId, name: 'Pip' },
    ]);
    for (let number = 0; number < 60; number += 1) {
      expect(await openJoinPage('NOCODE', 'there')).toMatchObject({ error: { code: 'join/no-such-code' } });
    }
    expect(await openJoinPage(joinCode, 'there')).toMatchObject({
      error: { code: 'sign-in/too-many-tries' },
    });
    const seat: StudentSignIn = { joinCode, studentId: student.studentId, key: ['sun', 'boat', 'bell'] };
    expect(await signInStudent(seat, 'there')).toMatchObject({ error: { code: 'sign-in/too-many-tries' } });
    expect(await openJoinPage(joinCode, 'here')).toMatchObject({ ok: true });
    expect(await signInStudent(seat, 'here')).toMatchObject({ ok: true });
  });

  test('trying codes at the seat is slowed down as on the page of a code', async () => {
    const { coach } = await makeClub();
    const { classId, student } = await makeClass(coach);
    const { joinCode } = valueOf(await getClassPage(coach, classId));
    const tryCode = (code: string) =>
      signInStudent({ joinCode: code, studentId: student.studentId, key: ['sun', 'boat', 'bell'] }, 'seats');
    for (let number = 0; number < 60; number += 1) {
      expect(await tryCode('NOCODE')).toMatchObject({ error: { code: 'join/no-such-code' } });
    }
    expect(await tryCode(joinCode)).toMatchObject({ error: { code: 'sign-in/too-many-tries' } });
  });

  test('the three pictures in their order, throttled by student; a new key ends old sessions', async () => {
    const { coach } = await makeClub();
    const { classId, student } = await makeClass(coach);
    const { joinCode } = valueOf(await getClassPage(coach, classId));
    const tryKey = (...key: ('sun' | 'boat' | 'bell' | 'moon')[]) =>
      signInStudent({ joinCode, studentId: student.studentId, key }, 'here');
    const before = valueOf(await tryKey('sun', 'boat', 'bell'));
    expect(await tryKey('boat', 'sun', 'bell')).toMatchObject({ error: { code: 'sign-in/wrong' } });
    valueOf(await giveNewKey(coach, { classId, studentId: student.studentId }));
    expect(await tryKey('sun', 'boat', 'bell')).toMatchObject({ error: { code: 'sign-in/wrong' } });
    const row = await getDb()('people').where({ id: student.studentId }).first();
    expect(row?.session_epoch).toBe(before.epoch + 1);
    for (let number = 0; number < 6; number += 1) await tryKey('moon', 'moon', 'moon');
    expect(await tryKey('moon', 'moon', 'moon')).toMatchObject({ error: { code: 'sign-in/too-many-tries' } });
  });

  test('secrets are stored as argon2id hashes only', async () => {
    const { coach } = await makeClub();
    await makeClass(coach);
    const hashes = (await getDb()('people').pluck('secret_hash')) as string[];
    expect(hashes).toHaveLength(3);
    for (const hash of hashes) expect(hash).toMatch(/^\$argon2id\$/);
  });
});
