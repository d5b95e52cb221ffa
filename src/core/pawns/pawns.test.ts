import { Chess } from 'chess.js';
import { parseSquareName, type Side } from '../board';
import { getDraft, makeFen, makeMoveText } from '../notation';
import type { Move, PositionDraft } from '../rules';
import { createRandom, pickOne } from '../shared';
import {
  choosePawnMove,
  findPawnEnd,
  listPawnMoves,
  playPawnMove,
  startPawnGame,
  type PawnStrength,
} from '.';
import { createPawnBoard } from './pawnBoard';

const ALL_FILES = [0, 1, 2, 3, 4, 5, 6, 7];
const names = (moves: readonly Move[]) => moves.map(makeMoveText).sort();

/** Every position of so many random games. */
function* randomGames(count: number, hasKings: boolean): Generator<PositionDraft> {
  for (let seed = 0; seed < count; seed += 1) {
    const random = createRandom(seed);
    let place = startPawnGame(ALL_FILES, hasKings);
    for (let ply = 0; ply < 80; ply += 1) {
      yield place;
      const moves = listPawnMoves(place);
      if (moves.length === 0) break;
      place = playPawnMove(place, pickOne(random, moves));
    }
  }
}

test.each([true, false])('the quick board has the moves of the readable rules (kings: %s)', (hasKings) => {
  let positions = 0;
  for (const place of randomGames(30, hasKings)) {
    expect([makeFen(place), names(createPawnBoard(place, 'last-move', 1).listMoves())]).toEqual([
      makeFen(place),
      names(listPawnMoves(place)),
    ]);
    positions += 1;
  }
  expect(positions).toBeGreaterThan(800);
});

test('with kings the moves are those of chess.js, a promotion counted once', () => {
  let positions = 0;
  for (const place of randomGames(20, true)) {
    // On the far row a pawn stands as no chess board knows it.
    if (place.board.some((man, at) => man?.role === 'pawn' && (at < 8 || at > 55))) continue;
    const theirs = new Chess(makeFen(place)).moves({ verbose: true }).map(({ from, to }) => `${from}${to}`);
    expect(names(listPawnMoves(place))).toEqual([...new Set(theirs)].sort());
    positions += 1;
  }
  expect(positions).toBeGreaterThan(300);
});

test('how a game ends, by both goals', () => {
  const end = (fen: string, goal: 'promotion' | 'last-move') => findPawnEnd(getDraft(fen), goal);
  expect(end('P7/8/8/8/8/8/7p/8 b - - 0 1', 'promotion')).toEqual({ winner: 'white', why: 'far-row' });
  expect(end('P7/8/8/8/8/8/7p/8 b - - 0 1', 'last-move')).toBeUndefined();
  // Two pawns face each other: nobody can move.
  expect(end('8/8/8/p7/P7/8/8/8 w - - 0 1', 'promotion')).toEqual({ winner: undefined, why: 'no-move' });
  expect(end('8/8/8/p7/P7/8/8/8 w - - 0 1', 'last-move')).toEqual({ winner: 'black', why: 'no-move' });
  expect(end('8/8/8/8/P7/8/8/8 b - - 0 1', 'promotion')).toEqual({ winner: 'white', why: 'no-men-left' });
  // Pawns and king together: the king on h8 has no square and is attacked.
  expect(end('7k/5KPp/7P/8/8/8/8/8 b - - 0 1', 'promotion')).toEqual({ winner: 'white', why: 'mate' });
  expect(end('8/8/8/4k3/4p3/4K3/8/8 w - - 40 1', 'promotion')).toEqual({
    winner: undefined,
    why: 'quiet-moves',
  });
});

test('a pawn is taken in passing at once, and then no more', () => {
  const start = getDraft('8/p7/8/1P6/8/8/8/8 b - - 0 1');
  const at = (name: string) => parseSquareName(name) ?? -1;
  const passed = playPawnMove(start, { from: at('a7'), to: at('a5') });
  expect(names(listPawnMoves(passed))).toEqual(['b5a6', 'b5b6']);
  expect(playPawnMove(passed, { from: at('b5'), to: at('a6') }).board[at('a5')]).toBeUndefined();
  expect(names(listPawnMoves({ ...passed, enPassant: undefined }))).toEqual(['b5b6']);
});

/** Points of the first in so many games, colours by turns. */
function match(one: PawnStrength, other: PawnStrength, games: number): number {
  let points = 0;
  for (let game = 0; game < games; game += 1) {
    const side: Side = game % 2 === 0 ? 'white' : 'black';
    let place = startPawnGame(ALL_FILES, false);
    for (;;) {
      const end = findPawnEnd(place, 'promotion');
      if (end !== undefined) {
        points += end.winner === side ? 1 : end.winner === undefined ? 0.5 : 0;
        break;
      }
      const move = choosePawnMove(place, 'promotion', place.turn === side ? one : other, game);
      if (move === undefined) throw new Error(makeFen(place));
      place = playPawnMove(place, move);
    }
  }
  return points;
}

test('the three strengths are three: each wins most games against the one below', () => {
  expect(match('steady', 'gentle', 20)).toBeGreaterThanOrEqual(14);
  expect(match('strong', 'steady', 20)).toBeGreaterThanOrEqual(12);
});

test('the same board and seed have the same reply, and a win at once is taken', () => {
  const place = getDraft('8/P6p/8/8/8/8/1p6/8 w - - 0 1');
  for (let seed = 0; seed < 20; seed += 1) {
    for (const strength of ['steady', 'strong'] as const) {
      const move = choosePawnMove(place, 'promotion', strength, seed);
      expect(move && makeMoveText(move)).toBe('a7a8');
    }
    const start = startPawnGame([0, 1, 2], false);
    expect(choosePawnMove(start, 'promotion', 'gentle', seed)).toEqual(
      choosePawnMove(start, 'promotion', 'gentle', seed),
    );
  }
});
