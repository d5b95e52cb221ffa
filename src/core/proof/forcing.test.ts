/** Forcing moves: every legal move falls into its kind, checked by the readable rules one by one. */
import { getPosition, makeSan } from '../notation';
import { isCheck, listLegalMoves, playMove } from '../rules';
import { listForcing, type ForcingKind } from '.';

function sans(fen: string): Record<ForcingKind, string[]> {
  const position = getPosition(fen);
  const { checks, captures, threats } = listForcing(position);
  const told = (moves: typeof checks) => moves.map((move) => makeSan(position, move)).sort();
  return { checks: told(checks), captures: told(captures), threats: told(threats) };
}

test('checks, captures and threats of mate of a middlegame with the books’ smothered mate in it', () => {
  const found = sans('n4r1k/6pp/p6N/1p6/2Q5/1P6/P4PPP/6Kb w - - 0 1');
  expect(found.checks).toEqual(['Nf7+', 'Qg8+']);
  expect(found.captures).toEqual(['Kxh1', 'Qxb5']);
});

test('a quiet move that threatens mate in one is a threat, and no other quiet move is', () => {
  // 1 Qh6 threatens 2 Qg7#; the rooks guard the last rank.
  const found = sans('r2r2k1/5p1p/5Pp1/8/5Q2/8/8/6K1 w - - 0 1');
  expect(found).toEqual({ checks: [], captures: [], threats: ['Qh6'] });
});

test('a capture with check is told once, as a check', () => {
  const position = getPosition('4k3/4r3/8/8/8/8/8/4R1K1 w - - 0 1');
  const { checks, captures } = listForcing(position);
  expect(checks.map((move) => makeSan(position, move))).toEqual(['Rxe7+']);
  expect(captures).toEqual([]);
});

test('kinds do not overlap, and every check of the legal moves is there', () => {
  for (const fen of [
    'r4rk1/1pp1qppp/p1np1n2/2b1p1B1/2B1P1b1/P1NP1N2/1PP1QPPP/R4RK1 w - - 0 10',
    'r3k2r/p1ppqpb1/bn2pnp1/3PN3/1p2P3/2N2Q1p/PPPBBPPP/R3K2R w KQkq - 0 1',
  ]) {
    const position = getPosition(fen);
    const { checks, captures, threats } = listForcing(position);
    const all = [...checks, ...captures, ...threats].map((move) => makeSan(position, move));
    expect(new Set(all).size).toBe(all.length);
    const legal = listLegalMoves(position).filter((move) => isCheck(playMove(position, move)));
    expect(checks).toEqual(legal);
    expect(captures.every(({ to }) => position.board[to] !== undefined)).toBe(true);
  }
});
