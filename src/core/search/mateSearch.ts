/**
 * The complete mate prover: iterative deepening over an AND/OR tree with a table of proven bounds.
 *
 * Question: can the side to move force mate within n moves, whatever is answered? Every legal move of both sides is
 * tried, quiet ones and underpromotions too, so "no" is a proof. Lengths are examined from 1 upwards, so the first "yes"
 * is minimal. What makes it quick (general literature on AND/OR search and mate solvers, from memory):
 *  - a mate-in-one test that lists only moves that may check and asks only whether the check can be answered;
 *  - a table of attacker positions, mates within / does not mate within, shared by all lengths of one question;
 *  - at defender nodes the reply that last refuted a move of this ply first ("killer");
 *  - at attacker nodes the table's move, then checks; from three moves up fewest replies first.
 * Not here yet: proof-number search for long checking mates, whose lengths are upper bounds only.
 *
 * Stalemate refutes. A position dead by material holds no mating piece, so it can never be proved.
 */
import { createMateTable } from './mateTable';
import { getSearchBoard, unpackMove, type PackedMove } from './searchBoard';
import type { Move, Position } from '../rules';
import type { ProofReport, ProveResult } from '../proof';

/** Hears how far the proof is; 'stop' ends it with what is proved so far. */
export type OnProgress = (report: ProofReport) => 'go' | 'stop';

export interface ProveLimits {
  /** The longest mate looked for, in moves of the attacker: 1 to LONGEST_MATE. */
  readonly maxMoves: number;
  /** Positions to visit at most; beyond it the answer is undecided. */
  readonly budgetNodes?: number;
}

export interface MateSearch {
  /** Shortest forced mate for the side to move, with all keys and one longest line. */
  prove(position: Position, limits: ProveLimits, onProgress?: OnProgress): ProveResult;
  /** Does the side to move force mate within this many moves (0 = never)? */
  canMate(position: Position, moves: number): boolean;
  /** The legal moves after which the other side is mated within `moves` moves of the mover, this one included. */
  listMatingMoves(position: Position, moves: number): Move[];
}

/** Positions between two calls of `onProgress`: well under 20 ms of work. */
const NODES_PER_REPORT = 8192;

/** The table of bounds keeps lengths in five bits, 31 meaning none. */
const LONGEST_MATE = 30;

class Interrupted extends Error {}

/** One search with its own board; make one per worker and reuse it. */
export function createMateSearch(): MateSearch {
  const board = getSearchBoard();
  const table = createMateTable();
  /** The reply that last refuted at this ply and remaining length. */
  const killers = new Int32Array(128 * 16);
  const ranks = new Int32Array(128 * 256);
  let nodes = 0;
  let nextReport = 0;
  let reportEvery = NODES_PER_REPORT;
  let report: () => void = () => undefined;

  function visit(): void {
    nodes += 1;
    if (nodes >= nextReport) {
      nextReport = nodes + reportEvery;
      report();
    }
  }

  function canMateAtOnce(ply: number): boolean {
    const count = board.generateChecks(ply);
    for (let index = 0; index < count; index += 1) {
      board.make(board.moveAt(ply, index));
      const isMate = board.isMated();
      board.unmake();
      if (isMate) return true;
    }
    return false;
  }

  /** Attacker to move: a forced mate within `moves`? */
  function attack(moves: number, ply: number): boolean {
    visit();
    if (moves <= 1) return canMateAtOnce(ply);
    const lo = board.hashLo();
    const hi = board.hashHi();
    const known = table.find(lo, hi, moves);
    if (known !== undefined) return known;
    if (canMateAtOnce(ply)) {
      table.store(lo, hi, 1, true, 0);
      return true;
    }
    const count = orderMoves(moves, ply, table.findMove(lo, hi));
    for (let index = 0; index < count; index += 1) {
      const move = board.moveAt(ply, index);
      board.make(move);
      const isLost = defend(moves - 1, ply + 1);
      board.unmake();
      if (isLost) {
        table.store(lo, hi, moves, true, move);
        return true;
      }
    }
    table.store(lo, hi, moves, false, 0);
    return false;
  }

  /** Lists the attacker's moves, the likeliest first. Sorted by insertion, for there are few. */
  function orderMoves(moves: number, ply: number, first: PackedMove): number {
    const count = board.generate(ply);
    const at = ply * 256;
    for (let index = 0; index < count; index += 1) {
      const move = board.moveAt(ply, index);
      board.make(move);
      let rank = board.isCheck() ? 0 : 64;
      if (moves >= 3) rank += Math.min(63, board.countMoves());
      board.unmake();
      // Insertion keeps the generator's order among equals, so a search is the same every time.
      if (move === first) rank = -1;
      let place = index;
      for (; place > 0 && ranks[at + place - 1]! > rank; place -= 1) {
        ranks[at + place] = ranks[at + place - 1]!;
        board.setMoveAt(ply, place, board.moveAt(ply, place - 1));
      }
      ranks[at + place] = rank;
      board.setMoveAt(ply, place, move);
    }
    return count;
  }

  /** Defender to move: is every reply met by mate within `moves` (now mated when it has none)? */
  function defend(moves: number, ply: number): boolean {
    visit();
    const count = board.generate(ply);
    if (count === 0) return board.isCheck();
    if (moves === 0) return false;
    const killerAt = ply * 16 + Math.min(moves, 15);
    const killer = killers[killerAt];
    for (let index = 1; index < count; index += 1) {
      if (board.moveAt(ply, index) !== killer) continue;
      board.setMoveAt(ply, index, board.moveAt(ply, 0));
      board.setMoveAt(ply, 0, killer);
    }
    for (let index = 0; index < count; index += 1) {
      const reply = board.moveAt(ply, index);
      board.make(reply);
      const isMated = attack(moves, ply + 1);
      board.unmake();
      if (!isMated) {
        killers[killerAt] = reply;
        return false;
      }
    }
    return true;
  }

  function listKeys(moves: number, ply: number): PackedMove[] {
    const count = board.generate(ply);
    const all = Array.from({ length: count }, (_, index) => board.moveAt(ply, index));
    return all.filter((move) => {
      board.make(move);
      const isLost = defend(moves - 1, ply + 1);
      board.unmake();
      return isLost;
    });
  }

  /** Makes the key and a longest defence, and so on to the mate; leaves the board as it was. */
  function longestLine(key: PackedMove, mateInMoves: number): PackedMove[] {
    const line = [key];
    board.make(key);
    for (let rest = mateInMoves - 1; rest > 0; rest -= 1) {
      const ply = line.length;
      const count = board.generate(ply);
      const replies = Array.from({ length: count }, (_, index) => board.moveAt(ply, index));
      const longest = replies.find((reply) => {
        board.make(reply);
        const isShorter = rest > 1 && attack(rest - 1, ply + 1);
        board.unmake();
        return !isShorter;
      });
      if (longest === undefined) throw new Error('a mate of minimal length has a longest defence');
      board.make(longest);
      const next = listKeys(rest, ply + 1)[0];
      if (next === undefined) throw new Error('every defence of a proved mate has an answer');
      board.make(next);
      line.push(longest, next);
    }
    for (const _ of line) board.unmake();
    return line;
  }

  function start(position: Position): void {
    board.load(position);
    killers.fill(0);
    nodes = 0;
    nextReport = Infinity;
  }

  function prove(position: Position, limits: ProveLimits, onProgress?: OnProgress): ProveResult {
    if (limits.maxMoves > LONGEST_MATE) throw new RangeError(`maxMoves is at most ${LONGEST_MATE}`);
    start(position);
    table.renew();
    const { maxMoves, budgetNodes = Infinity } = limits;
    reportEvery = Math.min(NODES_PER_REPORT, budgetNodes);
    nextReport = reportEvery;
    let noMateWithin = 0;
    let why: 'stopped' | 'budget' = 'stopped';
    report = () => {
      if (nodes > budgetNodes) why = 'budget';
      else if (onProgress?.({ noMateWithin, examining: noMateWithin + 1, nodes }) !== 'stop') return;
      throw new Interrupted();
    };
    try {
      while (noMateWithin < maxMoves) {
        const length = noMateWithin + 1;
        report();
        if (attack(length, 0)) {
          const keys = listKeys(length, 0);
          const line = longestLine(keys[0]!, length);
          return {
            kind: 'mate',
            mateInMoves: length,
            keys: keys.map(unpackMove),
            line: line.map(unpackMove),
            nodes,
          };
        }
        noMateWithin = length;
      }
    } catch (error) {
      if (!(error instanceof Interrupted)) throw error;
      return { kind: 'undecided', noMateWithin, nodes, why };
    }
    return { kind: 'none', within: maxMoves, nodes };
  }

  return {
    prove,
    canMate(position, moves) {
      start(position);
      return moves > 0 && attack(moves, 0);
    },
    listMatingMoves(position, moves) {
      start(position);
      return listKeys(moves, 0).map(unpackMove);
    },
  };
}

/** Counts move sequences with the prover's own board, the last ply counted: its check against the published figures. */
export function searchPerft(position: Position, plies: number): number {
  const board = getSearchBoard();
  board.load(position);
  const count = (rest: number): number => {
    if (rest === 1) return board.countMoves();
    const moves = board.generate(rest);
    let sum = 0;
    for (let index = 0; index < moves; index += 1) {
      board.make(board.moveAt(rest, index));
      sum += count(rest - 1);
      board.unmake();
    }
    return sum;
  };
  return plies === 0 ? 1 : count(plies);
}

/** The prover's own legal moves, for comparing it with the rules. */
export function listSearchMoves(position: Position): Move[] {
  const board = getSearchBoard();
  board.load(position);
  const count = board.generate(0);
  return Array.from({ length: count }, (_, index) => unpackMove(board.moveAt(0, index)));
}
