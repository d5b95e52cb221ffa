/**
 * The player's own board: one byte a square, make and unmake, pawns and kings only. The readable rules of `pawnGame.ts` decide what is
 * allowed; this board only looks ahead quickly, and a test holds its move lists against theirs in random games.
 */
import { findKing } from '../rules';
import type { Side } from '../board';
import type { Move, PositionDraft } from '../rules';
import type { PawnGoal } from './pawnGame';

const PAWN = 1;
const KING = 2;
/** Won now; a win some plies away is worth as many points less. */
export const WON = 10_000;
const KING_STEPS = [-9, -8, -7, -1, 1, 7, 8, 9];

/** A move as one number: from, to, and whether it takes in passing. */
type PackedMove = number;
const pack = (from: number, to: number, isPassing: boolean): PackedMove =>
  from | (to << 6) | (isPassing ? 4096 : 0);
const fromOf = (move: PackedMove) => move & 63;
const toOf = (move: PackedMove) => (move >> 6) & 63;

export interface PawnBoard {
  listMoves(): Move[];
  /**
   * The worth of each move for the side to move, looking so many plies on: exact for the best ones, for others perhaps only that
   * they are less; undefined when the budget of positions, one for all
   * questions, has run out.
   */
  valueMoves(plies: number): { readonly move: Move; readonly value: number }[] | undefined;
}

/** A board of its own for each question: questions come seconds apart. */
export function createPawnBoard(draft: PositionDraft, goal: PawnGoal, budget: number): PawnBoard {
  const men = new Int8Array(64);
  const kings = { 1: findKing(draft.board, 'white') ?? -1, [-1]: findKing(draft.board, 'black') ?? -1 };
  for (const [square, man] of draft.board.entries()) {
    if (man !== undefined) men[square] = sign(man.side) * (man.role === 'king' ? KING : PAWN);
  }
  let turn: 1 | -1 = sign(draft.turn);
  let passed = draft.enPassant ?? -1;
  let left = budget;

  function isAttacked(square: number, by: 1 | -1): boolean {
    const file = square & 7;
    const behind = square - 8 * by;
    if (file > 0 && men[behind - 1] === by * PAWN) return true;
    if (file < 7 && men[behind + 1] === by * PAWN) return true;
    const king = kings[by];
    return king >= 0 && Math.abs((king & 7) - file) <= 1 && Math.abs((king >> 3) - (square >> 3)) <= 1;
  }

  function listAll(): PackedMove[] {
    const moves: PackedMove[] = [];
    for (let square = 0; square < 64; square += 1) {
      const man = men[square];
      if (man === turn * PAWN) listPawn(square, moves);
      else if (man === turn * KING) listKing(square, moves);
    }
    return kings[turn] < 0 ? moves : moves.filter(isSafe);
  }

  function listPawn(square: number, moves: PackedMove[]): void {
    const next = square + 8 * turn;
    if (next < 0 || next > 63) return;
    if (men[next] === 0) {
      moves.push(pack(square, next, false));
      const isHome = square >> 3 === (turn === 1 ? 1 : 6);
      if (isHome && men[next + 8 * turn] === 0) moves.push(pack(square, next + 8 * turn, false));
    }
    for (const aside of [-1, 1]) {
      const file = (square & 7) + aside;
      if (file < 0 || file > 7) continue;
      const to = next + aside;
      if ((men[to] ?? 0) * turn < 0) moves.push(pack(square, to, false));
      else if (to === passed) moves.push(pack(square, to, true));
    }
  }

  function listKing(square: number, moves: PackedMove[]): void {
    for (const step of KING_STEPS) {
      const to = square + step;
      if (to < 0 || to > 63 || Math.abs((to & 7) - (square & 7)) > 1) continue;
      if ((men[to] ?? 0) * turn <= 0) moves.push(pack(square, to, false));
    }
  }

  /** What `unmake` needs, three numbers a move. */
  const undo: number[] = [];

  function make(move: PackedMove): void {
    const from = fromOf(move);
    const to = toOf(move);
    const man = men[from] ?? 0;
    undo.push(move, men[to] ?? 0, passed);
    men[from] = 0;
    men[to] = man;
    if (move >= 4096) men[to - 8 * turn] = 0;
    if (man === turn * KING) kings[turn] = to;
    passed = man === turn * PAWN && Math.abs(to - from) === 16 ? (from + to) >> 1 : -1;
    turn = turn === 1 ? -1 : 1;
  }

  function unmake(): void {
    passed = undo.pop() ?? -1;
    const taken = undo.pop() ?? 0;
    const move = undo.pop() ?? 0;
    const from = fromOf(move);
    const to = toOf(move);
    const man = men[to] ?? 0;
    turn = turn === 1 ? -1 : 1;
    men[from] = man;
    men[to] = taken;
    if (move >= 4096) men[to - 8 * turn] = -turn * PAWN;
    if (man === turn * KING) kings[turn] = from;
  }

  function isSafe(move: PackedMove): boolean {
    const side = turn;
    make(move);
    const isKept = !isAttacked(kings[side], turn);
    unmake();
    return isKept;
  }

  function hasArrived(side: 1 | -1): boolean {
    const first = side === 1 ? 56 : 0;
    for (let square = first; square < first + 8; square += 1) if (men[square] === side * PAWN) return true;
    return false;
  }

  function valueOf(plies: number, least: number, most: number): number {
    left -= 1;
    // The whole question is given up: what is said now is not used.
    if (left < 0) return 0;
    const other = turn === 1 ? -1 : 1;
    if (goal === 'promotion' && hasArrived(other)) return -(WON + plies);
    const moves = listAll();
    if (moves.length === 0) {
      const isMated = kings[turn] >= 0 && isAttacked(kings[turn], other);
      const isLost = isMated || goal === 'last-move' || !men.includes(turn * PAWN);
      return isLost ? -(WON + plies) : 0;
    }
    if (plies <= 0) return estimate(turn) - estimate(other);
    let best = -2 * WON;
    // What goes furthest, or takes, first: most cuts come from there.
    for (let at = moves.length - 1; at >= 0; at -= 1) {
      const move = moves[turn === 1 ? at : moves.length - 1 - at] ?? 0;
      make(move);
      const value = -valueOf(plies - 1, -most, -Math.max(least, best));
      unmake();
      if (value > best) best = value;
      if (best >= most) break;
    }
    return best;
  }

  /** Pawns, the steps they have made, and more for one whose way nobody can stop. */
  function estimate(side: 1 | -1): number {
    let sum = 0;
    for (let square = 0; square < 64; square += 1) {
      if (men[square] !== side * PAWN) continue;
      const steps = side === 1 ? (square >> 3) - 1 : 6 - (square >> 3);
      sum += 20 + steps * (isFree(square, side) ? 8 : 2);
    }
    return sum;
  }

  function isFree(square: number, side: 1 | -1): boolean {
    for (let at = square + 8 * side; at >= 0 && at < 64; at += 8 * side) {
      const file = at & 7;
      if (men[at] === -side * PAWN) return false;
      if (file > 0 && men[at - 1] === -side * PAWN) return false;
      if (file < 7 && men[at + 1] === -side * PAWN) return false;
    }
    return true;
  }

  const unpack = (move: PackedMove): Move => ({ from: fromOf(move), to: toOf(move) });
  return {
    listMoves: () => listAll().map(unpack),
    valueMoves(plies) {
      let best = -2 * WON;
      const valued = listAll().map((move) => {
        make(move);
        // Whatever is not as good as the best so far need only be told to be less.
        const value = -valueOf(plies, -2 * WON, -(best - 1));
        unmake();
        best = Math.max(best, value);
        return { move: unpack(move), value };
      });
      return left < 0 ? undefined : valued;
    },
  };
}

function sign(side: Side): 1 | -1 {
  return side === 'white' ? 1 : -1;
}
