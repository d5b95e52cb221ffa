/**
 * Thirteen of the names told again in plain code on chess.js (a reference library of the rules), from the words of the chess
 * literature (from memory), and compared over composed mates of every name: the matcher says a name exactly when this says it.
 */
import { Chess, type Color, type PieceSymbol, type Square } from 'chess.js';
import { getPosition, makeFen, parseMoveText } from '../notation';
import { namePatterns, PATTERN_IDS, type PatternId } from '../patterns';
import { playMove } from '../rules';
import { createRandom } from '../shared';
import { composePatternMate, createTaskSearches } from '.';

type Spot = readonly [file: number, rank: number];
const AROUND: readonly Spot[] = [-1, 0, 1].flatMap((file) =>
  [-1, 0, 1].flatMap((rank): Spot[] => (file === 0 && rank === 0 ? [] : [[file, rank]])),
);

/** A mated position seen from its king: spots are steps from it, ranks counted towards the mating side's home. */
function lookAt(fen: string) {
  const chess = new Chess(fen);
  if (!chess.isCheckmate()) throw new Error(`no mate: ${fen}`);
  const mated: Color = chess.turn();
  const mating: Color = mated === 'w' ? 'b' : 'w';
  const king = chess.findPiece({ type: 'k', color: mated })[0] ?? 'a1';
  const home = mated === 'b' ? '8' : '1';
  const squareAt = ([file, rank]: Spot): Square | undefined => {
    const name = `${String.fromCharCode(king.charCodeAt(0) + file)}${Number(king[1]) + (mated === 'b' ? rank : -rank)}`;
    return /^[a-h][1-8]$/.test(name) ? (name as Square) : undefined;
  };
  const manAt = (spot: Spot) => {
    const square = squareAt(spot);
    return square === undefined ? undefined : chess.get(square);
  };
  const exists = (spot: Spot) => squareAt(spot) !== undefined;
  const isOwn = (spot: Spot) => manAt(spot)?.color === mated;
  const isTheirs = (spot: Spot, ...types: PieceSymbol[]) => {
    const man = manAt(spot);
    return man?.color === mating && types.includes(man.type);
  };
  const checkers = chess.attackers(king, mating);
  const checker = checkers[0];
  const isChecker = (spot: Spot, ...types: PieceSymbol[]) =>
    checkers.length === 1 && squareAt(spot) === checker && isTheirs(spot, ...types);
  const checkedBy = checker === undefined || checkers.length > 1 ? undefined : chess.get(checker)?.type;
  const holds = (spot: Spot, type: PieceSymbol): Square[] => {
    const square = squareAt(spot);
    // The king is lifted off: lines run on through it.
    const lifted = new Chess(fen);
    lifted.remove(king);
    return square === undefined
      ? []
      : lifted.attackers(square, mating).filter((from) => chess.get(from)?.type === type);
  };
  /** Is it still mate when only these men of the mating side stay? */
  const isMateWith = (stays: (square: Square) => boolean) => {
    const left = new Chess(fen);
    for (const row of left.board())
      for (const man of row) if (man?.color === mating && !stays(man.square)) left.remove(man.square);
    const again = new Chess();
    again.load(left.fen().replace(/ \S+ \S+ \d+ \d+$/, ' - - 0 1'), { skipValidation: true });
    return again.isCheckmate();
  };
  return {
    corner: /^[ah][18]$/.test(king),
    onHome: king[1] === home,
    onEdge: /^[ah]|[18]$/.test(king),
    onSide: /^[ah][2-7]$/.test(king),
    inward: king.startsWith('a') ? 1 : -1,
    neighbours: AROUND.filter(exists),
    ...{ squareAt, manAt, exists, isOwn, isTheirs, isChecker, checker, checkedBy, holds, isMateWith },
  };
}

const STRAIGHT: readonly Spot[] = [[0, 1], [1, 0], [0, -1], [-1, 0]]; // prettier-ignore
const SLANT: readonly Spot[] = [[1, 1], [1, -1], [-1, -1], [-1, 1]]; // prettier-ignore
const times = ([file, rank]: Spot, by: number): Spot => [file * by, rank * by];
const plus = ([file, rank]: Spot, [more, up]: Spot): Spot => [file + more, rank + up];

const TOLD: Partial<Readonly<Record<PatternId, (at: ReturnType<typeof lookAt>) => boolean>>> = {
  smothered: (at) => at.checkedBy === 'n' && at.neighbours.every(at.isOwn),
  'david-goliath': (at) =>
    at.checkedBy === 'p' && at.neighbours.some((spot) => at.isOwn(spot) && at.manAt(spot)?.type === 'p'),
  'back-rank': (at) => {
    const front = ([[-1, -1], [0, -1], [1, -1]] as const).filter(at.exists); // prettier-ignore
    const isAlong = [-7, -6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6, 7].some((file) =>
      at.isChecker([file, 0], 'r', 'q'),
    );
    return (
      at.onHome && isAlong && front.every(at.isOwn) && front.some((spot) => at.manAt(spot)?.type === 'p')
    );
  },
  anastasia: (at) => {
    const knight: Spot = [3 * at.inward, 0];
    const isAlong = [-6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6].some((rank) =>
      at.isChecker([0, rank], 'r', 'q'),
    );
    return (
      at.onSide &&
      isAlong &&
      at.isOwn([at.inward, 0]) &&
      at.isTheirs(knight, 'n') &&
      !at.isMateWith((square) => square !== at.squareAt(knight))
    );
  },
  arabian: (at) =>
    at.corner &&
    STRAIGHT.some((spot) => at.isChecker(spot, 'r')) &&
    SLANT.some((spot) => at.isTheirs(times(spot, 2), 'n')),
  epaulette: (at) =>
    at.onHome &&
    at.isChecker([0, -2], 'q') &&
    at.isOwn([-1, 0]) &&
    at.isOwn([1, 0]) &&
    !(
      [
        [-1, -1],
        [1, -1],
      ] as const
    ).every(at.isOwn) && // prettier-ignore
    at.isMateWith((square) => square === at.checker),
  'swallows-tail': (at) =>
    STRAIGHT.some((spot) => {
      const behind = times(spot, -1);
      const across: Spot = [spot[1], spot[0]];
      return (
        at.isChecker(spot, 'q') && at.isOwn(plus(behind, across)) && at.isOwn(plus(behind, times(across, -1)))
      );
    }),
  dovetail: (at) =>
    SLANT.some((spot) => at.isChecker(spot, 'q') && at.isOwn([-spot[0], 0]) && at.isOwn([0, -spot[1]])),
  opera: (at) =>
    at.onHome &&
    [-1, 1].some(
      (file) =>
        at.isChecker([file, 0], 'r') &&
        at.exists([2 * file, 0]) &&
        at.neighbours.some(at.isOwn) &&
        at
          .holds([file, 0], 'b')
          .some((from) =>
            [2, 3, 4, 5, 6].some((steps) => from === at.squareAt([file - steps * file, -steps])),
          ),
    ),
  'damiano-bishop': (at) =>
    at.onHome &&
    at.isChecker([0, -1], 'q') &&
    at
      .holds([0, -1], 'b')
      .some(
        (bishop) =>
          !at.isMateWith((square) => square !== bishop) &&
          at.isMateWith((square) => square === bishop || square === at.checker),
      ),
  'queen-king-support': (at) =>
    at.onEdge &&
    !at.neighbours.some(at.isOwn) &&
    AROUND.some(
      (spot) =>
        at.isChecker(spot, 'q') &&
        at
          .holds(spot, 'k')
          .some((king) => at.isMateWith((square) => square === king || square === at.checker)),
    ),
  hook: (at) =>
    at.neighbours.some((spot) => at.isOwn(spot) && at.manAt(spot)?.type === 'p') &&
    STRAIGHT.some(
      (spot) =>
        at.isChecker(spot, 'r') &&
        at.neighbours.some(
          (next) =>
            at.isTheirs(next, 'n') &&
            at.holds(spot, 'n').some((from) => from === at.squareAt(next)) &&
            !at.isMateWith((square) => square !== at.squareAt(next)) &&
            at.holds(next, 'p').some((pawn) => !at.isMateWith((square) => square !== pawn)),
        ),
    ),
  suffocation: (at) => {
    const free = at.neighbours.filter((spot) => !at.isOwn(spot));
    const blocked = at.neighbours.length - free.length;
    return (
      at.checkedBy === 'n' &&
      blocked >= 2 &&
      free.length > 0 &&
      at
        .holds(free[0] ?? [0, 1], 'b')
        .some(
          (bishop) =>
            free.every((spot) => at.holds(spot, 'b').includes(bishop)) &&
            at.isMateWith((square) => square === bishop || square === at.checker),
        )
    );
  },
};

const searches = createTaskSearches();
const SEEDS = 15;

test('over composed mates of every name the matcher and the plain telling agree', () => {
  const fens = PATTERN_IDS.flatMap((id) =>
    Array.from({ length: SEEDS }, (_, seed) => {
      const made = composePatternMate(createRandom(7_000 + seed), searches, id, {
        moves: 1,
        added: seed % 8,
      });
      const move = parseMoveText(made?.proof.nodes[0]?.moves[0]?.move ?? '');
      if (made === undefined || move === undefined) throw new Error(`nothing for ${id}`);
      return makeFen(playMove(getPosition(made.fen), move));
    }),
  );
  const said = new Map<string, number>();
  const differences = fens.flatMap((fen) => {
    const named = namePatterns(getPosition(fen)).filter(({ reading }) => reading === 'strict');
    const view = lookAt(fen);
    return Object.entries(TOLD).flatMap(([id, tells]) => {
      const isNamed = named.some((match) => match.id === id);
      if (isNamed) said.set(id, (said.get(id) ?? 0) + 1);
      return tells(view) === isNamed ? [] : [{ fen, id, isNamed }];
    });
  });
  expect(differences).toEqual([]);
  for (const id of Object.keys(TOLD)) expect(said.get(id) ?? 0).toBeGreaterThanOrEqual(SEEDS);
});
