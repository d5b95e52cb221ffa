/** What a mate looks like round its king: worked out once for a position, and some only when a picture asks for it. */
import {
  opponentOf,
  QUEEN_STEPS,
  tabulateSteps,
  type Board,
  type Role,
  type Side,
  type Square,
} from '../board';
import { findKing, isCheckmate, listAttackers, type Position } from '../rules';

/** A square next to the mated king. */
export interface Neighbour {
  readonly square: Square;
  /** A man of the mated side stands there. */
  readonly isBlocked: boolean;
  /** Men of the mating side that guard it, lines running on through the king. */
  readonly guards: readonly Square[];
}

export interface MateBoard {
  readonly board: Board;
  readonly mated: Side;
  readonly king: Square;
  readonly checkers: readonly Square[];
  readonly neighbours: readonly Neighbour[];
  /** The mating side's men that protect the man on a square or guard it. */
  listGuards(square: Square): readonly Square[];
  /** Is it no longer mate without this man? */
  isEssential(square: Square): boolean;
  /** Is it mate with only these men of the mating side? */
  doSuffice(squares: readonly Square[]): boolean;
  /** The men of the mating side of these roles. */
  listMen(roles: readonly Role[]): readonly Square[];
}

const NEIGHBOURS = tabulateSteps(QUEEN_STEPS);

/** The mate on the board; undefined when the side to move is not mated. */
export function openMate(position: Position): MateBoard | undefined {
  if (!isCheckmate(position)) return undefined;
  const { board, turn } = position;
  const king = findKing(board, turn);
  if (king === undefined) return undefined;
  const their = opponentOf(turn);
  const lifted = board.slice();
  lifted[king] = undefined;
  const guardsOf = new Map<Square, readonly Square[]>();
  const essential = new Map<Square, boolean>();

  function listGuards(square: Square): readonly Square[] {
    const known = guardsOf.get(square);
    if (known !== undefined) return known;
    const guards = listAttackers(lifted, square, their);
    guardsOf.set(square, guards);
    return guards;
  }
  function isMateOn(changed: Board): boolean {
    return isCheckmate({ ...position, board: changed });
  }
  return {
    board,
    mated: turn,
    king,
    checkers: listAttackers(board, king, their),
    neighbours: (NEIGHBOURS[king] ?? []).map((square) => ({
      square,
      isBlocked: board[square]?.side === turn,
      guards: listGuards(square),
    })),
    listGuards,
    isEssential(square) {
      const known = essential.get(square);
      if (known !== undefined) return known;
      const without = board.slice();
      without[square] = undefined;
      const isNeeded = !isMateOn(without);
      essential.set(square, isNeeded);
      return isNeeded;
    },
    doSuffice: (squares) =>
      isMateOn(
        board.map((man, square) => (man?.side === their && !squares.includes(square) ? undefined : man)),
      ),
    listMen: (roles) =>
      board.flatMap((man, square) => (man?.side === their && roles.includes(man.role) ? [square] : [])),
  };
}
