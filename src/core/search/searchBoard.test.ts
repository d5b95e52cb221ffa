import { positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { makeFen, makeMoveText } from '../notation';
import { isCheck, listLegalMoves, playMove } from '../rules';
import { createRandom, randomBelow } from '../shared';
import { createSearchBoard, unpackMove } from './searchBoard';

const board = createSearchBoard();

function listMoves(ply: number): string[] {
  const count = board.generate(ply);
  return Array.from({ length: count }, (_, index) =>
    makeMoveText(unpackMove(board.moveAt(ply, index))),
  ).sort();
}

test('make and unmake along random games leave the board as it was, move lists and all', () => {
  const random = createRandom(99);
  let plies = 0;
  for (const start of randomPositions(12, 60)) {
    board.load(start);
    const seen: string[][] = [];
    let position = start;
    for (let ply = 0; ply < 12; ply += 1) {
      const moves = listMoves(ply);
      expect(moves).toEqual(listLegalMoves(position).map(makeMoveText).sort());
      expect(board.isCheck()).toBe(isCheck(position));
      if (moves.length === 0) break;
      seen.push(moves);
      const packed = board.moveAt(ply, randomBelow(random, moves.length));
      position = playMove(position, unpackMove(packed));
      board.make(packed);
      plies += 1;
    }
    for (const moves of seen.reverse()) {
      board.unmake();
      expect(listMoves(0)).toEqual(moves);
    }
  }
  expect(plies).toBeGreaterThan(400);
});

test('a move that gives check is never ruled out beforehand', () => {
  let checks = 0;
  for (const position of randomPositions(31, 400)) {
    board.load(position);
    const count = board.generate(0);
    board.prepareChecks();
    const packed = Array.from({ length: count }, (_, index) => board.moveAt(0, index));
    const may = packed.map((move) => board.mayGiveCheck(move));
    packed.forEach((move, index) => {
      board.make(move);
      const gives = board.isCheck();
      board.unmake();
      if (!gives) return;
      checks += 1;
      const hint = `${makeFen(position)} ${makeMoveText(unpackMove(move))}`;
      expect({ hint, may: may[index] }).toEqual({ hint, may: true });
    });
  }
  expect(checks).toBeGreaterThan(100);
});

test('promote brings one move to the front and keeps the order of the others', () => {
  board.load(positionOf('4k3/8/8/8/8/8/8/4K2R w K - 0 1'));
  const count = board.generate(0);
  const before = Array.from({ length: count }, (_, index) => board.moveAt(0, index));
  board.promote(0, 0, 3);
  const after = Array.from({ length: count }, (_, index) => board.moveAt(0, index));
  const third = before[3];
  expect(after).toEqual([third, ...before.filter((move) => move !== third)]);
});
