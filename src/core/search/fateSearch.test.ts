import { findLegal } from '../../../tests/fixtures/moves';
import { bruteMatingMoves } from '../../../tests/fixtures/bruteForce';
import { positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { MAN_VALUES } from '../board';
import { makeFen, makeMoveText, makeSan, makeSanLine } from '../notation';
import type { Fate } from '../proof';
import { findOutcome, isSameMove, listLegalMoves, passTurn, playMove } from '../rules';
import { createFateSearch } from '.';

const search = createFateSearch();
const tableOf = (fen: string, plies = 4) => search.listFates(positionOf(fen), { plies }).moves;
const fateOf = (fen: string, san: string, plies = 4): Fate =>
  search.findFate(positionOf(fen), findLegal(fen, san), { plies });

test('after 1 e4 e5 2 Bc4 Bc5 3 Qh5 nine of thirty moves stop the mate at once (common practice: counted by hand)', () => {
  const fates = tableOf('rnbqk1nr/pppp1ppp/8/2b1p2Q/2B1P3/8/PPPP1PPP/RNB1K1NR b KQkq - 3 3');
  expect(fates).toHaveLength(30);
  expect(fates.filter(({ fate }) => !(fate.kind === 'mated' && fate.inMoves === 1))).toHaveLength(9);
});

test.each([
  ['6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1', 'Ra8#', { kind: 'mates', inMoves: 1 }],
  ['7k/8/5K2/8/8/8/8/R7 w - - 0 1', 'Kf7', { kind: 'mates', inMoves: 2 }],
  ['6k1/5ppp/8/8/q7/8/5PPP/3R2K1 w - - 0 1', 'Rc1', { kind: 'material', gain: 0 }],
  ['6k1/5ppp/8/8/q7/8/5PPP/3R2K1 w - - 0 1', 'Kh1', { kind: 'mated', inMoves: 1 }],
  ['k7/8/1K6/8/8/8/8/2Q5 w - - 0 1', 'Qc7', { kind: 'draw', why: 'stalemate', seenPlies: undefined }],
  // FIDE Laws of Chess, article 5.2.2: bare kings.
  ['8/8/8/8/8/5k2/5p2/5K2 w - - 0 1', 'Kxf2', undefined],
  ['7k/8/8/8/8/8/6p1/6K1 w - - 0 1', 'Kxg2', { kind: 'draw', why: 'dead', seenPlies: undefined }],
  // Article 9.3: the hundredth ply without capture or pawn move.
  ['7k/8/8/8/8/8/1R6/6K1 w - - 99 90', 'Kf1', { kind: 'draw', why: 'fifty', seenPlies: undefined }],
  // The queen is taken by a pawn; it is seen, not proved.
  [
    'r1bqkb1r/pppp1ppp/2n2n2/4p2Q/2B1P3/8/PPPP1PPP/RNB1K1NR w KQkq - 4 4',
    'Qg6',
    { kind: 'material', gain: -9 },
  ],
] as const)('%s: %s', (fen, san, expected) => {
  if (expected === undefined)
    expect(listLegalMoves(positionOf(fen)).map((move) => makeSan(positionOf(fen), move))).not.toContain(san);
  else expect(fateOf(fen, san)).toMatchObject(expected);
});

test('a line goes as far as it changes material and no further', () => {
  const fen = '6k1/5ppp/8/3r4/8/7P/3Q1PP1/6K1 w - - 0 1';
  const fate = fateOf(fen, 'Qa5');
  expect(makeSanLine(positionOf(fen), fate.line)).toEqual(['Qa5', 'Rxa5']);
});

test('the scale of values is a parameter', () => {
  const fen = '6k1/5ppp/8/3b4/8/1B6/5PPP/6K1 w - - 0 1';
  const gain = (bishop: number) => {
    const values = { ...MAN_VALUES, bishop };
    const fate = search.findFate(positionOf(fen), findLegal(fen, 'Bxd5'), { plies: 3, values });
    return fate.kind === 'material' ? fate.gain : undefined;
  };
  expect([gain(3), gain(3.25)]).toEqual([3, 3.25]);
});

test('every legal move stands in the table once, best first; proofs agree with brute force, lines are legal', () => {
  let proved = 0;
  for (const position of [...randomPositions(31, 240)].filter((_, index) => index % 6 === 0)) {
    const table = search.listFates(position, { plies: 3 });
    expect(table.moves.map(({ move }) => makeMoveText(move)).sort()).toEqual(
      listLegalMoves(position).map(makeMoveText).sort(),
    );
    const mating = bruteMatingMoves(position, 1);
    for (const { move, fate } of table.moves) {
      const isMate = mating.some((other) => isSameMove(other, move));
      expect({ fen: makeFen(position), isMate: fate.kind === 'mates' && fate.inMoves === 1 }).toEqual({
        fen: makeFen(position),
        isMate,
      });
      const allows = bruteMatingMoves(playMove(position, move), 1).length > 0;
      if (allows) expect(fate).toMatchObject({ kind: 'mated', inMoves: 1 });
      const end = fate.line.reduce((at, next) => {
        expect(listLegalMoves(at).map(makeMoveText)).toContain(makeMoveText(next));
        return playMove(at, next);
      }, position);
      if (fate.kind === 'mates' || fate.kind === 'mated') {
        proved += 1;
        expect(findOutcome(end)?.kind).toBe('mate');
        expect(fate.line).toHaveLength(fate.kind === 'mates' ? 2 * fate.inMoves - 1 : 2 * fate.inMoves);
      }
    }
  }
  expect(proved).toBeGreaterThan(20);
});

test('the same budget gives the same table, node for node; a small one keeps the depth seen before', () => {
  const position = positionOf('r4rk1/1pp1qppp/p1np1n2/2b1p1B1/2B1P1b1/P1NP1N2/1PP1QPPP/R4RK1 w - - 0 10');
  const once = search.listFates(position, { plies: 4, budgetNodes: 60_000 });
  expect(search.listFates(position, { plies: 4, budgetNodes: 60_000 })).toEqual(once);
  const seen = new Set(once.moves.map(({ fate }) => (fate.kind === 'material' ? fate.seenPlies : 0)));
  expect(Math.max(...seen)).toBeLessThanOrEqual(4);
});

test('passing: what the other side would do if it were its turn again', () => {
  const passed = passTurn(positionOf('6k1/5ppp/8/8/8/8/5PPP/R5K1 b - - 0 1'));
  if (passed === undefined) throw new Error('not in check');
  expect(search.listFates(passed, { plies: 2 }).moves[0]).toMatchObject({
    fate: { kind: 'mates', inMoves: 1 },
  });
  expect(passTurn(positionOf('4k3/8/8/8/8/8/4r3/4K3 w - - 0 1'))).toBeUndefined();
});

test('the ply that reaches the fifty-move limit may still mate, in what is proved and in what is seen', () => {
  // Kf7 Kh7 Rh1#: the mate is the hundredth ply (FIDE Laws of Chess, article 9.3).
  expect(fateOf('7k/8/5K2/8/8/8/8/R7 w - - 97 90', 'Kf7')).toMatchObject({ kind: 'mates', inMoves: 2 });
  // One later nobody mates in time: the draw is told.
  expect(fateOf('7k/8/5K2/8/8/8/8/R7 w - - 98 90', 'Kf7')).toMatchObject({ kind: 'draw', why: 'fifty' });
});
