/** What is exported is read back by chess.js to the same positions, and by our own reader to the same game. */
import { Chess } from 'chess.js';
import { positionOf } from '../../../tests/fixtures/positions';
import { createTaskSearches, makeMateTask } from '../compose';
import { getMove, makeFen, makePgn, parseEpd, readPgn } from '../notation';
import { playMove } from '../rules';
import { listMainLine, makePuzzleEpd, makePuzzleGame } from '.';
import type { SolvedPuzzle } from './puzzleFiles';

const FENS = [
  '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1',
  '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1',
  // Several keys; Black to move.
  '7k/8/4K3/8/8/8/8/1Q6 w - - 0 1',
  'r5k1/8/8/8/8/8/5PPP/6K1 b - - 0 1',
];
const searches = createTaskSearches();

function solve(fen: string): SolvedPuzzle {
  const made = makeMateTask(searches, positionOf(fen), { maxMoves: 3 });
  if (made.kind !== 'task') throw new Error(fen);
  return { fen, mateInMoves: made.graph.mateInMoves, proof: made.graph };
}

test.each(FENS)('the game of %s ends in the same mate for chess.js', (fen) => {
  const puzzle = solve(fen);
  const text = makePgn(makePuzzleGame(puzzle, new Map([['Event', 'Knots and ropes']])));
  const chess = new Chess();
  chess.loadPgn(text);
  const end = listMainLine(puzzle.proof).map(getMove).reduce(playMove, positionOf(fen));
  expect(chess.fen().split(' ')[0]).toBe(makeFen(end).split(' ')[0]);
  expect(chess.isCheckmate()).toBe(true);
  expect(chess.getHeaders()).toMatchObject({
    FEN: fen,
    SetUp: '1',
    Result: fen.includes(' w ') ? '1-0' : '0-1',
  });
  // Our own reader sees every variation, and nothing to warn of.
  const [read, ...more] = [...readPgn(text)];
  expect(more).toEqual([]);
  expect(read?.warnings).toEqual([]);
  expect(read?.fault).toBeUndefined();
  expect(read?.game && makePgn(read.game)).toBe(text);
});

test('several keys are all in the line of EPD, and its strings hold no quote of their own', () => {
  const line = makePuzzleEpd(solve(FENS[2] ?? ''), 'Knots "and" ropes, 3', 'a\nb');
  const epd = parseEpd(line);
  if (!epd.ok) throw new Error(line);
  expect(epd.value.operations).toEqual([
    { opcode: 'bm', operands: 'Qg1 Qb7 Kf6' },
    { opcode: 'c0', operands: '"a b"' },
    { opcode: 'dm', operands: '3' },
    { opcode: 'id', operands: `"Knots 'and' ropes, 3"` },
    { opcode: 'pv', operands: expect.stringMatching(/^Qg1 \S+ \S+ \S+ \S+#$/) as string },
  ]);
});
