/**
 * What is known of positions with the attacker to move: mates within so many moves, or does not within so many. Both are
 * proofs and hold wherever the position is met again. Fixed size, newest entry wins; both hash words are compared, so a false hit
 * would need all 64 bits to agree.
 */
import { LONGEST_MATE } from '../proof';

export interface MateTable {
  /** Forgets everything at once, without touching the memory. */
  renew(): void;
  /** True: mates within `moves`; false: does not; undefined: not known. */
  find(hashLo: number, hashHi: number, moves: number): boolean | undefined;
  /** The move that mated when this position was last proved; 0 = none. */
  findMove(hashLo: number, hashHi: number): number;
  /** A move is kept when a later entry of the same position comes without one. */
  store(hashLo: number, hashHi: number, moves: number, mates: boolean, move: number): void;
}

/** 2^19 entries of three words: 6 MB. */
const SIZE_BITS = 19;
const SIZE = 1 << SIZE_BITS;
/** Lengths are kept in five bits. */
const NEVER = LONGEST_MATE + 1;

/** `bits 0..4` fewest moves proved to mate (31 = none), `bits 5..9` most moves proved not to, the rest a packed move. */
export function createMateTable(): MateTable {
  const keysLo = new Int32Array(SIZE);
  const keysHi = new Int32Array(SIZE);
  const facts = new Int32Array(SIZE);
  const salt = new Int32Array(16);

  return {
    renew() {
      // Another salt makes every stored key a stranger's.
      salt[0] = (salt[0]! + 0x9e3779b9) | 0;
    },
    find(hashLo, hashHi, moves) {
      const at = hashLo & (SIZE - 1);
      if (keysLo[at] !== (hashLo ^ salt[0]!) || keysHi[at] !== hashHi) return undefined;
      const fact = facts[at]!;
      if ((fact & 31) <= moves) return true;
      return ((fact >> 5) & 31) >= moves ? false : undefined;
    },
    findMove(hashLo, hashHi) {
      const at = hashLo & (SIZE - 1);
      return keysLo[at] === (hashLo ^ salt[0]!) && keysHi[at] === hashHi ? facts[at]! >>> 10 : 0;
    },
    store(hashLo, hashHi, moves, mates, move) {
      const at = hashLo & (SIZE - 1);
      const key = hashLo ^ salt[0]!;
      const isSame = keysLo[at] === key && keysHi[at] === hashHi;
      let proved = isSame ? facts[at]! & 31 : NEVER;
      let refuted = isSame ? (facts[at]! >> 5) & 31 : 0;
      if (mates) proved = Math.min(proved, moves);
      else refuted = Math.max(refuted, moves);
      const known = isSame && move === 0 ? facts[at]! >>> 10 : move;
      keysLo[at] = key;
      keysHi[at] = hashHi;
      facts[at] = proved | (refuted << 5) | (known << 10);
    },
  };
}
