/** Terms, classes that go on, are merged and split, children who move, and taking all of it back. */
import { v4 as makeUuid } from 'uuid';
import type { ClassId, StudentId, TermId } from '@/contracts/ids';
import { rosterChangeSchema, type RosterChange } from '@/contracts/terms';
import type { CoachActor } from '@/server/auth/actors';
import { enrol } from '@/server/data/classes';
import { getDb } from '@/server/db';
import { getAnswersPage } from '@/server/services/answers';
import { addClass, addStudent, getClassPage, listOwnClasses, setPost } from '@/server/services/classes';
import { runAt } from '@/server/services/clock';
import { listSpokenWords, saveHouseWords } from '@/server/services/houseWords';
import { addStudents, exportRoster, readRoster } from '@/server/services/roster';
import { changeRoster, listOwnRosterChanges, undoRosterChange } from '@/server/services/rosterChanges';
import { openSeatRound, storeAttempt } from '@/server/services/seat';
import { giveSet } from '@/server/services/sets';
import { addTerm, getTermTurn, listOwnTerms, saveTerm } from '@/server/services/terms';
import { makeClub, makeSet, MATE_IN_1, valueOf, withDatabase } from '../support/database';

withDatabase();

const DAY = '2026-09-14';
const dawn = (day: string) => new Date(`${day}T06:00:00Z`);

/** A club with a first term, two classes of two children each, and the next term. */
async function makeScene() {
  return runAt(dawn('2026-03-02'), async () => {
    const { lead, coach } = await makeClub();
    const makeGroup = async (actor: CoachActor, name: string, names: readonly string[]) => {
      const classId = valueOf(await addClass(actor, { requestId: makeUuid(), name }));
      const ids: StudentId[] = [];
      for (const child of names)
        ids.push(valueOf(await addStudent(actor, { requestId: makeUuid(), classId, name: child })).studentId);
      return { classId, ids };
    };
    const lantern = await makeGroup(coach, 'Lantern class', ['Pip', 'Wren']);
    const harbour = await makeGroup(lead, 'Harbour class', ['Fern', 'Otter']);
    const termId = valueOf(
      await addTerm(lead, { name: 'Autumn', startsOn: '2026-09-07', endsOn: '2026-12-18' }),
    );
    return { lead, coach, lantern, harbour, termId };
  });
}

const change = (input: object): RosterChange =>
  rosterChangeSchema.parse({ requestId: makeUuid(), classes: [], ...input });

/** Every class goes on, Wren changes over, Otter leaves. */
function turnOf({ lantern, harbour, termId }: Awaited<ReturnType<typeof makeScene>>): RosterChange {
  const to = (key: string) => ({ kind: 'new', key });
  return change({
    termId,
    classes: [
      { key: 'l', name: 'Lantern class', level: 2, heirOf: lantern.classId },
      { key: 'h', name: 'Harbour class', heirOf: harbour.classId },
    ],
    moves: [
      { studentId: lantern.ids[0], fromClassId: lantern.classId, to: to('l') },
      { studentId: lantern.ids[1], fromClassId: lantern.classId, to: to('h') },
      { studentId: harbour.ids[0], fromClassId: harbour.classId, to: to('h') },
      { studentId: harbour.ids[1], fromClassId: harbour.classId, to: { kind: 'leaves' } },
    ],
  });
}

async function listEverything() {
  const tables = ['classes', 'class_coaches', 'class_levels', 'class_stages', 'house_words', 'class_voices'];
  const rows = await Promise.all(tables.map((table) => getDb()(table).select()));
  return { rows, enrolments: await getDb()('enrolments').select() };
}

test('a term may not lie in another one, end before it starts, or be added by a coach; the same again is there once', async () => {
  const { lead, coach } = await makeScene();
  const term = { name: 'Winter', startsOn: '2027-01-04', endsOn: '2027-03-26' };
  const termId = valueOf(await addTerm(lead, term));
  expect(valueOf(await addTerm(lead, term))).toBe(termId);
  expect(await addTerm(lead, { ...term, name: 'Other', startsOn: '2027-03-26' })).toEqual({
    ok: false,
    error: { code: 'term/overlaps', name: 'Winter' },
  });
  expect(await addTerm(lead, { ...term, endsOn: '2027-01-03' })).toMatchObject({
    error: { code: 'term/ends-before-it-starts' },
  });
  expect(await addTerm(coach, term)).toMatchObject({ error: { code: 'access/not-allowed' } });
  expect((await listOwnTerms(lead)).map(({ name }) => name)).toEqual(['Winter', 'Autumn', 'First term']);
});

test('a term gets another name and other days, but not those of another one', async () => {
  const { lead, coach, termId } = await makeScene();
  const term = { termId, name: 'Lamplight', startsOn: '2026-09-03', endsOn: '2026-12-01' };
  valueOf(await saveTerm(lead, term));
  expect((await listOwnTerms(lead))[0]).toMatchObject(term);
  expect(await saveTerm(lead, { ...term, startsOn: '2026-09-02' })).toMatchObject({
    error: { code: 'term/overlaps', name: 'First term' },
  });
  expect(await saveTerm(lead, { ...term, termId: 99_999 as TermId })).toMatchObject({
    error: { code: 'term/not-found' },
  });
  expect(await saveTerm(coach, term)).toMatchObject({ error: { code: 'access/not-allowed' } });
  expect((await listOwnTerms(lead))[0]).toMatchObject(term);
});

test('which term runs is asked for the day in the club’s own zone, over the hour that is skipped as well', async () => {
  const { lead } = await makeScene();
  const nameAt = async (moment: string) =>
    (await runAt(new Date(moment), () => listOwnTerms(lead))).find(({ isCurrent }) => isCurrent)?.name;
  // The Faroes have summer time in September: the 7th begins there at 23:00 UTC of the 6th.
  expect(await nameAt('2026-09-06T22:59:59Z')).toBe('First term');
  expect(await nameAt('2026-09-06T23:00:00Z')).toBe('Autumn');
  // In December it is UTC: the 18th is the last day to its last second.
  expect(await nameAt('2026-12-18T23:59:59Z')).toBe('Autumn');
});

test('a whole term is begun in one step: history stays, codes and ways go with the class', async () => {
  const scene = await makeScene();
  const { lead, coach, lantern, harbour, termId } = scene;
  const code = (await listOwnClasses(lead)).find((one) => one.classId === lantern.classId)?.joinCode;
  valueOf(
    await saveHouseWords(coach, {
      classId: lantern.classId,
      words: [{ term: 'rook', one: 'tower' }],
      readingLevel: 'short',
    }),
  );
  const request = turnOf(scene);
  const done = valueOf(await runAt(dawn(DAY), () => changeRoster(lead, request)));
  expect(done).toMatchObject({ moved: 3, left: 1, made: 2 });
  expect(valueOf(await changeRoster(lead, request))).toEqual(done);

  const classes = await listOwnClasses(lead);
  const heir = classes.find((one) => one.termId === termId && one.name === 'Lantern class');
  expect(heir).toMatchObject({ joinCode: code, level: 2, studentCount: 1 });
  expect(classes.find((one) => one.classId === lantern.classId)).toMatchObject({ studentCount: 0 });
  // The coach of the old class teaches the new one, and its words are spoken there.
  expect((await listOwnClasses(coach)).map((one) => one.classId)).toContain(heir?.classId);
  expect(await listSpokenWords(getDb(), lead.clubId, heir?.classId)).toEqual([
    { term: 'rook', one: 'tower' },
  ]);
  // Each class still shows who was in it then.
  const past = valueOf(await getClassPage(lead, harbour.classId)).past;
  expect(past.map(({ name, startsOn, endsOn }) => [name, startsOn, endsOn])).toEqual([
    ['Fern', '2026-03-02', DAY],
    ['Otter', '2026-03-02', DAY],
  ]);
  expect(valueOf(await getTermTurn(lead, termId)).from).toEqual([]);
});

test('taken back it is as if it had never been, and twice is once', async () => {
  const scene = await makeScene();
  const before = await listEverything();
  const { changeId } = valueOf(await changeRoster(scene.lead, turnOf(scene)));
  expect(await listEverything()).not.toEqual(before);
  expect(await undoRosterChange(scene.coach, { changeId })).toMatchObject({
    error: { code: 'roster/change-not-found' },
  });
  for (let time = 0; time < 2; time += 1) valueOf(await undoRosterChange(scene.lead, { changeId }));
  expect(await listEverything()).toEqual(before);
  expect(await listOwnRosterChanges(scene.lead)).toEqual([]);
});

test('what has been built on cannot be taken back: work given, or a child moved again', async () => {
  const scene = await makeScene();
  const { lead, termId } = scene;
  const { changeId } = valueOf(await changeRoster(lead, turnOf(scene)));
  const made = (await listOwnClasses(lead)).filter((one) => one.termId === termId);
  const setId = await makeSet(lead, [MATE_IN_1]);
  const [first, second] = made.map((one) => one.classId);
  if (first === undefined || second === undefined) throw new Error('two were made');
  valueOf(await giveSet(lead, { requestId: makeUuid(), setId, classId: first }));
  expect(await undoRosterChange(lead, { changeId })).toMatchObject({
    error: { code: 'roster/too-late-to-undo' },
  });
  const [child] = valueOf(await getClassPage(lead, second)).students;
  const move = change({
    moves: [{ studentId: child?.studentId, fromClassId: second, to: { kind: 'class', classId: first } }],
  });
  const moved = valueOf(await changeRoster(lead, move));
  // The later change can be taken back, the earlier one not.
  valueOf(await undoRosterChange(lead, { changeId: moved.changeId }));
  expect(valueOf(await getClassPage(lead, second)).students).toContainEqual(child);
});

test('a child that is elsewhere by now is not moved, and nobody else either', async () => {
  const scene = await makeScene();
  const { lead, lantern } = scene;
  const before = await listEverything();
  const wrong = turnOf(scene);
  const twice = { ...wrong, moves: [...wrong.moves, ...wrong.moves.slice(0, 1)] };
  expect(await changeRoster(lead, twice)).toMatchObject({ error: { code: 'roster/changed' } });
  const strange = {
    ...wrong,
    moves: wrong.moves.map((one) => ({ ...one, fromClassId: lantern.classId })),
  };
  expect(await changeRoster(lead, strange)).toMatchObject({ error: { code: 'roster/changed' } });
  expect(await listEverything()).toEqual(before);
});

test('a coach moves between own classes only, and makes none for a term', async () => {
  const scene = await makeScene();
  const { lead, coach, lantern, harbour } = scene;
  const move = (to: ClassId) =>
    change({
      moves: [
        { studentId: lantern.ids[0], fromClassId: lantern.classId, to: { kind: 'class', classId: to } },
      ],
    });
  expect(await changeRoster(coach, move(harbour.classId))).toMatchObject({
    error: { code: 'class/not-found' },
  });
  expect(await changeRoster(coach, turnOf(scene))).toMatchObject({ error: { code: 'access/not-allowed' } });
  // An assistant sees the class, yet may not move anybody into it.
  const { classId } = harbour;
  valueOf(await setPost(lead, { classId, coachId: coach.coachId, post: 'assistant' }));
  expect(valueOf(await getClassPage(coach, classId)).mayChange).toBe(false);
  expect(await changeRoster(coach, move(classId))).toMatchObject({ error: { code: 'class/not-found' } });
  valueOf(await setPost(lead, { classId, coachId: coach.coachId, post: 'coach' }));
  expect(valueOf(await changeRoster(coach, move(classId)))).toMatchObject({ moved: 1 });
});

test('a child of both classes that are merged is in the one class once', async () => {
  const { lead, lantern, harbour, termId } = await makeScene();
  const studentId = lantern.ids[0] as StudentId;
  await enrol(getDb(), harbour.classId, studentId, '2026-03-02');
  const before = await listEverything();
  const to = { kind: 'new', key: 'm' };
  const merge = change({
    termId,
    classes: [{ key: 'm', name: 'Merged', heirOf: lantern.classId }],
    moves: [
      { studentId, fromClassId: lantern.classId, to },
      { studentId, fromClassId: harbour.classId, to },
    ],
  });
  const { changeId, ...told } = valueOf(await changeRoster(lead, merge));
  expect(told).toEqual({ moved: 2, left: 0, made: 1 });
  const open = await getDb()('enrolments').where({ student_id: studentId }).whereNull('ends_on');
  expect(open).toHaveLength(1);
  valueOf(await undoRosterChange(lead, { changeId }));
  expect(await listEverything()).toEqual(before);
});

test('two at once move a child once', async () => {
  const { lead, lantern, harbour } = await makeScene();
  const move = () =>
    change({
      moves: [
        {
          studentId: lantern.ids[0],
          fromClassId: lantern.classId,
          to: { kind: 'class', classId: harbour.classId },
        },
      ],
    });
  const results = await Promise.all([changeRoster(lead, move()), changeRoster(lead, move())]);
  expect(results.filter(({ ok }) => ok)).toHaveLength(1);
  const open = await getDb()('enrolments').where({ student_id: lantern.ids[0] }).whereNull('ends_on');
  expect(open).toHaveLength(1);
});

test('the answers of a child stay with the class in which they were given', async () => {
  const scene = await makeScene();
  const { lead, lantern } = scene;
  const setId = await makeSet(lead, [MATE_IN_1]);
  const assignmentId = valueOf(
    await giveSet(lead, { requestId: makeUuid(), setId, classId: lantern.classId }),
  );
  const seat = {
    kind: 'student' as const,
    studentId: lantern.ids[1] as StudentId,
    clubId: lead.clubId,
    name: 'Wren',
  };
  const { roundId, tasks } = valueOf(await openSeatRound(seat, assignmentId));
  valueOf(
    await storeAttempt(seat, {
      clientId: makeUuid(),
      roundId,
      taskId: tasks[0]?.taskId as never,
      answer: { kind: 'play', moves: ['a1a8'], slips: 0 },
      hints: 0,
      spentMs: 900,
      waitedMs: 0,
    }),
  );
  valueOf(await changeRoster(lead, turnOf(scene)));
  expect(valueOf(await getClassPage(lead, lantern.classId)).latestAnswers).toMatchObject([
    { studentName: 'Wren', outcome: 'right' },
  ]);
  // The table of the old class still shows who answered there, though nobody is in it any more.
  const { rows } = valueOf(await getAnswersPage(lead, assignmentId));
  expect(rows.map(({ studentName }) => studentName)).toEqual(['Wren']);
});

describe('rosters as CSV', () => {
  const open = async () => {
    const { coach, lantern } = await makeScene();
    return (text: string) => readRoster(coach, { classId: lantern.classId, text });
  };

  test('each bad row is told with its line and reason, the rest is offered', async () => {
    const long = 'x'.repeat(41);
    const text = `\uFEFFname;birthday;to\nMoss;2017;\n;2016;\npip;2016;\n${long};;\nMOSS;;\nTansy;;2026-03-01\n"Bar\u0007n";;\n"Juno, the second";;\n`;
    const read = await open();
    const { rows, leftOut } = valueOf(await read(text));
    expect(rows.map(({ line, fault }) => [line, fault])).toEqual([
      [2, undefined],
      [3, 'no-name'],
      [4, 'in-class'],
      [5, 'too-long'],
      [6, 'twice'],
      [7, 'has-left'],
      [8, 'no-text'],
      [9, undefined],
    ]);
    expect(rows.at(-1)?.name).toBe('Juno, the second');
    expect(leftOut).toEqual(['birthday']);
  });

  test('a bare list of names will do; without names, with a quotation mark left open or too long it is refused', async () => {
    const read = await open();
    expect(valueOf(await read('Moss\nTansy\n')).rows.map(({ name }) => name)).toEqual(['Moss', 'Tansy']);
    expect(await read('given,family\nMoss,Brook\n')).toMatchObject({ error: { code: 'roster/no-names' } });
    expect(await read('name\n"Moss\nTansy')).toMatchObject({ error: { code: 'roster/unreadable' } });
    expect(await read(Array.from({ length: 101 }, (_, n) => `C${n}`).join('\n'))).toMatchObject({
      error: { code: 'roster/too-long', most: 100 },
    });
  });

  test('what was read is added once, also when the request comes again', async () => {
    const { coach, lantern } = await makeScene();
    const input = { requestId: makeUuid(), classId: lantern.classId, names: ['Moss', 'Tansy'] };
    const [first] = [valueOf(await addStudents(coach, input)), valueOf(await addStudents(coach, input))];
    expect(first.map(({ name }) => name)).toEqual(['Moss', 'Tansy']);
    expect(valueOf(await getClassPage(coach, lantern.classId)).students).toHaveLength(4);
    // A row was taken out and another put in since: nobody passes for somebody else.
    const changed = valueOf(await addStudents(coach, { ...input, names: ['Tansy', 'Reed'] }));
    expect(changed.map(({ name }) => name)).toEqual(['Tansy', 'Reed']);
    expect(valueOf(await getClassPage(coach, lantern.classId)).students).toHaveLength(5);
  });

  test('what goes out can be read again, and a name like a formula is only a name', async () => {
    const { lead, coach, lantern, harbour } = await makeScene();
    valueOf(await addStudent(coach, { requestId: makeUuid(), classId: lantern.classId, name: '=1+2' }));
    const out = valueOf(await exportRoster(coach, {}));
    expect(out.split('\n')[0]).toBe('term,class,name,from,to');
    expect(out).toContain("First term,Lantern class,'=1+2,2026-");
    expect(out).not.toContain('Fern');
    expect(valueOf(await exportRoster(lead, {}))).toContain('Fern');
    expect(await exportRoster(coach, { classId: harbour.classId })).toMatchObject({
      error: { code: 'class/not-found' },
    });
    const { rows } = valueOf(await readRoster(lead, { classId: harbour.classId, text: out }));
    expect(rows.map(({ fault }) => fault)).toEqual([undefined, undefined, undefined]);
  });
});

test('a class of another club is never touched', async () => {
  const scene = await makeScene();
  const stranger: CoachActor = { ...scene.lead, clubId: (scene.lead.clubId + 1) as CoachActor['clubId'] };
  const before = await listEverything();
  expect(await changeRoster(stranger, turnOf(scene))).toMatchObject({ ok: false });
  expect(await getTermTurn(stranger, 1 as TermId)).toMatchObject({ error: { code: 'term/not-found' } });
  expect(await listEverything()).toEqual(before);
});
