import type { Move } from '../rules';

/** The longest mate that is looked for, in moves: the table of bounds keeps a length in five bits. */
export const LONGEST_MATE = 30;

/** How far a proof has come; sent while it runs. */
export interface ProofReport {
  /** Every mate in this many moves or fewer has been excluded. */
  readonly noMateWithin: number;
  /** The mate length being examined now. */
  readonly examining: number;
  /** A mate in this many moves is proved, whether or not a shorter one exists. */
  readonly atMost?: number;
  /** Positions visited so far. */
  readonly nodes: number;
}

/** Why a proof ended before its limit: the caller said stop (time too is the caller's), or the positions allowed were used up. */
export type WhyEnded = 'stopped' | 'budget';

/** The length without pointless blocks, beside the full one. */
export type BlocklessLength =
  | { readonly kind: 'same' }
  | { readonly kind: 'shorter'; readonly mateInMoves: number }
  /** Not asked, or ended before it was known. */
  | { readonly kind: 'open' };

/** The prover's answer. Each kind is a different claim; none is ever weakened or strengthened in words. */
export type ProveResult =
  | {
      readonly kind: 'mate';
      /** Moves of the attacker, the key included; proved minimal. */
      readonly mateInMoves: number;
      /** First moves that mate in that many moves: every one, unless `areAllKeys` is false. */
      readonly keys: readonly Move[];
      readonly areAllKeys: boolean;
      /** The first key with a longest defence, up to the mate; 2 * mateInMoves - 1 plies. */
      readonly line: readonly Move[];
      readonly blockless: BlocklessLength;
      readonly nodes: number;
    }
  | {
      readonly kind: 'mate-at-most';
      /** A mate in this many moves is proved; a shorter one is excluded only within `noMateWithin`. */
      readonly mateInMoves: number;
      readonly noMateWithin: number;
      readonly key: Move;
      /** One way through the proof found, up to the mate. */
      readonly line: readonly Move[];
      readonly nodes: number;
      readonly why: WhyEnded;
    }
  | { readonly kind: 'none'; readonly within: number; readonly nodes: number }
  | {
      readonly kind: 'undecided';
      readonly noMateWithin: number;
      readonly nodes: number;
      readonly why: WhyEnded;
    };
