import {
  classEmailText,
  familyWords,
  homeworkText,
  lessonsText,
  listChildLines,
  listGameChances,
  listGroupLines,
  listHomeworkLines,
  minutesText,
  mistakeText,
  reportFoot,
  reportEmailText,
  repeatText,
  weekText,
  gapText,
  PLAIN_TERMS,
} from '.';
import { EXERCISE_IDS } from '@/core/exercises';
import type { ClassProgress } from '@/contracts/progress';

const EVERYONE = ['Fern', 'Juno', 'Otter', 'Quill', 'Wren'];

test('who needs a topic is told by name, and the whole class as such', () => {
  const text = (weak: string[], due: string[]) => repeatText({ weak, due }, EVERYONE);
  expect(text(['Fern', 'Otter'], [])).toBe('Struggling: Fern and Otter.');
  expect(text([], EVERYONE)).toBe('Due again: the whole class.');
  expect(text(['Quill'], ['Fern', 'Juno', 'Otter', 'Wren'])).toBe(
    'Struggling: Quill. Due again: the whole class but Quill.',
  );
  // Of two, one is not "the whole class but one".
  expect(repeatText({ weak: ['Fern'], due: [] }, ['Fern', 'Juno'])).toBe('Struggling: Fern.');
});

test('time is told in minutes and hours', () => {
  const minutes = (count: number) => minutesText(count * 60_000);
  expect([0.2, 1, 25, 60, 125].map(minutes)).toEqual([
    'under a minute',
    '1 minute',
    '25 minutes',
    '1 hour',
    '2 hours 5 minutes',
  ]);
  expect(weekText('2026-11-02')).toBe('2 Nov');
});

test('homework is told by what was solved and what was right at once', () => {
  expect(homeworkText({ solved: 12, atOnce: 9 }, 13)).toBe('12 of 13, 9 at once');
  expect(homeworkText(undefined, 13)).toBe('not begun');
});

test('a mistake that is not known any more is told as such', () => {
  expect(mistakeText('escapes', PLAIN_TERMS)).toBe('let the king escape');
  expect(mistakeText('of-old', PLAIN_TERMS)).toMatch(/no longer recorded/);
});

test('families that share a note tell the coach the same of it', () => {
  const phrases = new Map<string, Set<string>>();
  for (const family of EXERCISE_IDS)
    for (const [code, { mistake }] of Object.entries(familyWords(family, PLAIN_TERMS).notes ?? {}))
      phrases.set(code, (phrases.get(code) ?? new Set()).add(mistake));
  expect(phrases.size).toBeGreaterThan(70);
  expect([...phrases].filter(([, told]) => told.size > 1)).toEqual([]);
  for (const [code, [mistake]] of phrases) expect(mistakeText(code, PLAIN_TERMS)).toBe(mistake);
});

test('what own games held is told apart: taken, missed, and what went wrong', () => {
  const games = {
    games: [],
    mates: { played: 1, slower: 1, missed: 3 },
    gains: { played: 0, missed: 0 },
    losses: 1,
    mated: 0,
  };
  expect(listGameChances(games)).toEqual([
    '1 of 5 mates played, 3 missed, 1 played too late.',
    'There was no material to win.',
    '1 move that lost material, 0 that allowed mate.',
  ]);
});

const PROGRESS: ClassProgress = {
  classId: 4 as ClassProgress['classId'],
  className: 'Lantern class',
  termName: 'Homeward term',
  students: ['Fern', 'Otter'].map((name, index) => ({ studentId: (index + 1) as never, name })),
  topics: [],
  byDay: '2026-12-03',
  repeats: [],
  groups: [],
  alone: ['Fern', 'Otter'],
  homework: [
    {
      assignmentId: 1 as never,
      setName: 'Nets and catches',
      givenAt: '2026-11-26T10:00:00Z',
      puzzleCount: 14,
      cells: [{ solved: 14, atOnce: 10 }, undefined],
    },
  ],
  attendance: [
    { here: 7, away: 2, answers: 41, right: 21 },
    { here: 1, away: 0, answers: 1, right: 1 },
  ],
};

test('a class’s report has a line for every child and every set, in the order of names', () => {
  expect(listChildLines(PROGRESS)).toEqual([
    'Fern: 7 lessons here, 2 away; 41 tasks begun, 21 right first time.',
    'Otter: 1 lesson here, 0 away; 1 task begun, 1 right first time.',
  ]);
  expect(listHomeworkLines(PROGRESS)).toEqual(['Nets and catches: 1 of 2 have begun, 1 have solved all 14.']);
  expect(listHomeworkLines({ ...PROGRESS, homework: [] })).toEqual(['No set was given to the whole class.']);
  expect(listGroupLines(PROGRESS, PLAIN_TERMS)).toHaveLength(1);
  expect(
    listGroupLines(
      {
        ...PROGRESS,
        alone: ['Quill'],
        groups: [{ names: ['Fern', 'Otter'], topics: ['mate:2'] }],
      },
      PLAIN_TERMS,
    ),
  ).toEqual(['Fern and Otter: Mate in 2', 'In no group: Quill']);
});

test('a child’s report tells how often it was there, and ranks nobody', () => {
  expect(lessonsText('Lantern class', { here: 1, away: 0 })).toBe('Was in 1 of 1 lesson of Lantern class.');
  expect(lessonsText('Lantern class', { here: 0, away: 0 })).toBe(
    'No lesson of Lantern class has been recorded yet.',
  );
  expect(reportFoot('Fern', '26 November 2026')).toMatch(/not compared with anybody/);
  expect(reportEmailText('Fern', 'Lantern class', 'Quillhaven Chess Club')).toMatch(
    /report of Fern from Lantern class/,
  );
  expect(classEmailText('Lantern class', 'Quillhaven Chess Club')).toMatch(/names children/);
});

test('what is still to come is told, the first thing of it', () => {
  expect(gapText([], PLAIN_TERMS)).toBe('');
  expect(
    gapText([{ kind: 'pieces', pieces: ['knight', 'pawn'] }, { kind: 'another-day' }], PLAIN_TERMS),
  ).toBe('Still to come: knight and pawn.');
  expect(
    gapText([{ kind: 'families', families: ['route', 'reach', 'collect'], count: 1 }], PLAIN_TERMS),
  ).toBe('Still to come: “The shortest way”.');
  expect(
    gapText([{ kind: 'families', families: ['reach', 'route', 'collect'], count: 2 }], PLAIN_TERMS),
  ).toBe('Still to come: 2 exercises. Begin with “Where can it go?”.');
  expect(gapText([{ kind: 'another-day' }], PLAIN_TERMS)).toBe('Show it once more on another day.');
});
