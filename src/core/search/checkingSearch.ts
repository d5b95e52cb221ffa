/**
 * Proof-number search over checks only: finds long checking mates in no time. Depth-first form with a table (df-pn; Nagai 2002,
 * after Allis's proof-number search of 1994; from memory). The attacker only gives check, the defender answers in every legal
 * way, so what it finds is mate by force; its length is an upper bound, for a shorter mate may need a quiet move. What it does
 * not find says nothing.
 *
 * The proof number of a position is the least number of open positions that must turn out mates to prove it, the disproof
 * number the same for refuting it. The most hopeful position is followed until its numbers pass what a rival offers. A position
 * met again on its own path, or too deep, counts as refuted there and is not stored so; proofs never rest on that, since a
 * proved position is built of proved ones only. A mate-in-one test stands at every new attacker position.
 */
import type { Meter } from './meter';
import type { PackedMove, SearchBoard } from './searchBoard';

export interface CheckingSearch {
  /**
   * A mate by checks within `most` moves from the position on the board: the moves along a longest defence of the tree that
   * was found, or undefined when none was found while visiting this many positions.
   */
  find(most: number, budgetNodes: number): PackedMove[] | undefined;
}

/** 2^18 entries of five words: 5 MB. */
const SIZE = 1 << 18;
const MAX_PLIES = 64;
/** Stands for infinite; sums are cut off here. */
const ENDLESS = 1 << 28;
/** Keeps following the same child a little longer than a rival asks, so that it does not swing to and fro. */
const PATIENCE = 4;

export function createCheckingSearch(board: SearchBoard, meter: Meter): CheckingSearch {
  const keysLo = new Int32Array(SIZE);
  const keysHi = new Int32Array(SIZE);
  const proofs = new Int32Array(SIZE);
  const disproofs = new Int32Array(SIZE);
  /** Of a proved position: moves to mate along the tree found; and the question it belongs to. */
  const lengths = new Int32Array(SIZE);
  const questions = new Int32Array(SIZE);
  const pathLo = new Int32Array(MAX_PLIES + 2);
  const pathHi = new Int32Array(MAX_PLIES + 2);
  /** Numbers of the child looked up last, and the question's own. */
  const numbers = new Int32Array(32);
  const PROOF = 0;
  const DISPROOF = 1;
  const QUESTION = 2;
  const NODES_LEFT = 3;
  const MOST_PLIES = 4;

  function placeOf(): number {
    return (board.hashLo() ^ (board.hashHi() >>> 7)) & (SIZE - 1);
  }

  function isKept(at: number): boolean {
    return (
      keysLo[at] === board.hashLo() && keysHi[at] === board.hashHi() && questions[at] === numbers[QUESTION]
    );
  }

  function store(proof: number, disproof: number, length: number): void {
    const at = placeOf();
    // A proved position of this question stays: the line is read off them in the end.
    const isProvedHere = questions[at] === numbers[QUESTION] && proofs[at] === 0;
    if (isProvedHere && proof !== 0) return;
    keysLo[at] = board.hashLo();
    keysHi[at] = board.hashHi();
    questions[at] = numbers[QUESTION]!;
    proofs[at] = proof;
    disproofs[at] = disproof;
    lengths[at] = length;
  }

  function tell(proof: number, disproof: number): void {
    numbers[PROOF] = proof;
    numbers[DISPROOF] = disproof;
  }

  function isOnPath(ply: number): boolean {
    for (let back = ply - 2; back >= 0; back -= 2) {
      if (pathLo[back] === board.hashLo() && pathHi[back] === board.hashHi()) return true;
    }
    return false;
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

  /** Leaves the numbers of the position on the board in `numbers`; a new one is looked at once. */
  function look(isAttack: boolean, ply: number): void {
    if ((isAttack && ply >= numbers[MOST_PLIES]!) || isOnPath(ply)) {
      tell(ENDLESS, 0);
      return;
    }
    const at = placeOf();
    if (isKept(at)) {
      tell(proofs[at]!, disproofs[at]!);
      return;
    }
    meter.visit();
    numbers[NODES_LEFT] = numbers[NODES_LEFT]! - 1;
    if (isAttack) {
      if (canMateAtOnce(ply)) {
        store(0, ENDLESS, 1);
        tell(0, ENDLESS);
      } else {
        store(1, 1, 0);
        tell(1, 1);
      }
      return;
    }
    const replies = board.countMoves();
    if (replies === 0) store(0, ENDLESS, 0);
    else store(replies, 1, 0);
    tell(replies, replies === 0 ? ENDLESS : 1);
  }

  /** Lists the children: checks for the attacker, every legal move for the defender. */
  function expand(isAttack: boolean, ply: number): number {
    if (!isAttack) return board.generate(ply);
    const listed = board.generateChecks(ply);
    let count = 0;
    for (let index = 0; index < listed; index += 1) {
      const move = board.moveAt(ply, index);
      board.make(move);
      if (board.isCheck()) {
        board.setMoveAt(ply, count, move);
        count += 1;
      }
      board.unmake();
    }
    return count;
  }

  /**
   * Works on the position until a number passes its limit. Attacker and defender differ by which number is the least of the
   * children's and which the sum: `own` is the proof number for the attacker, the disproof number for the defender.
   */
  function work(isAttack: boolean, ply: number, ownLimit: number, otherLimit: number): void {
    const own = isAttack ? PROOF : DISPROOF;
    const other = isAttack ? DISPROOF : PROOF;
    const count = expand(isAttack, ply);
    pathLo[ply] = board.hashLo();
    pathHi[ply] = board.hashHi();
    for (;;) {
      let best = -1;
      let least = ENDLESS;
      let second = ENDLESS;
      let sum = 0;
      let bestOther = 0;
      for (let index = 0; index < count; index += 1) {
        board.make(board.moveAt(ply, index));
        look(!isAttack, ply + 1);
        board.unmake();
        const mine = numbers[own]!;
        sum = Math.min(ENDLESS, sum + numbers[other]!);
        if (mine < least) {
          second = least;
          least = mine;
          best = index;
          bestOther = numbers[other]!;
        } else if (mine < second) second = mine;
      }
      if (best < 0 || least >= ownLimit || sum >= otherLimit || numbers[NODES_LEFT]! <= 0) {
        settle(isAttack, ply, count, least, sum);
        return;
      }
      const ownNext = Math.min(ownLimit, second + 1 + (second >> PATIENCE));
      const otherNext = Math.min(ENDLESS, otherLimit - sum + bestOther);
      board.make(board.moveAt(ply, best));
      // What is own here is the other number one ply on.
      work(!isAttack, ply + 1, otherNext, ownNext);
      board.unmake();
    }
  }

  function settle(isAttack: boolean, ply: number, count: number, least: number, sum: number): void {
    const proof = isAttack ? least : sum;
    store(proof, isAttack ? sum : least, proof === 0 ? lengthOf(isAttack, ply, count) : 0);
  }

  /** Moves to mate of a position all of whose needed children are proved. */
  function lengthOf(isAttack: boolean, ply: number, count: number): number {
    let length = isAttack ? ENDLESS : 0;
    for (let index = 0; index < count; index += 1) {
      board.make(board.moveAt(ply, index));
      const at = placeOf();
      const isProved = isKept(at) && proofs[at] === 0;
      if (isProved) {
        length = isAttack ? Math.min(length, lengths[at]! + 1) : Math.max(length, lengths[at]!);
      }
      board.unmake();
    }
    return length;
  }

  /** Follows the proved positions: the shortest way for the attacker, the longest for the defender. */
  function readLine(): PackedMove[] | undefined {
    const line: PackedMove[] = [];
    for (let ply = 0; ply < MAX_PLIES; ply += 1) {
      const isAttack = ply % 2 === 0;
      const count = expand(isAttack, ply);
      if (count === 0) break;
      const move = pickProved(isAttack, ply, count);
      if (move === undefined) {
        // The place of a needed position was taken by another: the line cannot be read.
        for (const _ of line) board.unmake();
        return undefined;
      }
      line.push(move);
      board.make(move);
    }
    for (const _ of line) board.unmake();
    return line;
  }

  function pickProved(isAttack: boolean, ply: number, count: number): PackedMove | undefined {
    let picked: PackedMove | undefined;
    let length = isAttack ? ENDLESS : -1;
    for (let index = 0; index < count; index += 1) {
      const move = board.moveAt(ply, index);
      board.make(move);
      const at = placeOf();
      const isMate = isAttack && board.isMated();
      const isProved = isMate || (isKept(at) && proofs[at] === 0);
      const moves = isMate ? 0 : lengths[at]!;
      board.unmake();
      if (!isProved) {
        if (!isAttack) return undefined;
      } else if (isAttack ? moves < length : moves > length) {
        length = moves;
        picked = move;
      }
    }
    return picked;
  }

  return {
    find(most, budgetNodes) {
      numbers[QUESTION] = numbers[QUESTION]! + 1;
      numbers[NODES_LEFT] = budgetNodes;
      numbers[MOST_PLIES] = Math.min(2 * most, MAX_PLIES - 2);
      look(true, 0);
      if (numbers[PROOF] !== 0) work(true, 0, ENDLESS, ENDLESS);
      const at = placeOf();
      if (!isKept(at) || proofs[at] !== 0) return undefined;
      return readLine();
    },
  };
}
