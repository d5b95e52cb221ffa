import { createMateTable } from './mateTable';

test('what is stored is found with all it implies, and nothing more', () => {
  const table = createMateTable();
  table.store(1, 2, 3, true, 77);
  expect([2, 3, 4].map((moves) => table.find(1, 2, moves))).toEqual([undefined, true, true]);
  table.store(1, 2, 2, false, 0);
  expect([1, 2, 3].map((moves) => table.find(1, 2, moves))).toEqual([false, false, true]);
  expect(table.find(1, 3, 3)).toBeUndefined();
});

test('a shorter mate and a longer refutation take the place of weaker ones, never the other way', () => {
  const table = createMateTable();
  table.store(5, 6, 4, true, 9);
  table.store(5, 6, 6, true, 10);
  expect(table.find(5, 6, 4)).toBe(true);
  table.store(5, 6, 3, false, 0);
  table.store(5, 6, 1, false, 0);
  expect(table.find(5, 6, 3)).toBe(false);
});

test('positions that share a place do not answer for each other', () => {
  const table = createMateTable();
  const other = 1 + (1 << 20);
  table.store(1, 2, 3, true, 1);
  expect(table.find(other, 2, 3)).toBeUndefined();
  table.store(other, 2, 3, false, 1);
  expect(table.find(1, 2, 3)).toBeUndefined();
  expect(table.find(other, 2, 3)).toBe(false);
});

test('renewed, it knows nothing', () => {
  const table = createMateTable();
  table.store(1, 2, 3, true, 77);
  table.renew();
  expect(table.find(1, 2, 3)).toBeUndefined();
  expect(table.findMove(1, 2)).toBe(0);
});
