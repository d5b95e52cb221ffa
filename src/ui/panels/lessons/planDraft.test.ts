import type { Segment } from '@/contracts/lessons';
import { addSegment, changeSegment, findBoard, listStarts, readItem } from './planDraft';

const TWO = addSegment(addSegment([], 'show', 'a'), 'practise', 'b');

test('a new segment stands last with its usual minutes, and a change touches it alone', () => {
  expect(TWO.map(({ key, kind, minutes }) => [key, kind, minutes])).toEqual([
    ['a', 'show', 10],
    ['b', 'practise', 15],
  ]);
  const changed = changeSegment(TWO, 'b', { title: 'Knights' });
  expect(changed[0]).toBe(TWO[0]);
  expect(changed[1]).toEqual({ ...TWO[1], title: 'Knights' } satisfies Partial<Segment>);
});

test('each segment begins where the one before ends', () => {
  expect(listStarts([...TWO, ...addSegment([], 'play', 'c')])).toEqual([0, 10, 25]);
  expect(listStarts([])).toEqual([]);
});

test('a text is a position, moves, or neither', () => {
  const fen = '8/8/8/8/3N4/8/8/8 w - - 0 1';
  expect(readItem(` ${fen} `, 'Alone')).toEqual({ kind: 'position', fen, label: 'Alone' });
  expect(readItem('1. e4 e5', '')).toEqual({ kind: 'line', pgn: '1. e4 e5', label: '' });
  for (const text of ['', 'knights', '1. e5', '9/8 w']) expect(readItem(text, '')).toBeUndefined();
});

test('positions, lines and named mates have a board; exercises and sets have none', () => {
  expect(
    findBoard({ kind: 'position', fen: '8/8/8/8/3N4/8/8/8 w - - 0 1', label: '' })?.board[27]?.role,
  ).toBe('knight');
  expect(findBoard({ kind: 'line', pgn: '1. e4', label: '' })).toMatchObject({ turn: 'white' });
  expect(findBoard({ kind: 'pattern', pattern: 'smothered' })?.turn).toBeUndefined();
  expect(findBoard({ kind: 'round', family: 'find-square', level: 1, seed: 1, count: 1 })).toBeUndefined();
});
