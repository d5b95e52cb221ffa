/**
 * A game as Portable Game Notation holds it ("Portable Game Notation Specification and Implementation Guide", the PGN standard): tag
 * pairs, a tree of moves with comments and glyphs, a result.
 */
import type { Move, Position, PositionFault } from '../../rules';
import type { FenFault } from '../fen';
import type { NotationDiagnosis, NotationReason } from '../reader';

export const RESULTS = ['1-0', '0-1', '1/2-1/2', '*'] as const;
export type GameResult = (typeof RESULTS)[number];

export interface PgnMove {
  readonly move: Move;
  /** In the standard's form, however it was written. */
  readonly san: string;
  /** Numeric annotation glyphs, 0 to 255 (section 10). */
  readonly glyphs: readonly number[];
  /** What is said before the move, where a line begins, and after it. */
  readonly before: readonly string[];
  readonly after: readonly string[];
  /** Lines that could be played instead of this move. */
  readonly variations: readonly PgnLine[];
}

export type PgnLine = readonly PgnMove[];

export interface PgnGame {
  /** Tag pairs by name, in their order. */
  readonly tags: ReadonlyMap<string, string>;
  readonly start: Position;
  readonly line: PgnLine;
  readonly result: GameResult;
}

/** What was put right or left out while reading. Lines count from 1. */
export type PgnWarning =
  | { readonly code: 'pgn/no-result'; readonly line: number }
  | {
      readonly code: 'pgn/result-differs';
      readonly line: number;
      readonly tag: string;
      readonly result: GameResult;
    }
  | {
      readonly code: 'pgn/odd-tag' | 'pgn/odd-token' | 'pgn/stray-bracket';
      readonly line: number;
      readonly found: string;
    }
  | { readonly code: 'pgn/tag-twice'; readonly line: number; readonly name: string }
  | {
      readonly code: 'pgn/tag-left-out';
      readonly line: number;
      readonly name: string;
      readonly most: number;
    }
  | { readonly code: 'pgn/tag-cut' | 'pgn/comment-cut'; readonly line: number; readonly most: number }
  | {
      readonly code: 'pgn/written-otherwise';
      readonly line: number;
      readonly text: string;
      readonly san: string;
      readonly remarks: readonly NotationDiagnosis[];
    }
  /** The rest of a variation was left out. */
  | {
      readonly code: 'pgn/variation-cut';
      readonly line: number;
      readonly move: string;
      readonly reason: NotationReason;
    };

/** Why a game could not be read to its end; the moves before are there. */
export type PgnFault =
  | {
      readonly code: 'pgn/bad-move';
      readonly line: number;
      readonly move: string;
      readonly number: string;
      readonly reason: NotationReason;
      readonly at: Position;
    }
  | { readonly code: 'pgn/bad-start'; readonly line: number; readonly fault: FenFault | PositionFault }
  | { readonly code: 'pgn/open-comment' | 'pgn/too-deep' | 'pgn/too-long'; readonly line: number };

/** One game of a text: all of it, or what stands before the fault. Without a start nothing of it is there but its tags. */
export interface ReadGame {
  /** From 1. */
  readonly number: number;
  /** Where it begins. */
  readonly line: number;
  readonly tags: ReadonlyMap<string, string>;
  readonly game: PgnGame | undefined;
  readonly warnings: readonly PgnWarning[];
  readonly fault: PgnFault | undefined;
}
