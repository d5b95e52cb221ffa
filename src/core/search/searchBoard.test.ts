import { positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { makeFen, makeMoveText } from '../notation';
import { findOutcome, isCheck, listLegalMoves, playMove } from '../rules';
import { createRandom, randomBelow } from '../shared';
import { getSearchBoard, unpackMove } from './searchBoard';

const board = getSearchBoard();

function listMoves(ply: number): string[] {
  const count = board.generate(ply);
  return Array.from({ length: count }, (_, index) =>
    makeMoveText(unpackMove(board.moveAt(ply, index))),
  ).sort();
}

const hash = () => `${board.hashLo()} ${board.hashHi()}`;

test('make and unmake along random games leave the board as it was: moves, hash, check', () => {
  const random = createRandom(99);
  let plies = 0;
  for (const start of randomPositions(12, 60)) {
    board.load(start);
    const seen: { moves: string[]; hash: string }[] = [];
    let position = start;
    for (let ply = 0; ply < 12; ply += 1) {
      const moves = listMoves(ply);
      expect(moves).toEqual(listLegalMoves(position).map(makeMoveText).sort());
      expect(board.isCheck()).toBe(isCheck(position));
      expect(board.countMoves()).toBe(moves.length);
      expect(board.isMated()).toBe(findOutcome(position)?.kind === 'mate');
      if (moves.length === 0) break;
      seen.push({ moves, hash: hash() });
      const packed = board.moveAt(ply, randomBelow(random, moves.length));
      position = playMove(position, unpackMove(packed));
      board.make(packed);
      plies += 1;
    }
    for (const known of seen.reverse()) {
      board.unmake();
      expect({ moves: listMoves(0), hash: hash() }).toEqual(known);
    }
  }
  expect(plies).toBeGreaterThan(400);
});

test('the hash made along the way is the hash of the position set up afresh', () => {
  const random = createRandom(7);
  const known = new Map<string, string>();
  for (const start of randomPositions(21, 80)) {
    board.load(start);
    const count = board.generate(0);
    if (count === 0) continue;
    const packed = board.moveAt(0, randomBelow(random, count));
    board.make(packed);
    const along = hash();
    const after = playMove(start, unpackMove(packed));
    board.load(after);
    expect({ fen: makeFen(after), hash: hash() }).toEqual({ fen: makeFen(after), hash: along });
    known.set(along, makeFen(after).split(' ').slice(0, 3).join(' '));
  }
  expect(new Set(known.values()).size).toBe(known.size);
});

test('a passed square counts in the hash only when a pawn attacks it; turn and rights always do', () => {
  const hashOf = (fen: string) => {
    board.load(positionOf(fen));
    return hash();
  };
  expect(hashOf('4k3/8/8/3p4/8/8/8/4K3 w - d6 0 1')).toBe(hashOf('4k3/8/8/3p4/8/8/8/4K3 w - - 0 1'));
  expect(hashOf('4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1')).not.toBe(hashOf('4k3/8/8/3pP3/8/8/8/4K3 w - - 0 1'));
  expect(hashOf('4k3/8/8/8/8/8/8/4K2R w K - 0 1')).not.toBe(hashOf('4k3/8/8/8/8/8/8/4K2R w - - 0 1'));
  expect(hashOf('4k3/8/8/8/8/8/8/4K2R w - - 0 1')).not.toBe(hashOf('4k3/8/8/8/8/8/8/4K2R b - - 0 1'));
});

test('every move that gives check is among those listed as checks, and nothing illegal is', () => {
  let checks = 0;
  for (const position of randomPositions(31, 400)) {
    board.load(position);
    const legal = listLegalMoves(position);
    const giving = legal.filter((move) => isCheck(playMove(position, move))).map(makeMoveText);
    const count = board.generateChecks(0);
    const listed = Array.from({ length: count }, (_, index) =>
      makeMoveText(unpackMove(board.moveAt(0, index))),
    );
    const hint = makeFen(position);
    expect({ hint, missing: giving.filter((text) => !listed.includes(text)) }).toEqual({ hint, missing: [] });
    const texts = legal.map(makeMoveText);
    expect({ hint, foreign: listed.filter((text) => !texts.includes(text)) }).toEqual({ hint, foreign: [] });
    checks += giving.length;
  }
  expect(checks).toBeGreaterThan(100);
});
