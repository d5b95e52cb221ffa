import { planItemText, PLAIN_TERMS } from '.';

const line = (pgn: string, label = '') =>
  planItemText({ kind: 'line', pgn, label }, () => undefined, PLAIN_TERMS);

test('a line says what of it the board does not show', () => {
  expect(line('1. e4 e5 2. Nf3 *')).toBe('1. e4 e5 2. Nf3');
  expect(line('1. e4 e5 {the mirror} 2. Nf3 *', 'Open game')).toBe(
    'Open game: 1. e4 e5 2. Nf3 (comments and variations are not shown)',
  );
  expect(line('1. e4 e5 (1... c5) 2. Nf3 *')).toMatch(/are not shown\)$/);
});
