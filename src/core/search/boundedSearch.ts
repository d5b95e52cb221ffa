/**
 * Complete AND/OR search to a bounded length. Question: can the side to move force mate within n moves, whatever is answered?
 * Every legal move of both sides is tried, quiet ones and underpromotions too, so "no" is a proof as well.
 *
 * What makes it quick (general literature on AND/OR search and mate solvers, from memory):
 *  - a mate-in-one test that lists only moves that may check and asks only whether the check can be answered;
 *  - a table of attacker positions, mates within / does not mate within, shared by all lengths of one question;
 *  - at defender nodes the replies that last refuted a move of this ply ("killers"), before the other replies are listed;
 *  - at attacker nodes the table's move, then checks; from three moves up fewest replies first;
 *  - from three moves up the replies that leave the attacker fewest moves first, which took a quarter of the nodes off refutations.
 *
 * Three settings change what is asked: mates without pointless blocks, the clock of the fifty-move rule (FIDE Laws of Chess,
 * article 9.3, kept only where it can matter, and then part of a position's key), and the second run that confirms a first one with
 * another order of moves and other places in the table. The table is begun anew when the first or the last changes.
 */
import { FIFTY_MOVES_PLIES } from './fiftyMoves';
import { createMateTable } from './mateTable';
import type { Meter } from './meter';
import { countsAsMate } from './pointlessBlocks';
import type { PackedMove, SearchBoard } from './searchBoard';

export interface BoundedSettings {
  /** A check that can only be met by pointless blocks is mate. */
  readonly isBlockless: boolean;
  /** Plies since the last capture or pawn move, where a draw by the fifty-move rule can come in between; else undefined. */
  readonly clock: number | undefined;
  /** Other orders, other places in the table. */
  readonly isSecondRun: boolean;
}

export interface BoundedSearch {
  /**
   * Begins a question about the position on the board. Bounds hold wherever they are met again, so with `keepsTable` those of
   * earlier questions help, unless the settings differ; without it the same question takes the same course, node for node.
   */
  start(settings: BoundedSettings, keepsTable: boolean): void;
  /** Attacker to move: a forced mate within `moves`? */
  attack(moves: number, ply: number): boolean;
  /** The move by which the last `attack` that answered yes at this ply mates; read it before searching on. */
  matingMove(ply: number): PackedMove;
  /** Defender to move: mated within `moves` more moves of the attacker, whatever is answered (0 = mated now)? */
  defend(moves: number, ply: number): boolean;
  /** Every move after which the defender is mated within `moves`, this one included. */
  listKeys(moves: number, ply: number): PackedMove[];
  /** The least number of moves within `most` in which the attacker mates; 0 when there is none. */
  findLength(most: number, ply: number): number;
  /** Makes a move of the question's line, so that the clock goes with it; the board's own `unmake` takes it back. */
  make(move: PackedMove, ply: number): void;
}

const KILLERS = 2;
/** From so many moves up it pays to count the other side's answers to a move before it is searched. */
const COUNTED_FROM = 3;

export function createBoundedSearch(board: SearchBoard, meter: Meter): BoundedSearch {
  const table = createMateTable();
  const { imul } = Math;
  /** The replies that last refuted at this ply and remaining length, newest first. */
  const killers = new Int32Array(128 * 16 * KILLERS);
  const ranks = new Int32Array(128 * 256);
  const clocks = new Int32Array(128);
  /** The move by which `attack` last succeeded at a ply. */
  const mating = new Int32Array(128);
  let isBlockless = false;
  let hasClock = false;
  let isSecondRun = false;

  function make(move: PackedMove, ply: number): void {
    if (hasClock) clocks[ply + 1] = board.isZeroing(move) ? 0 : clocks[ply]! + 1;
    board.make(move);
  }

  function hashLo(ply: number): number {
    // The second run looks in other places, so that a false hit of the first is not repeated.
    const lo = isSecondRun ? board.hashHi() : board.hashLo();
    return hasClock ? lo ^ imul(clocks[ply]! + 1, 0x9e3779b1) : lo;
  }

  function hashHi(): number {
    return isSecondRun ? board.hashLo() : board.hashHi();
  }

  function isMatedNow(ply: number): boolean {
    return isBlockless ? countsAsMate(board, ply) : board.isMated();
  }

  /** A move that mates now; 0 when there is none. */
  function findMateAtOnce(ply: number): PackedMove {
    const count = board.generateChecks(ply);
    for (let index = 0; index < count; index += 1) {
      const move = board.moveAt(ply, index);
      board.make(move);
      const isMate = isMatedNow(ply + 1);
      board.unmake();
      if (isMate) return move;
    }
    return 0;
  }

  /** Has the game ended in a draw by the clock before this turn? At the root nobody has claimed it. */
  function isDrawn(ply: number): boolean {
    return hasClock && ply > 0 && clocks[ply]! >= FIFTY_MOVES_PLIES;
  }

  function attack(moves: number, ply: number): boolean {
    meter.visit();
    if (moves <= 0 || isDrawn(ply)) return false;
    if (moves === 1) {
      mating[ply] = findMateAtOnce(ply);
      return mating[ply] !== 0;
    }
    const lo = hashLo(ply);
    const hi = hashHi();
    const known = table.find(lo, hi, moves);
    if (known !== undefined) {
      if (known) mating[ply] = table.findMove(lo, hi);
      return known;
    }
    const atOnce = findMateAtOnce(ply);
    if (atOnce !== 0) {
      table.store(lo, hi, 1, true, atOnce);
      mating[ply] = atOnce;
      return true;
    }
    const count = orderMoves(moves, ply, table.findMove(lo, hi));
    for (let index = 0; index < count; index += 1) {
      const move = board.moveAt(ply, index);
      make(move, ply);
      const isLost = defend(moves - 1, ply + 1);
      board.unmake();
      if (isLost) {
        table.store(lo, hi, moves, true, move);
        mating[ply] = move;
        return true;
      }
    }
    table.store(lo, hi, moves, false, 0);
    return false;
  }

  /** Lists the attacker's moves, the likeliest first. Sorted by insertion, for there are few. */
  function orderMoves(moves: number, ply: number, first: PackedMove): number {
    const count = board.generate(ply);
    for (let index = 0; index < count; index += 1) {
      const move = board.moveAt(ply, index);
      board.make(move);
      let rank = board.isCheck() ? 0 : 64;
      if (moves >= COUNTED_FROM) rank += Math.min(63, board.countMoves());
      board.unmake();
      insert(ply, index, move, move === first ? -1 : rank);
    }
    return count;
  }

  /** Lists the defender's replies, those that leave the attacker fewest moves first: their refutations are the smallest. */
  function orderReplies(ply: number): number {
    const count = board.generate(ply);
    for (let index = 0; index < count; index += 1) {
      const reply = board.moveAt(ply, index);
      board.make(reply);
      const rank = board.countMoves();
      board.unmake();
      insert(ply, index, reply, rank);
    }
    return count;
  }

  /** Puts a move among the first `index` of its ply. Keeps the generator's order among equals, so a search is the same every time. */
  function insert(ply: number, index: number, move: PackedMove, asked: number): void {
    const at = ply * 256;
    const rank = isSecondRun && asked >= 0 ? 256 - asked : asked;
    let place = index;
    for (; place > 0 && ranks[at + place - 1]! > rank; place -= 1) {
      ranks[at + place] = ranks[at + place - 1]!;
      board.setMoveAt(ply, place, board.moveAt(ply, place - 1));
    }
    ranks[at + place] = rank;
    board.setMoveAt(ply, place, move);
  }

  function isRefutedBy(reply: PackedMove, moves: number, ply: number): boolean {
    make(reply, ply);
    const isMated = attack(moves, ply + 1);
    board.unmake();
    return !isMated;
  }

  function defend(moves: number, ply: number): boolean {
    meter.visit();
    if (moves <= 0 || isDrawn(ply)) return isMatedNow(ply);
    if (isBlockless && board.isCheck() && countsAsMate(board, ply)) return true;
    const killerAt = (ply * 16 + Math.min(moves, 15)) * KILLERS;
    const first = killers[killerAt]!;
    const second = killers[killerAt + 1]!;
    const hasFirst = first !== 0 && board.isStillLegal(first);
    if (hasFirst && isRefutedBy(first, moves, ply)) return false;
    const hasSecond = second !== 0 && board.isStillLegal(second);
    if (hasSecond && isRefutedBy(second, moves, ply)) {
      killers[killerAt] = second;
      killers[killerAt + 1] = first;
      return false;
    }
    const count = moves >= COUNTED_FROM ? orderReplies(ply) : board.generate(ply);
    if (count === 0) return board.isCheck();
    for (let index = 0; index < count; index += 1) {
      const reply = board.moveAt(ply, index);
      if ((hasFirst && reply === first) || (hasSecond && reply === second)) continue;
      if (!isRefutedBy(reply, moves, ply)) continue;
      killers[killerAt + 1] = first;
      killers[killerAt] = reply;
      return false;
    }
    return true;
  }

  return {
    start(settings, keepsTable) {
      const isOther = isBlockless !== settings.isBlockless || isSecondRun !== settings.isSecondRun;
      ({ isBlockless, isSecondRun } = settings);
      hasClock = settings.clock !== undefined;
      clocks[0] = settings.clock ?? 0;
      killers.fill(0);
      if (!keepsTable || isOther) table.renew();
    },
    attack,
    matingMove: (ply) => mating[ply]!,
    defend,
    make,
    listKeys(moves, ply) {
      const count = board.generate(ply);
      const all = Array.from({ length: count }, (_, index) => board.moveAt(ply, index));
      return all.filter((move) => {
        make(move, ply);
        const isLost = defend(moves - 1, ply + 1);
        board.unmake();
        return isLost;
      });
    },
    findLength(most, ply) {
      for (let moves = 1; moves <= most; moves += 1) if (attack(moves, ply)) return moves;
      return 0;
    },
  };
}
