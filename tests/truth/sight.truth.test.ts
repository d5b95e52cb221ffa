/** The sight of a piece held against plain code (boards without kings) and chess.js (exchanges in games), on boards nobody chose. */
import { MAN_VALUES } from '@/core/board';
import { findSight } from '@/core/tactics';
import { drawBrought } from './broughtBoards';
import { exchangeBy, movesOf, turned } from './chessBoard';
import {
  listAttacked,
  listAttackersOf,
  listTakersAfter,
  listTargets,
  nameOf,
  readBoard,
  squareOf,
} from './plainBoard';

const sorted = (squares: readonly number[]) => squares.toSorted((a, b) => a - b);

test.each([true, false])('attacks, protects, ways and who may take there (kings: %s)', (hasKings) => {
  let ways = 0;
  for (let seed = 71_000; seed < 71_060; seed += 1) {
    const { draft, fen } = drawBrought(seed, hasKings);
    const board = readBoard(fen);
    const { cells } = board;
    for (const [square, piece] of cells.entries()) {
      const sight = findSight(draft, square, MAN_VALUES);
      if (piece === undefined) {
        expect(sight).toBeUndefined();
        continue;
      }
      const seen = listAttacked(cells, square).filter((to) => cells[to] !== undefined);
      const isOwn = (to: number) => cells[to]?.isWhite === piece.isWhite;
      const place = { cells, passed: piece.isWhite === board.isWhiteToMove ? board.passed : undefined };
      const asItsTurn = piece.isWhite === board.isWhiteToMove ? fen : turned(fen);
      const castles = hasKings
        ? movesOf(asItsTurn).filter((move) => move.isKingsideCastle() || move.isQueensideCastle())
        : [];
      const targets = listTargets(place, square);
      expect({
        at: nameOf(square),
        attacks: sorted(sight?.attacks ?? []),
        protects: sorted(sight?.protects ?? []),
        attackers: sorted(sight?.attackers ?? []),
        protectors: sorted(sight?.protectors ?? []),
        untouched: sorted(
          (sight?.ways ?? []).flatMap((way) =>
            way.safety === 'untouched' && targets.includes(way.square) ? [way.square] : [],
          ),
        ),
        isEachWayThere: sight?.ways.every(
          (way) => targets.includes(way.square) || castles.some(({ to }) => squareOf(to) === way.square),
        ),
      }).toEqual({
        at: nameOf(square),
        attacks: sorted(seen.filter((to) => !isOwn(to))),
        protects: sorted(seen.filter(isOwn)),
        attackers: sorted(listAttackersOf(cells, square, !piece.isWhite)),
        protectors: sorted(listAttackersOf(cells, square, piece.isWhite)),
        untouched: sorted(targets.filter((to) => listTakersAfter(cells, square, to).length === 0)),
        isEachWayThere: true,
      });
      ways += targets.length;
    }
  }
  expect(ways).toBeGreaterThan(1000);
});

test('what is sound and what is lost in a game is what the exchange there comes to', () => {
  const counts = { sound: 0, lost: 0 };
  for (let seed = 72_000; seed < 72_040; seed += 1) {
    const { draft, fen } = drawBrought(seed, true);
    for (const move of movesOf(fen)) {
      if (move.promotion !== undefined && move.promotion !== 'q') continue;
      const sight = findSight(draft, squareOf(move.from), MAN_VALUES);
      const safety = sight?.ways.find(({ square }) => square === squareOf(move.to))?.safety;
      if (safety === undefined) throw new Error(`${fen}: ${move.san} is no way`);
      if (safety === 'untouched') continue;
      expect([fen, move.san, safety]).toEqual([fen, move.san, exchangeBy(move) >= 0 ? 'sound' : 'lost']);
      counts[safety] += 1;
    }
  }
  expect(counts.sound).toBeGreaterThan(50);
  expect(counts.lost).toBeGreaterThan(50);
});
