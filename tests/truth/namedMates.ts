/**
 * The strict readings of the named mates told again in plain code on chess.js (a reference library of the rules), from the words of the
 * chess literature (from memory); nothing of `src/core` but the list of names.
 */
import { Chess, type Color, type PieceSymbol, type Square } from 'chess.js';
import type { PatternId } from '@/core/patterns';

const PIECES: readonly PieceSymbol[] = ['k', 'q', 'r', 'b', 'n', 'p'];
type Spot = readonly [file: number, rank: number];
const AROUND: readonly Spot[] = [-1, 0, 1].flatMap((file) =>
  [-1, 0, 1].flatMap((rank): Spot[] => (file === 0 && rank === 0 ? [] : [[file, rank]])),
);

/** A mated position seen from its king: spots are steps from it, ranks counted towards the mating side's home. */
export function lookAt(fen: string) {
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
  const neighbours = AROUND.filter(exists);
  const isEmpty = (spot: Spot) => exists(spot) && manAt(spot) === undefined;
  const essential = (square: Square | undefined) =>
    square !== undefined && !isMateWith((other) => other !== square);
  const suffice = (...squares: readonly (Square | undefined)[]) =>
    isMateWith((square) => squares.includes(square));
  return {
    /** The king's square as if Black were mated. */
    name: mated === 'b' ? king : `${king.charAt(0)}${9 - Number(king.charAt(1))}`,
    menOf: (type: PieceSymbol) => chess.findPiece({ type, color: mating }),
    blocked: neighbours.filter(isOwn).length,
    isShut: (spot: Spot) => !exists(spot) || isOwn(spot),
    anyHolds: (spot: Spot) => PIECES.some((type) => holds(spot, type).length > 0),
    king,
    ...{ isEmpty, essential, suffice },
    corner: /^[ah][18]$/.test(king),
    onHome: king[1] === home,
    onEdge: /^[ah]|[18]$/.test(king),
    onSide: /^[ah][2-7]$/.test(king),
    inward: king.startsWith('a') ? 1 : -1,
    neighbours,
    ...{
      checkers,
      squareAt,
      manAt,
      exists,
      isOwn,
      isTheirs,
      isChecker,
      checker,
      checkedBy,
      holds,
      isMateWith,
    },
  };
}

const STRAIGHT: readonly Spot[] = [[0, 1], [1, 0], [0, -1], [-1, 0]]; // prettier-ignore
const SLANT: readonly Spot[] = [[1, 1], [1, -1], [-1, -1], [-1, 1]]; // prettier-ignore
const times = ([file, rank]: Spot, by: number): Spot => [file * by, rank * by];
const plus = ([file, rank]: Spot, [more, up]: Spot): Spot => [file + more, rank + up];

/** Spots on a line from a spot on, so many steps away at least. */
const line = (from: Spot, step: Spot, least: number): Spot[] =>
  [1, 2, 3, 4, 5, 6, 7].filter((steps) => steps >= least).map((steps) => plus(from, times(step, steps)));
const HERE: Spot = [0, 0];
const HEAVY = ['r', 'q'] as const;
/** The picture and its mirror image: the king's square, and the side towards h is 1. */
const wing = (at: Mated, right: string): 1 | -1 | undefined =>
  at.name === right
    ? 1
    : at.name === `${'hgfedcba'.charAt('abcdefgh'.indexOf(right.charAt(0)))}${right.charAt(1)}`
      ? -1
      : undefined;
const slope = (from: Square, to: Square) =>
  Math.sign((to.charCodeAt(0) - from.charCodeAt(0)) * (Number(to.charAt(1)) - Number(from.charAt(1))));
/** Eight ways to lay the picture on the board: the two steps that are right and in front there. */
const TURNS: readonly (readonly [right: Spot, front: Spot])[] = STRAIGHT.flatMap((front) =>
  STRAIGHT.filter(([file, rank]) => file * front[0] + rank * front[1] === 0).map(
    (right) => [right, front] as const,
  ),
);
/** A bishop that checks, and the other bishops by whether they guard on one kind of diagonal only: across the check, or along it. */
function secondBishops(at: Mated, way: 'across' | 'along'): Square[] {
  const { checker } = at;
  if (at.checkedBy !== 'b' || checker === undefined) return [];
  const across = -slope(checker, at.king);
  return at.menOf('b').filter((bishop) => {
    const slopes = new Set(
      at.neighbours
        .filter(
          (spot) => !at.isOwn(spot) && at.squareAt(spot) !== checker && at.holds(spot, 'b').includes(bishop),
        )
        .map((spot) => slope(bishop, at.squareAt(spot) ?? bishop)),
    );
    return bishop !== checker && slopes.size === 1 && slopes.has(across) === (way === 'across');
  });
}
type Mated = ReturnType<typeof lookAt>;

/** Is it this mate, in the strict reading? */
export const TOLD: Readonly<Record<PatternId, (at: Mated) => boolean>> = {
  legal: (at) =>
    at.name === 'e7' && at.isChecker([-1, -2], 'n') && at.isTheirs([1, 0], 'b') && at.isTheirs([0, -2], 'n'),
  scholars: (at) =>
    at.name === 'e8' &&
    at.isChecker([1, -1], 'q') &&
    at.isOwn([-1, 0]) &&
    !at.isTheirs([1, 0], ...PIECES) &&
    [[2, 0] as const, ...line([1, -1], [-1, -1], 1)].some((spot) => {
      const square = at.squareAt(spot);
      return square !== undefined && at.holds([1, -1], 'b').includes(square);
    }),
  fools: (at) =>
    at.name === 'e8' &&
    line(HERE, [1, -1], 2).some((spot) => at.isChecker(spot, 'q')) &&
    at.isEmpty([1, -1]) &&
    at.blocked === at.neighbours.length - 1,
  'max-lange': (at) => {
    const side = wing(at, 'h7');
    if (side === undefined) return false;
    const bishop = at.squareAt([-2 * side, 0]);
    return (
      at.isChecker([-side, 1], 'q') &&
      at.isTheirs([-2 * side, 0], 'b') &&
      at.essential(bishop) &&
      at.holds([-side, 1], 'b').some((square) => square === bishop)
    );
  },
  lolli: (at) => {
    const side = wing(at, 'g8');
    return side !== undefined && at.isChecker([0, -1], 'q') && at.isTheirs([-side, -2], 'p');
  },
  damiano: (at) => {
    const side = wing(at, 'g8');
    return side !== undefined && at.isChecker([side, -1], 'q') && at.isTheirs([0, -2], 'p');
  },
  anderssen: (at) => {
    const side = wing(at, 'g8');
    return (
      side !== undefined &&
      at.isChecker([side, 0], ...HEAVY) &&
      at.isTheirs([0, -1], 'p') &&
      at.anyHolds([0, -1])
    );
  },
  mayet: (at) => {
    const side = wing(at, 'g8');
    return (
      side !== undefined &&
      at.isChecker([side, 0], 'r') &&
      line([side, 0], [-side, -1], 2).some((spot) =>
        at.holds([side, 0], 'b').some((square) => square === at.squareAt(spot)),
      )
    );
  },
  blackburne: (at) =>
    at.onHome &&
    [-1, 1].some(
      (side) =>
        at.isChecker([side, -1], 'b') &&
        at.isOwn([-side, 0]) &&
        at.holds([side, -1], 'n').some(at.essential) &&
        at.menOf('b').some((bishop) => bishop !== at.checker && at.essential(bishop)),
    ),
  pillsbury: (at) => {
    const side = wing(at, 'g8');
    if (side === undefined || !at.isOwn([-1, -1]) || !at.isOwn([1, -1])) return false;
    const rooks = line(HERE, [0, -1], 2).filter((spot) => at.checkers.some((by) => by === at.squareAt(spot)));
    const others = at.checkers.filter((by) => !rooks.some((spot) => by === at.squareAt(spot)));
    return (
      rooks.some((spot) => at.isTheirs(spot, 'r')) &&
      others.length <= 1 &&
      others.every((by) => at.menOf('b').includes(by)) &&
      at
        .menOf('b')
        .some(
          (bishop) =>
            at.essential(bishop) &&
            at.holds([side, 0], 'b').includes(bishop) &&
            at.holds([0, -1], 'b').includes(bishop),
        )
    );
  },
  morphy: (at) => {
    const side = wing(at, 'h8');
    return (
      side !== undefined &&
      line(HERE, [-side, -1], 2).some((spot) => at.isChecker(spot, 'b')) &&
      at.isOwn([0, -1]) &&
      line([-side, 0], [0, -1], 1).some((spot) => {
        const rook = at.squareAt(spot);
        return (
          at.isTheirs(spot, 'r') &&
          at.essential(rook) &&
          at.holds([-side, 0], 'r').some((square) => square === rook)
        );
      })
    );
  },
  greco: (at) => {
    const side = wing(at, 'h8');
    return (
      side !== undefined &&
      line(HERE, [0, -1], 2).some((spot) => at.isChecker(spot, ...HEAVY)) &&
      at.isOwn([-side, -1]) &&
      at.manAt([-side, -1])?.type === 'p' &&
      at.isEmpty([-side, 0]) &&
      at.holds([-side, 0], 'b').some(at.essential)
    );
  },
  reti: (at) =>
    at.name.charAt(1) === '7' &&
    at.blocked >= 4 &&
    [-1, 1].some(
      (side) =>
        at.isChecker([side, 1], 'b') &&
        HEAVY.some((type) =>
          at
            .holds([side, 1], type)
            .some((square) => line([side, 1], [0, -1], 1).some((spot) => at.squareAt(spot) === square)),
        ),
    ),
  vukovic: (at) =>
    at.onEdge &&
    !at.corner &&
    STRAIGHT.some((front) => {
      const knight = at.squareAt(times(front, 2));
      return (
        !at.exists(times(front, -1)) &&
        at.isChecker(front, 'r') &&
        at.isTheirs(times(front, 2), 'n') &&
        at.essential(knight) &&
        (['k', 'p'] as const).some((type) => at.holds(front, type).length > 0)
      );
    }),
  'kill-box': (at) =>
    TURNS.some(
      ([right, front]) =>
        at.isChecker(right, 'r') &&
        at.isEmpty(front) &&
        at.isShut(times(front, -1)) &&
        at.isTheirs(plus(times(right, -1), times(front, 2)), 'q'),
    ),
  triangle: (at) =>
    TURNS.some(
      ([right, front]) =>
        at.isChecker(plus(right, front), 'q') &&
        at.isEmpty(front) &&
        at.isShut(times(front, -1)) &&
        at.isTheirs(plus(times(right, -1), front), 'r'),
    ),
  corner: (at) =>
    at.corner &&
    at.checkedBy === 'n' &&
    [-1, 1].some((rank) =>
      [-1, 1].some(
        (file) =>
          at.isOwn([0, rank]) &&
          line([file, 0], [0, rank], 1).some((spot) => {
            const heavy = at.squareAt(spot);
            return (
              heavy !== undefined &&
              at.isTheirs(spot, ...HEAVY) &&
              [[file, 0] as const, [file, rank] as const].every((flight) =>
                HEAVY.some((type) => at.holds(flight, type).includes(heavy)),
              ) &&
              at.suffice(heavy, at.checker)
            );
          }),
      ),
    ),
  ladder: (at) =>
    STRAIGHT.some((front) => {
      const across: Spot = [front[1], front[0]];
      const sides = [across, times(across, -1)];
      const fronts = [front, ...sides.map((side) => plus(front, side))].filter(at.exists);
      return (
        !at.exists(times(front, -1)) &&
        !sides.some(at.isOwn) &&
        sides.some((side) => line(HERE, side, 2).some((spot) => at.isChecker(spot, ...HEAVY))) &&
        fronts.every(at.isEmpty) &&
        sides.some((side) =>
          line(front, side, 2).some((spot) => {
            const fence = at.squareAt(spot);
            return (
              fence !== undefined &&
              fronts.every((flight) => HEAVY.some((type) => at.holds(flight, type).includes(fence)))
            );
          }),
        )
      );
    }),
  boden: (at) =>
    at.blocked >= 2 &&
    secondBishops(at, 'across').some((bishop) => at.essential(bishop) && at.suffice(bishop, at.checker)),
  'double-bishop': (at) =>
    at.onEdge &&
    at.blocked >= 1 &&
    secondBishops(at, 'along').some((bishop) => at.essential(bishop) && at.suffice(bishop, at.checker)),
  balestra: (at) =>
    at.checkedBy === 'b' &&
    at.blocked <= 1 &&
    at.menOf('q').some((queen) => {
      const alone = at.neighbours.filter(
        (spot) =>
          !at.isOwn(spot) &&
          at.squareAt(spot) !== at.checker &&
          PIECES.flatMap((type) => at.holds(spot, type)).join() === queen,
      );
      return alone.length >= 2 && at.suffice(queen, at.checker);
    }),
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
