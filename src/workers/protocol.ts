/** What may be asked of a worker and what comes back; types only, so that both ends compile against one text. */
import type { MateTask } from '@/core/exercises';
import type { ProofReport } from '@/core/proof';
import type { SolutionGraph } from '@/core/puzzles';

/**
 * Proves the shortest mate of a legal position. Positions travel as FEN: the men of a board are shared objects compared by
 * identity, and a copy made by the message would no longer be them.
 */
export interface ProveQuestion {
  readonly kind: 'prove';
  readonly fen: string;
  readonly maxMoves: number;
}

/** Proves a position and works out the stored solution of its mate task. */
export interface MakeMateTaskQuestion {
  readonly kind: 'make-mate-task';
  readonly fen: string;
  readonly maxMoves: number;
  readonly budgetNodes: number;
}

export interface ProvedAnswer {
  readonly kind: 'mate';
  readonly mateInMoves: number;
  /** All keys in SAN. */
  readonly keys: readonly string[];
  /** The main line as squares. */
  readonly line: readonly string[];
  readonly nodes: number;
}
export type ProveAnswer =
  | ProvedAnswer
  | { readonly kind: 'none'; readonly within: number; readonly nodes: number }
  | { readonly kind: 'undecided'; readonly noMateWithin: number; readonly nodes: number }
  | { readonly kind: 'not-a-position' };

export type MateTaskAnswer =
  | {
      readonly kind: 'task';
      readonly task: MateTask;
      readonly graph: SolutionGraph;
      readonly exactKey: string;
      readonly twinKey: string;
    }
  | { readonly kind: 'none'; readonly within: number }
  | { readonly kind: 'undecided'; readonly noMateWithin: number }
  | { readonly kind: 'not-a-position' };

/** To a browser worker. Ending a question means ending the worker: a busy one hears nothing. */
export interface BrowserRequest {
  readonly id: number;
  readonly question: ProveQuestion;
}

/** From a browser worker; every request ends in done or failed. */
export type BrowserReply =
  | { readonly id: number; readonly kind: 'progress'; readonly report: ProofReport }
  | { readonly id: number; readonly kind: 'done'; readonly answer: ProveAnswer }
  | { readonly id: number; readonly kind: 'failed'; readonly message: string };
