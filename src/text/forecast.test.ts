import { NEW_CHILD_RATING, startPuzzleRating } from '@/core/progress';
import type { SetPuzzle } from '@/contracts/sets';
import type { TaskId } from '@/contracts/ids';
import { forecastText, gradeText, knownText, setProofText, setSummaryText } from '.';

const mate = (mateInMoves: number, number: number, patterns: SetPuzzle['patterns'] = []): SetPuzzle => ({
  taskId: 1 as TaskId,
  family: 'mate',
  fen: '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1',
  mateInMoves,
  mateNoBlocks: undefined,
  keys: [],
  mainLine: '',
  grade: undefined,
  rating: startPuzzleRating(number),
  patterns,
  game: undefined,
});

test('what is proved of a set is said of the mates in it alone', () => {
  const exercise = { taskId: 2 as TaskId, family: 'reach', level: 1, task: {} } as const;
  expect(
    [[], [mate(1, 300)], [mate(1, 300), exercise], [exercise]].map((items) => setProofText(items)),
  ).toEqual([
    '',
    'Every mate is proved.',
    'Every mate is proved. The answers to the exercises are computed from the board.',
    'The answers to the exercises are computed from the board.',
  ]);
});

test('a set is summed up by lengths, levels and names', () => {
  expect(setSummaryText([mate(1, 300)])).toBe('1 mate in 1. All mates of level 1.');
  expect(
    setSummaryText([
      mate(3, 850, ['boden']),
      mate(1, 300, ['smothered']),
      mate(1, 500, ['smothered']),
      { taskId: 2 as TaskId, family: 'find-square', level: 1, task: { square: 'e4', view: 'white' } },
    ] as Parameters<typeof setSummaryText>[0]),
  ).toBe(
    '2 mates in 1, 1 mate in 3 and 1 exercise. Mates of levels 1 to 4. Ends in: Smothered mate (2) and Boden’s mate (1).',
  );
});

test('a forecast says from how much it is told, and nothing that is not known', () => {
  const forecast = { rightAtOnce: 6.6, children: 4, spentMs: 840_000, answers: 48 };
  expect(forecastText(forecast, 12, 'Lantern class')).toBe(
    'A child in Lantern class will probably get about 7 of 12 mates right first time (based on 4 children) and need about 14 minutes (based on 48 answers).',
  );
  expect(forecastText({ ...forecast, spentMs: undefined }, 12, 'Lantern class')).toBe(
    'A child in Lantern class will probably get about 7 of 12 mates right first time (based on 4 children); how long it takes is not known yet.',
  );
  expect(forecastText({ ...forecast, rightAtOnce: undefined, children: 0 }, 12, 'Lantern class')).toBe(
    'No child of Lantern class has answered a mate yet, so nothing can be said of its chances.',
  );
  expect(forecastText(forecast, 0, 'Lantern class')).toBe('');
});

test('what a class has met and what is new to it', () => {
  const known = [{ pattern: 'smothered', answers: 12, right: 9 }] as const;
  expect(knownText(known, ['smothered', 'boden'], 'Lantern class')).toBe(
    'Lantern class has met Smothered mate (9 of 12 right first time). New to it: Boden’s mate.',
  );
  expect(knownText([], [], 'Lantern class')).toBe('');
});

test('once children have answered, the level is theirs, with the doubt that remains', () => {
  const grade = { level: 2, number: 500, reasons: [{ feature: 'men', points: -40 }] } as const;
  expect(gradeText(grade, startPuzzleRating(500))).toBe('Level 2 (500): few pieces.');
  expect(gradeText(grade, { ...NEW_CHILD_RATING, value: 701.4, deviation: 60.2, answers: 1 })).toBe(
    'Level 3 (701 after 1 answer, give or take 120): few pieces.',
  );
});
