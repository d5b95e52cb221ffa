/**
 * What becomes of one legal move. Two kinds of truth, never mixed: proved (complete search) and seen to a depth (bounded search
 * with quiet end-points).
 */
import type { Move } from '../rules';

/** Why a game is drawn on the board. */
export type DrawReason = 'stalemate' | 'dead' | 'fifty' | 'threefold';

export type Fate =
  /** Proved: the mover mates in this many moves of its own, this one included, whatever is answered. */
  | { readonly kind: 'mates'; readonly inMoves: number; readonly line: readonly Move[] }
  /** Proved: the mover is mated in this many moves of the other side, whatever it does. */
  | { readonly kind: 'mated'; readonly inMoves: number; readonly line: readonly Move[] }
  /** The move itself draws (`seenPlies` undefined), or best play ends in a draw as far as was seen. */
  | {
      readonly kind: 'draw';
      readonly why: DrawReason;
      /** An even game against the balance now, in pawns: a draw is worth much to the side that is behind. */
      readonly gain: number;
      readonly seenPlies: number | undefined;
      readonly line: readonly Move[];
    }
  /** Seen: best play leads to a change of the material balance by `gain`, in pawns, from the mover's view; 0 = it holds. */
  | {
      readonly kind: 'material';
      readonly gain: number;
      readonly seenPlies: number;
      readonly line: readonly Move[];
    };

/** Lines begin with the move itself. */
export interface MoveFate {
  readonly move: Move;
  readonly fate: Fate;
}

/** All legal moves of a position, best for the mover first. */
export interface FateTable {
  readonly moves: readonly MoveFate[];
  /** Plies seen of every move at least; moves that are proved need none. */
  readonly seenPlies: number;
  readonly nodes: number;
}

/** Orders fates from the mover's view, best first: sooner mates, then by what is gained, later mates against it. */
export function compareFates(one: Fate, other: Fate): number {
  return rankOf(other) - rankOf(one);
}

const FAR = 1_000;

function rankOf(fate: Fate): number {
  switch (fate.kind) {
    case 'mates':
      return 2 * FAR - fate.inMoves;
    case 'material':
    case 'draw':
      return fate.gain;
    case 'mated':
      return fate.inMoves - 2 * FAR;
  }
}
