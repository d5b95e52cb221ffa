import type { Move } from '../rules';

/** How far a proof has come; sent while it runs. */
export interface ProofReport {
  /** Every mate in this many moves or fewer has been excluded. */
  readonly noMateWithin: number;
  /** The mate length being examined now. */
  readonly examining: number;
  /** Positions visited so far. */
  readonly nodes: number;
}

/** The prover's answer. Each kind is a different claim; none is ever weakened or strengthened in words. */
export type ProveResult =
  | {
      readonly kind: 'mate';
      /** Moves of the attacker, the key included; proved minimal. */
      readonly mateInMoves: number;
      /** Every first move that mates in that many moves. */
      readonly keys: readonly Move[];
      /** The first key with a longest defence, up to the mate; 2 * mateInMoves - 1 plies. */
      readonly line: readonly Move[];
      readonly nodes: number;
    }
  | { readonly kind: 'none'; readonly within: number; readonly nodes: number }
  | {
      readonly kind: 'undecided';
      readonly noMateWithin: number;
      readonly nodes: number;
      readonly why: 'stopped' | 'budget';
    };
