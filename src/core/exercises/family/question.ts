/** What is asked and what the board shows, as data; the sentences live with the words of the pages. */
import type { Board, Man, Role, Side, Square } from '../../board';
import type { MoveText } from '../../notation';
import type { PatternId } from '../../patterns';
import type { PawnGoal } from '../../pawns';
import type { CastlingWing } from '../../rules';
import type { AttackAnswer } from '../../tactics';

export type Question =
  | { readonly code: 'tap-square'; readonly square: Square; readonly seenFrom: Side | undefined }
  | { readonly code: 'name-square' | 'which-line'; readonly seenFrom: Side | undefined }
  | { readonly code: 'colour-of'; readonly square: Square }
  | { readonly code: 'same-colour'; readonly squares: readonly [Square, Square] }
  | {
      readonly code: 'which-kind-of-line' | 'who-is-ahead' | 'what-is-it' | 'answers-to-check' | 'who-mates';
    }
  | {
      readonly code: 'set-up' | 'repair';
      readonly sides: readonly Side[];
      readonly areOfficersOnly: boolean;
      readonly slips: number;
    }
  | { readonly code: 'reach' | 'count-reach' | 'pawn-moves'; readonly role: Role }
  | {
      readonly code: 'route' | 'route-unguarded' | 'collect';
      /** The whole way is told before the man moves. */
      readonly isTold: boolean;
      readonly role: Role;
      readonly targets: readonly Square[];
    }
  | {
      readonly code: 'route-answered';
      readonly role: Role;
      readonly target: Square;
      /** Their man that moves after each of ours. */
      readonly answering: Square;
      readonly answeringRole: Role;
    }
  | {
      readonly code: 'best-square';
      readonly role: Role;
      readonly square: Square;
      readonly candidates: readonly Square[];
      /** Points for what is counted. */
      readonly weights: Readonly<Record<'middle' | 'attacked' | 'blocked' | 'moves', number>>;
    }
  | { readonly code: 'pawn-game'; readonly turn: Side; readonly goal: PawnGoal }
  | (AttackAsked & { readonly code: 'attack-kinds' })
  | (AttackAsked & { readonly code: 'attack-men'; readonly answer: AttackAnswer })
  | { readonly code: 'garbled-line'; readonly line: string; readonly garbled: string; readonly after: string }
  | { readonly code: 'keep-score'; readonly moves: number }
  /** A forced mate, answered at once. */
  | {
      readonly code: 'whole-line' | 'last-square' | 'right-order' | 'give-up';
      readonly turn: Side;
      readonly moves: number;
    }
  | { readonly code: 'poisoned'; readonly turn: Side; readonly move: string; readonly gain: number }
  | { readonly code: 'sign'; readonly turn: Side; readonly move: string }
  | { readonly code: 'captures' | 'free-men' | 'king-squares'; readonly turn: Side }
  | { readonly code: 'unprotected' | 'trapped'; readonly side: Side }
  | { readonly code: 'attack-from'; readonly role: Role; readonly target: Square }
  | { readonly code: 'count-attackers' | 'count-defenders'; readonly square: Square; readonly side: Side }
  | { readonly code: 'trade'; readonly given: readonly Role[]; readonly taken: readonly Role[] }
  | { readonly code: 'take-or-leave'; readonly turn: Side; readonly move: string }
  | {
      readonly code: 'mate-in-one' | 'stop-mate' | 'write-move' | 'name-mate' | 'who-takes';
      readonly turn: Side;
    }
  /** The mate of this name; undefined: the name is not told. */
  | { readonly code: 'mate-by-name'; readonly turn: Side; readonly pattern: PatternId | undefined }
  | { readonly code: 'missing-man' | 'missing-part'; readonly side: Side; readonly pattern: PatternId }
  | { readonly code: 'forcing-moves'; readonly turn: Side; readonly asked: 'checks' | 'kinds' | 'gains' }
  | { readonly code: 'spare-men' | 'open-line'; readonly side: Side }
  | { readonly code: 'is-safe-move'; readonly turn: Side; readonly move: string }
  | {
      readonly code: 'may-castle';
      readonly turn: Side;
      readonly wing: CastlingWing;
      readonly hasMoved: 'nobody' | 'king' | 'rook' | 'other-rook';
      readonly wasInCheck: boolean;
    }
  | {
      readonly code: 'may-pass';
      readonly turn: Side;
      readonly pawn: Square;
      readonly from: Square;
      readonly to: Square;
      readonly isLate: boolean;
    }
  | { readonly code: 'draw-kind'; readonly story: GameStory }
  | { readonly code: 'why-stopped'; readonly story: GameStory; readonly result: string }
  | { readonly code: 'stalemating'; readonly turn: Side }
  | { readonly code: 'result'; readonly ending: GameEnding; readonly side: Side }
  | { readonly code: 'repair-line'; readonly line: string; readonly faulty: string }
  | { readonly code: 'promote-to'; readonly square: Square; readonly goal: 'mate' | 'no-stalemate' | 'fork' }
  | { readonly code: 'play-written' | 'which-man'; readonly turn: Side; readonly san: string };

/** One man of the side to move, and the one that attacks it. */
interface AttackAsked {
  readonly turn: Side;
  readonly target: Square;
  readonly targetRole: Role;
  readonly attacker: Square;
  readonly attackerRole: Role;
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
export type Ask =
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
