import { PERFT, randomPositions } from '../../../tests/fixtures/positions';
import { makeFen, parseFen } from './fen';

test('what is written reads back the same, on standard and 300 random positions', () => {
  const fens = [...PERFT.map(({ fen }) => fen), ...[...randomPositions(5, 300)].map(makeFen)];
  expect(fens.length).toBeGreaterThan(300);
  for (const fen of fens) {
    const draft = parseFen(fen);
    expect(draft.ok && makeFen(draft.value)).toBe(fen);
  }
});

test('four fields are enough, as in EPD, and spaces around do not matter', () => {
  const draft = parseFen('  4k3/8/8/8/8/8/8/4K3   b - -\n');
  expect(draft.ok && makeFen(draft.value)).toBe('4k3/8/8/8/8/8/8/4K3 b - - 0 1');
});

test.each([
  ['', { code: 'fen/empty' }],
  ['x'.repeat(500), { code: 'fen/too-long', found: 500, most: 120 }],
  ['4k3/8/8/8/8/8/8/4K3 w', { code: 'fen/field-count', found: 2 }],
  ['4k3/8/8/8/8/8/4K3 w - -', { code: 'fen/rank-count', field: 'board', found: 7 }],
  ['4k3/8/8/8/8/8/8/4K4 w - -', { code: 'fen/rank-length', field: 'board', at: 1, found: 9 }],
  ['4k3/8/8/7/8/8/8/4K3 w - -', { code: 'fen/rank-length', field: 'board', at: 5, found: 7 }],
  ['4k3/8/8/8/8/8/8/4X3 w - -', { code: 'fen/board-letter', field: 'board', at: 18, found: 'X' }],
  ['4k3/8/8/8/8/8/8/4K3 x - -', { code: 'fen/field-text', field: 'side', found: 'x' }],
  ['4k3/8/8/8/8/8/8/4K3 w QK -', { code: 'fen/field-text', field: 'castling', found: 'QK' }],
  ['4k3/8/8/8/8/8/8/4K3 w - e4', { code: 'fen/field-text', field: 'en-passant', found: 'e4' }],
  ['4k3/8/8/8/8/8/8/4K3 w - - x 1', { code: 'fen/field-text', field: 'half-moves', found: 'x' }],
  ['4k3/8/8/8/8/8/8/4K3 w - - 0 0', { code: 'fen/field-text', field: 'move-number', found: '0' }],
] as const)('%s is refused with where and what', (text, fault) => {
  expect(parseFen(text)).toEqual({ ok: false, error: fault });
});
