import { Chess } from 'chess.js';
import { makeFen, makeMoveText, makeSan } from '../notation';
import { listSearchMoves, searchPerft } from '../search';
import { PERFT, positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { boardText, perft } from './debug';
import { findOutcome, isCheck, listLegalMoves, playMove } from '.';

describe('perft, against the published counts', () => {
  test('there are six standard positions', () => expect(PERFT).toHaveLength(6));

  test.each(PERFT)('$fen, the readable rules to depth 3', ({ fen, counts }) => {
    for (const depth of [1, 2, 3]) expect(perft(positionOf(fen), depth)).toBe(counts[depth - 1]);
  });

  test.each(PERFT)("$fen, the prover's board: start position to depth 5, others to 4", ({ fen, counts }) => {
    const deepest = fen === PERFT[0]?.fen ? 5 : 4;
    for (let depth = 1; depth <= deepest; depth += 1) {
      expect(searchPerft(positionOf(fen), depth)).toBe(counts[depth - 1]);
    }
  });
});

describe('against chess.js, move list by move list', () => {
  const SEED = 20_260_817;

  test('1,000 random positions: moves, SAN, check, mate and stalemate agree', () => {
    let compared = 0;
    for (const position of randomPositions(SEED, 1000)) {
      const fen = makeFen(position);
      const oracle = new Chess(fen);
      const theirs = oracle
        .moves({ verbose: true })
        .map((move) => `${move.from}${move.to}${move.promotion ?? ''} ${move.san}`)
        .sort();
      const ours = listLegalMoves(position)
        .map((move) => `${makeMoveText(move)} ${makeSan(position, move)}`)
        .sort();
      const hint = `seed ${SEED}, position ${compared}: ${fen}\n${boardText(position)}`;
      expect({ hint, moves: ours }).toEqual({ hint, moves: theirs });
      expect({ hint, isCheck: isCheck(position) }).toEqual({ hint, isCheck: oracle.isCheck() });
      const kind = findOutcome(position)?.kind;
      expect({ hint, mate: kind === 'mate', stalemate: kind === 'stalemate' }).toEqual({
        hint,
        mate: oracle.isCheckmate(),
        stalemate: oracle.isStalemate(),
      });
      compared += 1;
    }
    expect(compared).toBe(1000);
  });

  test("the prover's board finds the same moves as the rules", () => {
    for (const position of randomPositions(SEED + 1, 1000)) {
      const ours = listSearchMoves(position).map(makeMoveText).sort();
      expect(ours).toEqual(listLegalMoves(position).map(makeMoveText).sort());
    }
  });
});

describe('special moves', () => {
  const textsOf = (fen: string) => listLegalMoves(positionOf(fen)).map(makeMoveText);

  test('castling: not out of, through or into check; an attacked rook or b-file square does not matter', () => {
    const castles = (men: string) =>
      textsOf(`${men} w KQ - 0 1`).filter((text) => text === 'e1g1' || text === 'e1c1');
    expect(castles('4k3/8/8/8/8/8/8/R3K2R')).toEqual(['e1g1', 'e1c1']);
    expect(castles('4k3/4r3/8/8/8/8/8/R3K2R')).toEqual([]);
    expect(castles('4k3/5r2/8/8/8/8/8/R3K2R')).toEqual(['e1c1']);
    expect(castles('4k3/2r5/8/8/8/8/8/R3K2R')).toEqual(['e1g1']);
    expect(castles('4k3/1r5r/8/8/8/8/8/R3K2R')).toEqual(['e1g1', 'e1c1']);
  });

  test('en passant is there at once and gone a move later, and not when it uncovers the king', () => {
    expect(textsOf('4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1')).toContain('e5d6');
    expect(textsOf('4k3/8/8/3pP3/8/8/8/4K3 w - - 0 1')).not.toContain('e5d6');
    expect(textsOf('4k3/8/8/K2pP2r/8/8/8/8 w - d6 0 1')).not.toContain('e5d6');
  });

  test('a promotion takes a home rook and its right with it', () => {
    const position = positionOf('r3k3/1P6/8/8/8/8/8/4K3 w q - 0 1');
    const move = listLegalMoves(position).find((each) => makeMoveText(each) === 'b7a8q');
    expect(move && playMove(position, move).castling.black.long).toBe(false);
  });
});

describe('how a game ends on the board', () => {
  test.each([
    ['R5k1/5ppp/8/8/8/8/8/6K1 b - - 0 1', { kind: 'mate', winner: 'white' }],
    ['k7/2Q5/1K6/8/8/8/8/8 b - - 0 1', { kind: 'stalemate' }],
    ['8/8/4k3/8/8/3K4/8/8 w - - 0 1', { kind: 'dead' }],
    ['8/8/4k3/8/8/3KN3/8/8 w - - 0 1', { kind: 'dead' }],
    // Bishops on b1 and d1 stand on squares of one colour, those on b1 and c1 do not.
    ['8/8/4k3/8/8/3K4/8/1B1b4 w - - 0 1', { kind: 'dead' }],
    ['8/8/4k3/8/8/3K4/8/1Bb5 w - - 0 1', undefined],
    ['8/8/4k3/8/8/3K4/4P3/8 w - - 0 1', undefined],
  ] as const)('%s', (fen, outcome) => expect(findOutcome(positionOf(fen))).toEqual(outcome));
});
