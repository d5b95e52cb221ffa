import { getMan, opponentOf, rankOf, SIDES, type Board, type Role, type Side, type Square } from '../board';
import { failure, success, type Result } from '../shared';
import { KING_TARGETS, listAttackers } from './attacks';
import { findKing, type CastlingWing, type Position, type PositionDraft } from './position';

/** What is impossible about a draft: a code, and the squares or numbers its sentence needs. */
export type PositionFault =
  | { readonly code: 'position/no-king'; readonly side: Side }
  | { readonly code: 'position/many-kings'; readonly side: Side; readonly squares: readonly Square[] }
  | { readonly code: 'position/kings-touch'; readonly squares: readonly Square[] }
  | { readonly code: 'position/pawn-on-edge'; readonly side: Side; readonly square: Square }
  | { readonly code: 'position/too-many-men'; readonly side: Side; readonly found: number }
  | { readonly code: 'position/too-many-pawns'; readonly side: Side; readonly found: number }
  | {
      readonly code: 'position/too-many-promoted';
      readonly side: Side;
      readonly found: number;
      readonly most: number;
    }
  | { readonly code: 'position/waiting-side-in-check'; readonly side: Side; readonly by: readonly Square[] }
  | { readonly code: 'position/too-many-checkers'; readonly side: Side; readonly by: readonly Square[] }
  | { readonly code: 'position/castling-men-moved'; readonly side: Side; readonly wing: CastlingWing }
  | { readonly code: 'position/en-passant-impossible'; readonly square: Square };

/** How many of each role an army starts with (FIDE Laws of Chess, article 2.2). */
const ARMY: Readonly<Record<Role, number>> = { pawn: 8, knight: 2, bishop: 2, rook: 2, queen: 1, king: 1 };

/** Every fault of a draft, most basic first; empty when it is a position. */
export function listPositionFaults(draft: PositionDraft): PositionFault[] {
  const faults = [
    ...SIDES.flatMap((side) => armyFaults(draft.board, side)),
    ...kingFaults(draft),
    ...SIDES.flatMap((side) => castlingFaults(draft, side)),
  ];
  if (draft.enPassant !== undefined && !isEnPassantPossible(draft, draft.enPassant)) {
    faults.push({ code: 'position/en-passant-impossible', square: draft.enPassant });
  }
  return faults;
}

/** The only way from a draft to a position. The failure lists every fault, at least one. */
export function checkPosition(draft: PositionDraft): Result<Position, readonly PositionFault[]> {
  const faults = listPositionFaults(draft);
  return faults.length > 0 ? failure(faults) : success(draft as Position);
}

function armyFaults(board: Board, side: Side): PositionFault[] {
  const faults: PositionFault[] = [];
  const squares = listSquaresByRole(board, side);
  const { king: kings, pawn: pawns } = squares;
  if (kings.length === 0) faults.push({ code: 'position/no-king', side });
  if (kings.length > 1) faults.push({ code: 'position/many-kings', side, squares: kings });
  for (const square of pawns) {
    if (rankOf(square) === 0 || rankOf(square) === 7) {
      faults.push({ code: 'position/pawn-on-edge', side, square });
    }
  }
  const men = Object.values(squares).reduce((sum, { length }) => sum + length, 0);
  if (pawns.length > ARMY.pawn) {
    faults.push({ code: 'position/too-many-pawns', side, found: pawns.length });
  } else if (men > 16) {
    faults.push({ code: 'position/too-many-men', side, found: men });
  } else {
    // Every officer above the starting army must once have been a pawn.
    const officers = ['knight', 'bishop', 'rook', 'queen'] as const;
    const promoted = officers.reduce((sum, role) => sum + Math.max(0, squares[role].length - ARMY[role]), 0);
    const most = ARMY.pawn - pawns.length;
    if (promoted > most) faults.push({ code: 'position/too-many-promoted', side, found: promoted, most });
  }
  return faults;
}

/** In one pass: composers ask this of every board they draw. */
function listSquaresByRole(board: Board, side: Side): Readonly<Record<Role, readonly Square[]>> {
  const squares: Record<Role, Square[]> = { pawn: [], knight: [], bishop: [], rook: [], queen: [], king: [] };
  board.forEach((man, square) => {
    if (man?.side === side) squares[man.role].push(square);
  });
  return squares;
}

function kingFaults({ board, turn }: PositionDraft): PositionFault[] {
  const mover = findKing(board, turn);
  const waiting = opponentOf(turn);
  const other = findKing(board, waiting);
  if (mover !== undefined && other !== undefined && KING_TARGETS[mover]?.includes(other)) {
    return [{ code: 'position/kings-touch', squares: [mover, other] }];
  }
  const faults: PositionFault[] = [];
  if (other !== undefined) {
    const by = listAttackers(board, other, turn);
    if (by.length > 0) faults.push({ code: 'position/waiting-side-in-check', side: waiting, by });
  }
  if (mover !== undefined) {
    const by = listAttackers(board, mover, waiting);
    if (by.length > 2) faults.push({ code: 'position/too-many-checkers', side: turn, by });
  }
  return faults;
}

function castlingFaults({ board, castling }: PositionDraft, side: Side): PositionFault[] {
  const home = side === 'white' ? 0 : 56;
  const isHome = (wing: CastlingWing) =>
    board[home + 4] === getMan(side, 'king') &&
    board[home + (wing === 'short' ? 7 : 0)] === getMan(side, 'rook');
  return (['short', 'long'] as const)
    .filter((wing) => castling[side][wing] && !isHome(wing))
    .map((wing) => ({ code: 'position/castling-men-moved' as const, side, wing }));
}

/** The passed square and the one behind it are empty and the pawn that made the double step stands before it. */
function isEnPassantPossible({ board, turn }: PositionDraft, square: Square): boolean {
  const forward = turn === 'white' ? 8 : -8;
  const rank = turn === 'white' ? 5 : 2;
  return (
    rankOf(square) === rank &&
    board[square] === undefined &&
    board[square + forward] === undefined &&
    board[square - forward] === getMan(opponentOf(turn), 'pawn')
  );
}
