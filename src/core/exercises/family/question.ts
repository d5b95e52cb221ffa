/** What is asked and what the board shows, as data; the sentences live with the words of the pages. */
import type { Board, Man, Side, Square } from '../../board';
import type { MoveText } from '../../notation';

/** What a family asks, as data: its own type says which. `code` tells the forms of one family apart. */
export interface FamilyQuestion {
  readonly code: string;
}

/** What the game was before a position: what no diagram shows. */
export interface GameStory {
  /** How often the position has been on the board, now included. */
  readonly times: number;
  /** Full moves since the last capture or pawn move. */
  readonly quietMoves: number;
  readonly haveAgreed: boolean;
}

export type GameEnding =
  | 'mates'
  | 'resigns'
  | 'time-runs-out'
  | 'stalemate'
  | 'agreement'
  | 'repetition'
  | 'time-runs-out-bare-king'
  | 'still-playing';

/** The board of an exercise. */
export interface Scene {
  readonly board: Board;
  /** Undefined: nobody's turn is asked about. */
  readonly turn: Side | undefined;
  readonly bottom: Side;
  readonly hasCoordinates: boolean;
  /** Names of squares are what is asked: to a child that hears the board they are told by their places, else the board says the answer. */
  readonly areNamesAsked: boolean;
  /** Men or squares that are asked about. */
  readonly asked: readonly Square[];
  /** A move that is shown. */
  readonly trace: { readonly from: Square; readonly to: Square } | undefined;
  /** Without: the question is answered in the head. */
  readonly isHidden: boolean;
}

/** How the answer is given. */
export type AnswerForm =
  /** Legal moves, or those of the pawns-only game. */
  | { readonly kind: 'play'; readonly rules: 'legal' | 'pawns'; readonly fen: string }
  /** The moves of both sides are told while every man stays where it is. */
  | { readonly kind: 'play'; readonly rules: 'line'; readonly fen: string }
  /** One man moves again and again on a board without kings; another may answer. */
  | { readonly kind: 'play'; readonly rules: 'wander'; readonly fen: string; readonly man: Square }
  /** The same, but the whole way is told while the man stays where it is. */
  | { readonly kind: 'play'; readonly rules: 'way'; readonly fen: string; readonly man: Square }
  /** One square, or as many as are right; with labels each mark is given one of them. */
  | { readonly kind: 'tap'; readonly isSingle: boolean; readonly labels: readonly string[] }
  /** The men that may be put on the board; those that stand there may be moved and taken off. */
  | { readonly kind: 'place'; readonly tray: readonly Man[] }
  | { readonly kind: 'write'; readonly form: 'square' | 'move' }
  /** The moves are shown one after another, and each is written. */
  | {
      readonly kind: 'write';
      readonly form: 'sheet';
      readonly fen: string;
      readonly moves: readonly MoveText[];
    }
  | { readonly kind: 'number'; readonly least: number; readonly most: number }
  | {
      readonly kind: 'choose';
      readonly options: readonly string[];
      readonly isMultiple: boolean;
      /** All of them are laid in an order. */
      readonly isOrdered?: boolean;
    };

/** How a board of squares is shown: with letters and numbers or without, and from whose side. */
export type RuleVariant = `${'letters' | 'bare'}-${Side}`;

/** A step of the hint ladder: asked for, never pushed. */
export type Hint =
  /** The rule the exercise is about; a variant where it depends on how the board is shown. */
  | { readonly kind: 'rule'; readonly variant?: RuleVariant }
  | { readonly kind: 'man'; readonly square: Square }
  | { readonly kind: 'count'; readonly count: number }
  | { readonly kind: 'not-this'; readonly option: string }
  | { readonly kind: 'not-square'; readonly square: Square }
  | { readonly kind: 'begins-with'; readonly text: string };
