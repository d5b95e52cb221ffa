import { v4 as makeUuid } from 'uuid';
import type { CoachId, StudentId } from '@/contracts/ids';
import { makeSetUpCode } from '@/server/auth/secrets';
import { getDb } from '@/server/db';
import { clubSettingsSchema } from '@/contracts/clubs';
import { changeClubSettings } from '@/server/services/clubs';
import {
  coachSignInSchema,
  KEY_PICTURES,
  studentSignInSchema,
  type KeyPicture,
  type StudentSignIn,
} from '@/contracts/people';
import { findCoachOfSession, findStudentOfSession } from '@/server/data/people';
import { createSession } from '@/server/data/sessions';
import {
  addClass,
  addStudent,
  getClassPage,
  giveNewKey,
  listOwnClasses,
  removeStudent,
  renameOwnStudent,
  unlockStudent,
} from '@/server/services/classes';
import { addCoach, listOwnCoaches } from '@/server/services/coaches';
import { changePassword, removeCoach, resetPassword } from '@/server/services/passwords';
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
    expect(await setUpClub({ ...input, code: 'guess' }, 'here')).toMatchObject({
      error: { code: 'set-up/wrong-code' },
    });
    expect(await setUpClub({ ...input, code: makeSetUpCode() }, 'here')).toMatchObject({ ok: true });
    expect(await setUpClub({ ...input, code: makeSetUpCode() }, 'here')).toMatchObject({
      error: { code: 'set-up/done-already' },
    });
    expect(await getDb()('clubs').count({ count: 'id' })).toEqual([{ count: 1 }]);
  });
});

test('the code of the terminal is not tried by the dozen', async () => {
  const input = { clubName: 'Q', timeZone: 'UTC', leadName: 'W', signInName: 'w', password: PASSWORD };
  const guess = (code: string) => setUpClub({ ...input, code }, 'there');
  const codes = (await Promise.all(Array.from({ length: 30 }, (_, index) => guess(`guess ${index}`)))).map(
    (tried) => (tried.ok ? 'in' : tried.error.code),
  );
  expect(codes.filter((code) => code === 'set-up/wrong-code')).toHaveLength(10);
  expect(await guess(makeSetUpCode())).toMatchObject({ error: { code: 'sign-in/too-many-tries' } });
  expect(await setUpClub({ ...input, code: makeSetUpCode() }, 'here')).toMatchObject({ ok: true });
});

describe('passwords', () => {
  const signIn = (name: string, password: string) => signInCoach(name, password, 'here');
  const isOpen = async (sessionId: string) =>
    (await findCoachOfSession(getDb(), sessionId, new Date(0))) !== undefined;
  async function openSessionsOf(personId: CoachId | StudentId) {
    const [here, there] = [makeUuid(), makeUuid()];
    for (const sessionId of [here, there])
      await createSession(getDb(), { sessionId, personId, startedAt: new Date() });
    return { here, there };
  }

  test('a weak one is refused wherever one is chosen', async () => {
    const { lead, coach } = await makeClub();
    const weak = { error: { code: 'password/weak' } };
    expect(await addCoach(lead, { name: 'Ann', signInName: 'ann', password: 'password12' })).toMatchObject(
      weak,
    );
    const change = { oldPassword: PASSWORD, newPassword: 'qwertyuiop12' };
    expect(await changePassword(coach, change, undefined)).toMatchObject(weak);
    expect(await signIn('tam', PASSWORD)).toMatchObject({ ok: true });
  });

  test('a coach changes it and is signed out everywhere else', async () => {
    const { coach } = await makeClub();
    const { here, there } = await openSessionsOf(coach.coachId);
    const change = { oldPassword: 'nearly', newPassword: 'otter-kettle-moss' };
    expect(await changePassword(coach, change, here)).toMatchObject({
      error: { code: 'password/old-wrong' },
    });
    expect(await isOpen(there)).toBe(true);
    valueOf(await changePassword(coach, { ...change, oldPassword: PASSWORD }, here));
    expect([await isOpen(here), await isOpen(there)]).toEqual([true, false]);
    expect(await signIn('tam', PASSWORD)).toMatchObject({ error: { code: 'sign-in/wrong' } });
    expect(await signIn('tam', 'otter-kettle-moss')).toMatchObject({ ok: true });
  });

  test('a lead gives a coach who forgot it another one; a coach nobody', async () => {
    const { lead, coach } = await makeClub();
    const { here } = await openSessionsOf(coach.coachId);
    for (let number = 0; number < 9; number += 1) await signIn('tam', 'forgotten');
    expect(await resetPassword(coach, { coachId: lead.coachId })).toMatchObject({ ok: false });
    expect(await resetPassword(coach, { coachId: coach.coachId })).toMatchObject({ ok: false });
    const password = valueOf(await resetPassword(lead, { coachId: coach.coachId }));
    expect(await isOpen(here)).toBe(false);
    // At once, though too many wrong ones were tried before.
    expect(await signIn('tam', password)).toMatchObject({ ok: true });
  });

  test('a coach who is removed signs in no more and is in no class; what they made stays, and their name is free', async () => {
    const { lead, coach } = await makeClub();
    const { classId } = await makeClass(coach);
    const { here } = await openSessionsOf(coach.coachId);
    expect(await removeCoach(coach, { coachId: lead.coachId })).toMatchObject({ ok: false });
    expect(await removeCoach(lead, { coachId: lead.coachId })).toMatchObject({ ok: false });
    valueOf(await removeCoach(lead, { coachId: coach.coachId }));
    expect(await isOpen(here)).toBe(false);
    expect(await signIn('tam', PASSWORD)).toMatchObject({ error: { code: 'sign-in/wrong' } });
    expect((await listOwnCoaches(lead)).map(({ name }) => name)).toEqual(['Wenna']);
    const page = valueOf(await getClassPage(lead, classId));
    expect(page.coaches.filter(({ post }) => post !== undefined)).toEqual([]);
    expect(page.students).toHaveLength(1);
    expect(await addCoach(lead, { name: 'Tamsin', signInName: 'tam', password: PASSWORD })).toMatchObject({
      ok: true,
    });
  });
});

describe('coaches', () => {
  /** As the sign-in page does it: parsed, then asked. */
  const signIn = (signInName: string, password: string, from = 'here') => {
    const input = coachSignInSchema.parse({ signInName, password });
    return signInCoach(input.signInName, input.password, from);
  };

  test('sign in with the name however it is typed, and the right password only', async () => {
    await makeClub();
    for (const name of ['wenna', 'WENNA', ' wénna ', 'ｗｅｎｎａ'])
      expect(await signIn(name, PASSWORD)).toMatchObject({ ok: true });
    expect(await signIn('wenna', 'nearly')).toMatchObject({ error: { code: 'sign-in/wrong' } });
    expect(await signIn('nobody', PASSWORD)).toMatchObject({ error: { code: 'sign-in/wrong' } });
  });

  test('wrong passwords count against the person, however the name is typed', async () => {
    await makeClub();
    const ways = ['tam', 'TAM', 'tám', ' tam', 'Tam', 'ｔａｍ', 'tàm', 'TÄM'];
    for (const name of ways)
      expect(await signIn(name, 'wrong')).toMatchObject({ error: { code: 'sign-in/wrong' } });
    for (const name of ways)
      expect(await signIn(name, PASSWORD)).toMatchObject({ error: { code: 'sign-in/too-many-tries' } });
  });

  test.each(['tam', 'nobody'])(
    'of a hundred passwords at once for "%s" eight are looked at',
    async (name) => {
      await makeClub();
      const from = (index: number) => `address ${index % 5}`;
      const tries = Array.from({ length: 100 }, (_, index) => signIn(name, `guess ${index}`, from(index)));
      const codes = (await Promise.all(tries)).map((tried) => (tried.ok ? 'in' : tried.error.code));
      expect(codes.filter((code) => code === 'sign-in/wrong')).toHaveLength(8);
      expect(codes.filter((code) => code === 'sign-in/too-many-tries')).toHaveLength(92);
    },
  );

  test('names tried from one address are slowed down together', async () => {
    await makeClub();
    const tries = Array.from({ length: 100 }, (_, index) => signIn(`name ${index}`, 'guess', 'there'));
    const wrong = (await Promise.all(tries)).filter(
      (tried) => !tried.ok && tried.error.code === 'sign-in/wrong',
    );
    expect(wrong).toHaveLength(60);
    expect(await signIn('wenna', PASSWORD, 'there')).toMatchObject({
      error: { code: 'sign-in/too-many-tries' },
    });
    expect(await signIn('wenna', PASSWORD)).toMatchObject({ ok: true });
  });

  test('a right password clears what was wrong before', async () => {
    await makeClub();
    for (let round = 0; round < 3; round += 1) {
      for (let number = 0; number < 7; number += 1) await signIn('tam', 'wrong');
      expect(await signIn('tam', PASSWORD)).toMatchObject({ ok: true });
    }
  });

  test('too many wrong passwords have to wait, even with the right one', async () => {
    await makeClub();
    for (let number = 0; number < 8; number += 1) await signIn('tam', 'wrong');
    const refused = await signIn('tam', PASSWORD);
    expect(refused).toMatchObject({ error: { code: 'sign-in/too-many-tries' } });
    expect(!refused.ok && 'waitSeconds' in refused.error && refused.error.waitSeconds).toBeGreaterThan(0);
    expect(await signIn('wenna', PASSWORD)).toMatchObject({ ok: true });
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
    expect(await signIn('una', PASSWORD)).toMatchObject({ ok: true });
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
    const actions = await getDb()('audit_log').orderBy('id').pluck('action');
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
      { studentId: student.studentId, name: 'Pip', keyLength: 3 },
    ]);
    for (let number = 0; number < 300; number += 1) {
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
    for (let number = 0; number < 300; number += 1) {
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
    valueOf(await tryKey('sun', 'boat', 'bell'));
    const session = { sessionId: makeUuid(), personId: student.studentId, startedAt: new Date() };
    await createSession(getDb(), session);
    expect(await findStudentOfSession(getDb(), session.sessionId, new Date(0))).toBeDefined();
    expect(await tryKey('boat', 'sun', 'bell')).toMatchObject({ error: { code: 'sign-in/wrong' } });
    valueOf(await giveNewKey(coach, { classId, studentId: student.studentId }));
    expect(await tryKey('sun', 'boat', 'bell')).toMatchObject({ error: { code: 'sign-in/wrong' } });
    expect(await findStudentOfSession(getDb(), session.sessionId, new Date(0))).toBeUndefined();
    for (let number = 0; number < 6; number += 1) await tryKey('moon', 'moon', 'moon');
    expect(await tryKey('moon', 'moon', 'moon')).toMatchObject({ error: { code: 'sign-in/too-many-tries' } });
  });

  test('a club that wants four pictures gets them in new keys; the others stay as they are', async () => {
    const { lead, coach } = await makeClub();
    const { classId, student } = await makeClass(coach);
    const { joinCode } = valueOf(await getClassPage(coach, classId));
    valueOf(await changeClubSettings(lead, { ...clubSettingsSchema.parse({}), keyLength: 4 }));
    const added = valueOf(await addStudent(coach, { requestId: makeUuid(), classId, name: 'Wren' }));
    expect(added.key).toHaveLength(4);
    const cards = valueOf(await openJoinPage(joinCode, 'here')).students;
    expect(cards.map(({ name, keyLength }) => [name, keyLength])).toEqual([
      ['Pip', 3],
      ['Wren', 4],
    ]);
    const sit = (studentId: StudentId, key: readonly KeyPicture[]) =>
      signInStudent(studentSignInSchema.parse({ joinCode, studentId, key }), 'here');
    expect(await sit(student.studentId, ['sun', 'boat', 'bell'])).toMatchObject({ ok: true });
    expect(await sit(added.studentId, added.key)).toMatchObject({ ok: true });
    expect(await sit(added.studentId, added.key.slice(0, 3))).toMatchObject({
      error: { code: 'sign-in/wrong' },
    });
    const fresh = valueOf(await giveNewKey(coach, { classId, studentId: student.studentId }));
    expect(fresh).toHaveLength(4);
    expect(await sit(student.studentId, fresh)).toMatchObject({ ok: true });
  });

  test('of all 1,728 keys at once six are looked at; a coach unlocks the child by one press', async () => {
    const { coach } = await makeClub();
    const { classId, student } = await makeClass(coach);
    const { studentId } = student;
    const { joinCode } = valueOf(await getClassPage(coach, classId));
    const right: readonly KeyPicture[] = ['sun', 'boat', 'bell'];
    const keys = KEY_PICTURES.flatMap((a) => KEY_PICTURES.flatMap((b) => KEY_PICTURES.map((c) => [a, b, c])));
    const wrong = keys.filter((key) => key.join() !== right.join());
    expect(wrong).toHaveLength(1727);
    const tryKey = (key: readonly KeyPicture[], index = 0) =>
      signInStudent({ joinCode, studentId, key: [...key] }, `address ${index % 40}`);
    const codes = (await Promise.all(wrong.map(tryKey))).map((tried) => (tried.ok ? 'in' : tried.error.code));
    expect(codes.filter((code) => code === 'sign-in/wrong')).toHaveLength(6);
    expect(codes.filter((code) => code === 'sign-in/too-many-tries')).toHaveLength(1721);
    expect(await tryKey(right)).toMatchObject({ error: { code: 'sign-in/too-many-tries' } });
    expect(valueOf(await getClassPage(coach, classId)).lockedIds).toEqual([studentId]);
    valueOf(await unlockStudent(coach, { classId, studentId }));
    expect(valueOf(await getClassPage(coach, classId)).lockedIds).toEqual([]);
    expect(await tryKey(right)).toMatchObject({ ok: true });
  });

  test('a class of thirty sits down at once behind one router; guessing spread over the class is slowed down', async () => {
    const { coach } = await makeClub();
    const { classId } = await makeClass(coach);
    const { joinCode } = valueOf(await getClassPage(coach, classId));
    const key: KeyPicture[] = ['moon', 'moon', 'leaf'];
    const others = await Promise.all(
      Array.from({ length: 29 }, (_, index) =>
        addStudent(coach, { requestId: makeUuid(), classId, name: `Child ${index}`, key }),
      ),
    );
    const seats = others.map((added) => valueOf(added).studentId);
    const sit = (studentId: StudentId, tapped: KeyPicture[]) =>
      signInStudent({ joinCode, studentId, key: tapped }, 'router');
    // One code typed wrong, and everybody else still gets in, all at once.
    expect(await openJoinPage('NOCODE', 'router')).toMatchObject({ ok: false });
    const sat = await Promise.all(seats.map((studentId) => sit(studentId, key)));
    expect(sat.filter(({ ok }) => ok)).toHaveLength(29);
    const guesses = await Promise.all(
      seats.flatMap((studentId) => [0, 1, 2].map(() => sit(studentId, ['sun', 'sun', 'sun']))),
    );
    expect(guesses.filter((tried) => !tried.ok && tried.error.code === 'sign-in/wrong')).toHaveLength(60);
  });

  test('secrets are stored as argon2id hashes only', async () => {
    const { coach } = await makeClub();
    await makeClass(coach);
    const hashes = (await getDb()('people').pluck('secret_hash')) as string[];
    expect(hashes).toHaveLength(3);
    for (const hash of hashes) expect(hash).toMatch(/^\$argon2id\$/);
  });
});
