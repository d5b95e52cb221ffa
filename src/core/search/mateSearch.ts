/**
 * The mate prover. For a position and a limit it proves a mate in n with n minimal, a mate in at most n, or that there is none;
 * else it says how far it came.
 *
 * Lengths are examined from 1 upwards by complete search (boundedSearch.ts), so the first "yes" is minimal. Once two moves are
 * excluded, proof-number search over checks (checkingSearch.ts) looks for a long checking mate, with more positions to spend
 * each time a longer length comes up; what it finds is an upper bound, and the lengths below it are then excluded one by one.
 * The board, its tables and both searches are shared by all questions of a realm. Memory never ends a proof: the tables have a
 * fixed size and forget their oldest entries, which costs time and no more.
 */
import type { BoundedSettings } from './boundedSearch';
import { clockOf } from './fiftyMoves';
import { Interrupted, type OnProgress } from './meter';
import { unpackMove, type PackedMove } from './searchBoard';
import { getSearchKit, ownKit } from './searchKit';
import { isSameMove, type Move, type Position } from '../rules';
import { LONGEST_MATE, type BlocklessLength, type ProveResult } from '../proof';

export interface ProveLimits {
  /** The longest mate looked for, in moves of the attacker: 1 to LONGEST_MATE. */
  readonly maxMoves: number;
  /** Positions to visit at most; beyond it the answer is undecided. */
  readonly budgetNodes?: number;
  /** Find the length without pointless blocks too. */
  readonly isBlocklessWanted?: boolean;
  /** Count a check that only pointless blocks can meet as mate throughout. */
  readonly isBlockless?: boolean;
  /** Confirm a first run: other orders, other places in the table, no proof-number search. */
  readonly isSecondRun?: boolean;
}

/** How a single question is asked. */
export interface AskOptions {
  /** A check that only pointless blocks can meet is mate. */
  readonly isBlockless?: boolean;
  /** What earlier questions have proved may help; where a budget ends, it then depends on them. */
  readonly isContinued?: boolean;
}

export interface MateSearch {
  /** Shortest forced mate for the side to move, with all keys and one longest line. */
  prove(position: Position, limits: ProveLimits, onProgress?: OnProgress): ProveResult;
  /** Does the side to move force mate within this many moves (0 = never)? */
  canMate(position: Position, moves: number, options?: AskOptions): boolean;
  /** The shortest mate within `most` moves; 0 when there is none. */
  findLength(position: Position, most: number, options?: AskOptions): number;
  /** Is the side to move mated within this many moves of the other side, whatever it does (0 = mated now)? */
  isLost(position: Position, moves: number, options?: AskOptions): boolean;
  /** The legal moves after which the other side is mated within `moves` moves of the mover, this one included. */
  listMatingMoves(position: Position, moves: number, options?: AskOptions): Move[];
  /** A reply of the side to move after which the other has no mate within `moves`; `preferred` is tried first. */
  findEscape(position: Position, moves: number, preferred?: Move, options?: AskOptions): Move | undefined;
  /** A line of the defender's longest resistance and the mate, when it is mated in exactly `moves` more. */
  findDefence(position: Position, moves: number, options?: AskOptions): Move[];
  /** The first checking mate found within `most` moves, as a line; no claim when there is none. */
  findCheckingMate(position: Position, most: number, budgetNodes: number): Move[] | undefined;
  /** Asks several of the questions above, but `prove`, with one budget; undefined when it was used up, or the caller said stop. */
  within<T>(budgetNodes: number, onNodes: (nodes: number) => 'go' | 'stop', work: () => T): T | undefined;
}

/** Below this length complete search is quicker than anything else. */
const CHECKING_FROM = 3;
/** Proof-number search may visit so many positions each time, and a share of what complete search has visited until then. */
const CHECKING_NODES = 1_500;
const CHECKING_SHARE = 0.04;

/** A mate found before its minimality is proved. */
interface Found {
  readonly mateInMoves: number;
  readonly line: readonly PackedMove[];
}

/** One search on the realm's board; make one per worker and reuse it. */
export function createMateSearch(): MateSearch {
  const { board, meter, bounded, checking, lines } = getSearchKit();

  function start(position: Position, settings: BoundedSettings): void {
    board.load(position);
    bounded.start(settings, false);
  }

  function prove(position: Position, limits: ProveLimits, onProgress?: OnProgress): ProveResult {
    const { maxMoves, budgetNodes = Infinity, isBlocklessWanted = false } = limits;
    if (maxMoves > LONGEST_MATE) throw new RangeError(`maxMoves is at most ${LONGEST_MATE}`);
    const clock = clockOf(position, maxMoves);
    const settings = {
      clock,
      isBlockless: limits.isBlockless ?? false,
      isSecondRun: limits.isSecondRun ?? false,
    };
    start(position, settings);
    let noMateWithin = 0;
    let found: Found | undefined;
    const reportOf = (nodes: number) => ({
      noMateWithin,
      examining: noMateWithin + 1,
      nodes,
      ...(found === undefined ? {} : { atMost: found.mateInMoves }),
    });
    meter.start(budgetNodes, (nodes) => onProgress?.(reportOf(nodes)) ?? 'go');
    const isCheckingTried = clock === undefined && !settings.isBlockless && !settings.isSecondRun;
    try {
      while (noMateWithin < maxMoves) {
        const length = noMateWithin + 1;
        meter.report();
        if (isCheckingTried && found === undefined && length >= CHECKING_FROM) {
          const line = checking.find(maxMoves, CHECKING_NODES + meter.nodes() * CHECKING_SHARE);
          if (line !== undefined) found = { mateInMoves: (line.length + 1) / 2, line };
        }
        if (bounded.attack(length, 0)) {
          // Told from here on, while keys and the other count are worked out.
          found = { mateInMoves: length, line: [] };
          return finish(position, settings, length, isBlocklessWanted);
        }
        noMateWithin = length;
      }
    } catch (error) {
      return endEarly(error, noMateWithin, found);
    }
    return { kind: 'none', within: maxMoves, nodes: meter.nodes() };
  }

  function endEarly(error: unknown, noMateWithin: number, found: Found | undefined): ProveResult {
    if (!(error instanceof Interrupted)) throw error;
    const common = { noMateWithin, nodes: meter.nodes(), why: error.why };
    if (found === undefined) return { kind: 'undecided', ...common };
    const line = found.line.map(unpackMove);
    const [key] = line;
    if (key === undefined) throw new Error('a mate begins with a move');
    return { kind: 'mate-at-most', mateInMoves: found.mateInMoves, key, line, ...common };
  }

  /** The length is proved: keys, line and the other count as far as the limits go. */
  function finish(
    position: Position,
    settings: BoundedSettings,
    mateInMoves: number,
    isBlocklessWanted: boolean,
  ): ProveResult {
    const key = bounded.matingMove(0);
    let keys = [key];
    let line = [key];
    let areAllKeys = false;
    let blockless: BlocklessLength = { kind: 'open' };
    try {
      line = lines.fromAttacker(mateInMoves, 0, key);
      keys = [key, ...bounded.listKeys(mateInMoves, 0).filter((move) => move !== key)];
      areAllKeys = true;
      if (isBlocklessWanted) blockless = findBlockless(position, settings, mateInMoves);
    } catch (error) {
      // The length stands; what was not finished is told as such.
      if (!(error instanceof Interrupted)) throw error;
    }
    return {
      kind: 'mate',
      mateInMoves,
      keys: keys.map(unpackMove),
      areAllKeys,
      line: line.map(unpackMove),
      blockless,
      nodes: meter.nodes(),
    };
  }

  function findBlockless(
    position: Position,
    settings: BoundedSettings,
    mateInMoves: number,
  ): BlocklessLength {
    start(position, { ...settings, isBlockless: true });
    const length = bounded.findLength(mateInMoves - 1, 0);
    return length === 0 ? { kind: 'same' } : { kind: 'shorter', mateInMoves: length };
  }

  /** Questions outside `within` have no limit. */
  let isWithin = false;

  function startAsking(
    position: Position,
    moves: number,
    { isBlockless = false, isContinued = false }: AskOptions = {},
  ): void {
    const settings = { clock: clockOf(position, moves), isBlockless, isSecondRun: false };
    board.load(position);
    bounded.start(settings, isContinued);
    if (!isWithin) meter.start(Infinity, () => 'go');
  }

  function listAll(): PackedMove[] {
    const count = board.generate(0);
    return Array.from({ length: count }, (_, index) => board.moveAt(0, index));
  }

  /** Runs one question of those that need no more than one start. */
  function ask<T>(position: Position, moves: number, options: AskOptions | undefined, work: () => T): T {
    return ownKit(within, () => {
      startAsking(position, moves, options);
      return work();
    });
  }

  function within<T>(budgetNodes: number, onNodes: (nodes: number) => 'go' | 'stop', work: () => T) {
    return ownKit(within, () => {
      meter.start(budgetNodes, onNodes);
      isWithin = true;
      try {
        return work();
      } catch (error) {
        if (!(error instanceof Interrupted)) throw error;
        return undefined;
      } finally {
        isWithin = false;
      }
    });
  }

  return {
    prove: (...asked) => ownKit({}, () => prove(...asked)),
    canMate: (position, moves, options) =>
      ask(position, moves, options, () => moves > 0 && bounded.attack(moves, 0)),
    findLength: (position, most, options) => ask(position, most, options, () => bounded.findLength(most, 0)),
    isLost: (position, moves, options) => ask(position, moves, options, () => bounded.defend(moves, 0)),
    listMatingMoves: (position, moves, options) =>
      ask(position, moves, options, () => bounded.listKeys(moves, 0).map(unpackMove)),
    findEscape: (position, moves, preferred, options) =>
      ask(position, moves, options, () => {
        const replies = listAll();
        const isFirst = (reply: PackedMove) =>
          preferred !== undefined && isSameMove(unpackMove(reply), preferred);
        const escape = [...replies.filter(isFirst), ...replies].find((reply) => {
          bounded.make(reply, 0);
          const isMet = moves > 0 && bounded.attack(moves, 1);
          board.unmake();
          return !isMet;
        });
        return escape === undefined ? undefined : unpackMove(escape);
      }),
    findDefence: (position, moves, options) =>
      ask(position, moves, options, () => lines.fromDefender(moves, 0).map(unpackMove)),
    findCheckingMate: (position, most, budgetNodes) =>
      ask(position, most, undefined, () => checking.find(most, budgetNodes)?.map(unpackMove)),
    within,
  };
}
