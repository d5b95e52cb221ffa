/** Reads lines off a mate that is proved: the attacker's found moves against a defence that lasts longest. */
import type { BoundedSearch } from './boundedSearch';
import type { PackedMove, SearchBoard } from './searchBoard';

export interface MateLines {
  /** From the attacker's turn, mate in exactly `moves`; begins with `key` when one is given. */
  fromAttacker(moves: number, ply: number, key?: PackedMove): PackedMove[];
  /** From the defender's turn, mated in exactly `moves` more; empty when mated now. */
  fromDefender(moves: number, ply: number): PackedMove[];
  /** A reply that lasts longest; undefined when there is none, or the position counts as mate. */
  findLongest(moves: number, ply: number): PackedMove | undefined;
}

export function createMateLines(board: SearchBoard, bounded: BoundedSearch): MateLines {
  function findLongest(moves: number, ply: number): PackedMove | undefined {
    if (bounded.defend(0, ply)) return undefined;
    const count = board.generate(ply);
    const replies = Array.from({ length: count }, (_, index) => board.moveAt(ply, index));
    return replies.find((reply) => {
      bounded.make(reply, ply);
      const isShorter = moves > 1 && bounded.attack(moves - 1, ply + 1);
      board.unmake();
      return !isShorter;
    });
  }

  function fromDefender(moves: number, ply: number): PackedMove[] {
    const longest = findLongest(moves, ply);
    if (longest === undefined) return [];
    bounded.make(longest, ply);
    const rest = fromAttacker(moves, ply + 1);
    board.unmake();
    return [longest, ...rest];
  }

  function fromAttacker(moves: number, ply: number, key?: PackedMove): PackedMove[] {
    if (key === undefined && !bounded.attack(moves, ply)) {
      throw new Error('every defence of a proved mate has an answer');
    }
    const move = key ?? bounded.matingMove(ply);
    bounded.make(move, ply);
    const rest = fromDefender(moves - 1, ply + 1);
    board.unmake();
    return [move, ...rest];
  }

  return { fromAttacker, fromDefender, findLongest };
}
