import { PERFT } from '../../../tests/fixtures/positions';
import { makeEpd, parseEpd } from './epd';

test.each([
  '4k3/8/8/8/8/8/8/4K2R w K -',
  '4k3/8/8/8/8/8/8/4K2R w K - bm Rh8+ O-O; id "No. 7";',
  '4k3/8/8/8/8/8/8/4K2R w K - id "a; b \'c\'"; acn 1234; noop;',
  // The example of the PGN standard, section 16.2.3.
  'rnbqkb1r/ppp1pppp/5n2/3p4/3P1B2/8/PPP1PPPP/RN1QKBNR w KQkq - c0 "London";',
])('%s reads and is written the same', (text) => {
  const epd = parseEpd(text);
  expect(epd.ok && makeEpd(epd.value)).toBe(text);
});

test('a whole FEN reads too, counters and all', () => {
  for (const { fen } of PERFT) {
    const epd = parseEpd(fen);
    expect(epd.ok && makeEpd(epd.value)).toBe(fen.split(' ').slice(0, 4).join(' '));
  }
  const counted = parseEpd('4k3/8/8/8/8/8/8/4K2R w - - 97 60');
  expect(counted.ok && counted.value.draft.halfmoves).toBe(97);
});

test('faults of the position are those of the FEN; a broken operation is named by number', () => {
  expect(parseEpd('4k3/8/8/8/8/8/8/4X2R w - - id "x";')).toMatchObject({
    error: { code: 'fen/board-letter' },
  });
  expect(parseEpd('4k3/8/8/8/8/8/8/4K2R w - - id "x"; bm Rh8')).toMatchObject({
    error: { code: 'epd/operation', at: 2, found: 'bm Rh8' },
  });
  expect(parseEpd('')).toMatchObject({ error: { code: 'fen/empty' } });
});
