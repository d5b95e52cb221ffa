import { topicQuerySchema } from './progress';
import { findSeenSchema } from './seen';
import { findStoredSchema } from './sets';
import { newAttemptSchema } from './attempts';
import { classIdSchema, requestIdSchema } from './ids';
import {
  coachSignInSchema,
  joinCodeSchema,
  keySchema,
  nameSchema,
  newStudentSchema,
  setUpSchema,
} from './people';
import { addPuzzleSchema } from './sets';

const ID = '3f1e9c1a-6a3e-4a58-9a3e-0d4e7a6f1b2c';

describe('names', () => {
  const name = nameSchema(10);

  test.each([
    ['  Pip ', 'Pip'],
    ['Pip   the\tOtter'.slice(0, 9), 'Pip the'],
    ['Zoë', 'Zoë'],
    // The letter and its accent sent apart are the same name.
    ['Zoe\u0308', 'Zoë'],
    ['王小明', '王小明'],
  ])('%j is kept as %j', (text, kept) => expect(name.parse(text)).toBe(kept));

  test.each(['', '   ', 'x'.repeat(11), 'a\u0000b', 'a\u0007b'])('%j is refused', (text) => {
    expect(name.safeParse(text).success).toBe(false);
  });
});

test.each([
  ['lantrn', 'LANTRN'],
  [' LAN-TRN ', 'LANTRN'],
  ['lan trn', 'LANTRN'],
])('a class code typed as %j is %s', (text, code) => expect(joinCodeSchema.parse(text)).toBe(code));

test.each(['', '---', 'x'.repeat(13)])('%j is no class code', (text) => {
  expect(joinCodeSchema.safeParse(text).success).toBe(false);
});

test('a key is three to five known pictures', () => {
  expect(keySchema.safeParse(['sun', 'sun', 'boat']).success).toBe(true);
  for (const key of [
    ['sun', 'boat'],
    ['sun', 'boat', 'bell', 'moon', 'leaf', 'leaf'],
    ['sun', 'boat', 'dragon'],
  ]) {
    expect(keySchema.safeParse(key).success).toBe(false);
  }
});

test('ids come as numbers or digits from an address, and only whole positive ones', () => {
  expect(classIdSchema.parse('12')).toBe(12);
  for (const id of ['0', '-1', '1.5', 'x', '', '1 OR 1=1'])
    expect(classIdSchema.safeParse(id).success).toBe(false);
  expect(requestIdSchema.safeParse('1').success).toBe(false);
});

test('an attempt is refused when anything in it cannot be', () => {
  const attempt = {
    clientId: ID,
    roundId: 1,
    taskId: 2,
    answer: { kind: 'play', moves: ['e2e4'], slips: 0 },
    hints: 0,
    spentMs: 10,
    waitedMs: 0,
  };
  expect(newAttemptSchema.safeParse(attempt).success).toBe(true);
  const bad: Record<string, unknown>[] = [
    { clientId: 'mine' },
    { roundId: 'x' },
    { answer: { kind: 'play', moves: [], slips: 0 } },
    { answer: { kind: 'play', moves: ['e2-e4'], slips: 0 } },
    { answer: { kind: 'play', moves: Array.from({ length: 65 }, () => 'e2e4'), slips: 0 } },
    { answer: { kind: 'shout' } },
    { hints: -1 },
  ];
  for (const change of bad)
    expect({ change, ok: newAttemptSchema.safeParse({ ...attempt, ...change }).success }).toEqual({
      change,
      ok: false,
    });
});

test('a device whose clocks make no sense is believed nothing, and its answer is taken', () => {
  const attempt = {
    clientId: ID,
    roundId: 1,
    taskId: 2,
    answer: { kind: 'play', moves: ['e2e4'], slips: 0 },
    hints: 0,
  };
  const read = (spentMs: unknown, waitedMs: unknown) => {
    const parsed = newAttemptSchema.parse({ ...attempt, spentMs, waitedMs, answeredAt: 'yesterday' });
    return [parsed.spentMs, parsed.waitedMs];
  };
  expect(read(1200.4, 90_000)).toEqual([1200, 90_000]);
  expect(read(-5, -1)).toEqual([0, 0]);
  expect(read(1e12, 1e300)).toEqual([86_400_000, Number.MAX_SAFE_INTEGER]);
  expect(read('long', null)).toEqual([0, 0]);
});

test('a first set-up needs a real time zone and a password of ten letters', () => {
  const input = {
    code: 'abc',
    clubName: 'Quillhaven Chess Club',
    timeZone: 'Atlantic/Faroe',
    leadName: 'Wenna',
    signInName: 'wenna',
    password: 'evening-ferry-7',
  };
  expect(setUpSchema.safeParse(input).success).toBe(true);
  for (const change of [
    { timeZone: 'Quillhaven' },
    { password: 'short' },
    { clubName: '  ' },
    { signInName: '' },
  ]) {
    expect(setUpSchema.safeParse({ ...input, ...change }).success).toBe(false);
  }
});

test('forms with missing or oversized fields are refused', () => {
  expect(coachSignInSchema.safeParse({ signInName: 'x' }).success).toBe(false);
  expect(coachSignInSchema.safeParse({ signInName: 'x', password: 'p'.repeat(201) }).success).toBe(false);
  expect(newStudentSchema.safeParse({ requestId: ID, classId: 1, name: 'x'.repeat(41) }).success).toBe(false);
  expect(addPuzzleSchema.safeParse({ setId: 1, fen: 'x'.repeat(201) }).success).toBe(false);
});

test('what is compared byte by byte is asked for in letters that can be there', () => {
  const key = { twinKey: 'w 8/8/8/8', ideaKey: 'g8 d6d8' };
  const seen = (more: object) =>
    findSeenSchema.safeParse({ classId: 1, puzzles: [{ ...key, ...more }] }).success;
  expect(seen({})).toBe(true);
  for (const odd of ['ключ', 'ké', '', '\u0000', 'x'.repeat(121)]) {
    expect([odd, seen({ twinKey: odd }), seen({ ideaKey: odd })]).toEqual([odd, false, false]);
    expect(findStoredSchema.safeParse({ exactKeys: [odd] }).success).toBe(false);
    expect(topicQuerySchema.safeParse({ classId: 1, studentId: 1, topic: odd }).success).toBe(false);
  }
});
