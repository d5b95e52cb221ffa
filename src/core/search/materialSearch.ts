/**
 * What material becomes of within a few plies: negamax with principal variation windows to a fixed depth, every legal move tried,
 * then on along captures, promotions, checks and their evasions until the position is quiet (general literature on quiescence
 * search, from memory). Only material counts, in hundredths of a pawn; there is no opinion about positions.
 *
 * No table and no pruning beyond the windows: a score of mate is then a mate by force, since a side in check is always given all
 * its evasions and a side that is not may stand still. The same question gives the same answer, node for node.
 */
import { ROLES, type Square, type ValueScale } from '../board';
import { FIFTY_MOVES_PLIES } from './fiftyMoves';
import type { Meter } from './meter';
import type { PackedMove, SearchBoard } from './searchBoard';

/** A mate at ply p scores MATE - p for the side that gives it. */
export const MATE = 1_000_000;
const ENDLESS = 2_000_000;
/** Depth and the quiet end together stay below this. */
const MAX_PLIES = 64;
/** Checks that take nothing are followed for so many plies behind the depth; captures and evasions to their end. */
const CHECK_PLIES = 3;
/** Beyond this the position is taken as it stands; only long series of checks and evasions come here. */
const QUIET_PLIES = 24;

export interface MaterialSearch {
  /** Sets the scale for the position on the board; `clock` = plies since the last capture or pawn move. */
  start(values: ValueScale, clock: number): void;
  /** Best play from the position on the board, seen to `plies`, for the side to move, in hundredths; `guess` = an earlier score. */
  search(plies: number, guess: number | undefined): number;
  /** The moves of the last search. */
  line(): PackedMove[];
}

export function createMaterialSearch(board: SearchBoard, meter: Meter): MaterialSearch {
  /** By code: men of White count for White, of Black against. */
  const worth = new Int32Array(32);
  /** [ply * MAX_PLIES + i]: the best line from a ply on, 0 at its end. */
  const lines = new Int32Array((MAX_PLIES + 1) * MAX_PLIES);
  const ranks = new Int32Array(128 * 256);
  /** Two quiet moves a ply that were too good for the other side lately, and how often such moves were. */
  const killers = new Int32Array(256);
  const history = new Int32Array(16 * 64);
  const pathLo = new Int32Array(256);
  const pathHi = new Int32Array(256);
  const clocks = new Int32Array(256);
  /** White's material less Black's at each ply. */
  const whiteBalance = new Int32Array(256);
  /** Is White to move at the root of the question? */
  let isWhiteFirst = true;

  function make(move: PackedMove, ply: number): void {
    const mover = board.codeAt(move & 63);
    const promotion = (move >> 12) & 7;
    const captured = board.capturedCode(move);
    const sign = mover <= 6 ? 1 : -1;
    let balance = whiteBalance[ply]! - worth[captured]!;
    if (promotion !== 0) balance += sign * (Math.abs(worth[promotion + 1]!) - Math.abs(worth[1]!));
    clocks[ply + 1] = board.isZeroing(move) ? 0 : clocks[ply]! + 1;
    board.make(move);
    whiteBalance[ply + 1] = balance;
    pathLo[ply + 1] = board.hashLo();
    pathHi[ply + 1] = board.hashHi();
  }

  function balanceAt(ply: number): number {
    return (ply % 2 === 0) === isWhiteFirst ? whiteBalance[ply]! : -whiteBalance[ply]!;
  }

  /** Has this position occurred on the way here, or is the game drawn by the clock or for want of men? */
  function isDrawn(ply: number): boolean {
    const clock = clocks[ply]!;
    // The move that reaches the limit may still mate.
    if (clock >= FIFTY_MOVES_PLIES) return !board.isMated();
    for (let back = ply - 4; back >= 0 && ply - back <= clock; back -= 2) {
      if (pathLo[back] === board.hashLo() && pathHi[back] === board.hashHi()) return true;
    }
    return board.isDeadByMaterial();
  }

  function endLine(ply: number): void {
    lines[ply * MAX_PLIES] = 0;
  }

  function keepLine(move: PackedMove, ply: number): void {
    const at = ply * MAX_PLIES;
    const next = at + MAX_PLIES;
    lines[at] = move;
    let index = 0;
    for (; index < MAX_PLIES - 2 && lines[next + index] !== 0; index += 1) {
      lines[at + index + 1] = lines[next + index]!;
    }
    lines[at + index + 1] = 0;
  }

  /** Captures of the dearest by the cheapest first, then the killer, then what was good elsewhere. */
  function rankOf(move: PackedMove, ply: number): number {
    const captured = board.capturedCode(move);
    const promotion = (move >> 12) & 7;
    if (captured !== 0 || promotion !== 0) {
      const gained = Math.abs(worth[captured]!) + (promotion === 0 ? 0 : Math.abs(worth[promotion + 1]!));
      return (1 << 28) + gained * 64 - (board.codeAt(move & 63) % 6);
    }
    if (killers[ply * 2] === move) return (1 << 27) + 1;
    if (killers[ply * 2 + 1] === move) return 1 << 27;
    return history[(board.codeAt(move & 63) << 6) | ((move >> 6) & 63)]!;
  }

  function order(count: number, ply: number): void {
    const at = ply << 8;
    for (let index = 0; index < count; index += 1) {
      const move = board.moveAt(ply, index);
      const rank = rankOf(move, ply);
      let place = index;
      for (; place > 0 && ranks[at + place - 1]! < rank; place -= 1) {
        ranks[at + place] = ranks[at + place - 1]!;
        board.setMoveAt(ply, place, board.moveAt(ply, place - 1));
      }
      ranks[at + place] = rank;
      board.setMoveAt(ply, place, move);
    }
  }

  function remember(move: PackedMove, plies: number, ply: number): void {
    if (board.capturedCode(move) !== 0 || (move >> 12) & 7) return;
    if (killers[ply * 2] !== move) {
      killers[ply * 2 + 1] = killers[ply * 2]!;
      killers[ply * 2] = move;
    }
    const at = (board.codeAt(move & 63) << 6) | ((move >> 6) & 63);
    history[at] = Math.min(1 << 26, history[at]! + plies * plies);
  }

  function negamax(plies: number, ply: number, alpha: number, beta: number): number {
    meter.visit();
    endLine(ply);
    if (ply > 0 && isDrawn(ply)) return 0;
    if (plies <= 0) return settle(ply, 0, alpha, beta);
    const count = board.generate(ply);
    if (count === 0) return board.isCheck() ? ply - MATE : 0;
    order(count, ply);
    let best = -ENDLESS;
    let low = alpha;
    for (let index = 0; index < count; index += 1) {
      const move = board.moveAt(ply, index);
      make(move, ply);
      let score =
        index === 0
          ? -negamax(plies - 1, ply + 1, -beta, -low)
          : -negamax(plies - 1, ply + 1, -low - 1, -low);
      if (index > 0 && score > low && score < beta) score = -negamax(plies - 1, ply + 1, -beta, -low);
      board.unmake();
      if (score <= best) continue;
      best = score;
      if (score <= low) continue;
      low = score;
      keepLine(move, ply);
      if (low >= beta) {
        remember(move, plies, ply);
        break;
      }
    }
    return best;
  }

  /** Goes on until nothing is taken and nobody is in check. A side that is not in check may stand still. */
  function settle(ply: number, depth: number, alpha: number, beta: number): number {
    endLine(ply);
    const isInCheck = board.isCheck();
    if (depth >= QUIET_PLIES) return balanceAt(ply);
    if (depth === 0 && !isInCheck && board.countMoves() === 0) return 0;
    let best = -ENDLESS;
    let low = alpha;
    if (!isInCheck) {
      best = balanceAt(ply);
      if (best >= beta) return best;
      low = Math.max(low, best);
    }
    const captures = isInCheck ? board.generate(ply) : board.generateCaptures(ply);
    if (isInCheck && captures === 0) return ply - MATE;
    order(captures, ply);
    const checks = isInCheck || depth >= CHECK_PLIES ? 0 : 1;
    for (let stage = 0; stage <= checks; stage += 1) {
      const count = stage === 0 ? captures : board.generateChecks(ply);
      for (let index = 0; index < count; index += 1) {
        const move = board.moveAt(ply, index);
        if (stage === 1 && (board.capturedCode(move) !== 0 || (move >> 12) & 7)) continue;
        meter.visit();
        make(move, ply);
        if (stage === 1 && !board.isCheck()) {
          board.unmake();
          continue;
        }
        const score = isDrawn(ply + 1) ? drawNow(ply + 1) : -settle(ply + 1, depth + 1, -beta, -low);
        board.unmake();
        if (score <= best) continue;
        best = score;
        if (score <= low) continue;
        low = score;
        keepLine(move, ply);
        if (low >= beta) return best;
      }
    }
    return best;
  }

  function drawNow(ply: number): number {
    endLine(ply);
    return 0;
  }

  return {
    start(values, clock) {
      for (const [index, role] of ROLES.entries()) {
        worth[index + 1] = Math.round(values[role] * 100);
        worth[index + 7] = -Math.round(values[role] * 100);
      }
      killers.fill(0);
      history.fill(0);
      lines.fill(0);
      let balance = 0;
      for (let square: Square = 0; square < 64; square += 1) balance += worth[board.codeAt(square)]!;
      isWhiteFirst = board.isWhiteToMove();
      whiteBalance[0] = balance;
      clocks[0] = clock;
      pathLo[0] = board.hashLo();
      pathHi[0] = board.hashHi();
    },
    search(plies, guess) {
      // Scores come in coarse steps, so a window round the last score is mostly right and much quicker than an open one.
      if (guess === undefined) return negamax(plies, 0, -ENDLESS, ENDLESS);
      const score = negamax(plies, 0, guess - 1, guess + 1);
      return score === guess ? score : negamax(plies, 0, -ENDLESS, ENDLESS);
    },
    line() {
      const moves: PackedMove[] = [];
      for (let at = 0; lines[at] !== 0; at += 1) moves.push(lines[at]!);
      return moves;
    },
  };
}
