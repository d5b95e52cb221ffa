import type { Role, Side, Square } from '../../board';
import type { MoveText, NotationDiagnosis, NotationReason } from '../../notation';
import type { PatternId } from '../../patterns';
import type { PawnEnd } from '../../pawns';
import type { StoredFate } from '../../puzzles';
import type { AttackAnswer } from '../../tactics';
import type { ForcingLabel } from './forcingLabels';

/** right: the goal is reached; wrong: something loses it; unfinished: right so far. */
export const OUTCOMES = ['right', 'wrong', 'unfinished'] as const;
export type VerdictOutcome = (typeof OUTCOMES)[number];

/** What is wrong with a move of a mate task. */
export const MATE_DIAGNOSES = [
  'stalemate',
  'draws',
  'slower',
  'gets-mated',
  'loses-men',
  'escapes',
  'not-in-task',
] as const;
export type MateDiagnosis = (typeof MATE_DIAGNOSES)[number];

/** Why a part of the answer is not right, or which part is missing, with the men and squares its sentence names. */
export type Note =
  /** Squares a man gets to, or does not. */
  | { readonly code: 'missed'; readonly square: Square; readonly from: Square; readonly role: Role }
  /** A man on `by` stands on the way. */
  | { readonly code: 'behind'; readonly square: Square; readonly role: Role; readonly by: Square }
  | {
      readonly code:
        | 'own-man'
        | 'not-its-way'
        | 'own-square'
        | 'not-taken'
        | 'takes-here'
        | 'unprotected'
        | 'not-asked'
        | 'has-no-way'
        | 'is-needed'
        | 'is-spare'
        | 'not-in-the-way'
        | 'stands-in-the-way'
        | 'not-mate-yet';
      readonly square: Square;
      readonly role: Role;
    }
  /** With this man there it is no mate of this name; or a mate, but not of this name. */
  | {
      readonly code: 'not-this-mate' | 'other-mate';
      readonly square: Square;
      readonly role: Role;
      readonly pattern: PatternId;
    }
  /** Of forcing moves: a square none of them goes to; one that does, and what it is or comes to. */
  | { readonly code: 'forces-nothing'; readonly square: Square }
  | { readonly code: 'forces'; readonly square: Square; readonly move: string; readonly label: ForcingLabel }
  /** A pawn was put on the first or the last rank. */
  | { readonly code: 'pawn-on-last-rank'; readonly square: Square }
  /** One man is to be put on the board, and the others stay. */
  | { readonly code: 'one-man-only' }
  | {
      readonly code:
        | 'pawn-takes-diagonally'
        | 'pawn-needs-a-man'
        | 'passing-is-over'
        | 'nobody-there'
        | 'own-side'
        | 'is-the-target'
        | 'is-free'
        | 'is-own-man'
        | 'not-beside-king'
        | 'not-marked'
        | 'no-mate-there'
        | 'mates-there'
        | 'not-your-man'
        | 'king-is-never-taken';
      readonly square: Square;
    }
  /** A man on `by` protects, guards or attacks the square. */
  | {
      readonly code: 'protected' | 'is-guarded' | 'guarded-through-king' | 'can-be-taken' | 'takes-back';
      readonly square: Square;
      readonly role: Role | undefined;
      readonly by: Square;
      readonly byRole: Role;
    }
  /** The laws of kings: the king would stand where the man on `by` attacks it; a man that moves would leave its king to `by`. */
  | {
      /** Of a man that was put on `square`: the king of the side that is to mate stands where `by` attacks it. */
      readonly code: 'king-steps-into-check' | 'leaves-king-in-check';
      readonly square: Square;
      readonly by: Square;
      readonly byRole: Role;
    }
  | {
      readonly code: 'is-pinned-there';
      readonly square: Square;
      readonly role: Role;
      readonly by: Square;
      readonly byRole: Role;
    }
  /** From `square` a man of this role does not attack the target. */
  | {
      readonly code: 'attacks-not' | 'would-attack' | 'has-a-way';
      readonly square: Square;
      readonly role: Role;
      readonly target: Square;
    }
  | {
      readonly code: 'rank-before-file' | 'wrong-file' | 'wrong-rank' | 'another-square';
      readonly square: Square;
      readonly asked: Square;
    }
  /** What is counted for a square; `isBest`: no other one has as many points. */
  | {
      readonly code: 'tally';
      readonly isBest: boolean;
      readonly square: Square;
      readonly middle: number;
      readonly attacked: number;
      readonly blocked: number;
      readonly moves: number;
      readonly points: number;
    }
  /** Answers to an attack: a man or a square that has one, and the move; a man that has none of this kind. */
  | { readonly code: 'can-answer'; readonly square: Square; readonly move: string }
  | {
      readonly code: 'cannot-answer';
      readonly square: Square;
      readonly role: Role;
      readonly answer: AttackAnswer;
    }
  /** The man has an answer, but of another kind; a move of this kind loses something, as these moves show. */
  | {
      readonly code: 'answers-otherwise';
      readonly square: Square;
      readonly role: Role;
      readonly move: string;
    }
  | {
      readonly code: 'move-is-lost';
      readonly square: Square;
      readonly move: string;
      readonly moves: readonly string[];
    }
  | { readonly code: 'no-such-square'; readonly text: string }
  /** Men of a set-up. */
  | {
      readonly code: 'belongs-elsewhere' | 'is-missing' | 'is-extra' | 'wrong-side';
      readonly square: Square;
      readonly role: Role;
    }
  | { readonly code: 'board-turned' | 'armies-exchanged' }
  | { readonly code: 'king-queen-exchanged' | 'bishop-knight-exchanged'; readonly square: Square }
  /** Numbers. */
  | { readonly code: 'too-many' | 'too-few'; readonly right: number }
  /** Choices: `option` is wrong; `right` is what holds. */
  | { readonly code: 'wrong-option'; readonly option: string; readonly reason: Reason | undefined }
  | { readonly code: 'missing-option'; readonly option: string; readonly reason: Reason | undefined }
  /** The answer is right, and this is why. */
  | { readonly code: 'right-because'; readonly reason: Reason }
  /** Moves. */
  | { readonly code: 'goes-round'; readonly moves: number; readonly fewest: number }
  | { readonly code: 'move-not-meant'; readonly move: string; readonly meant: string }
  | { readonly code: 'mate-not-yet'; readonly move: string; readonly reason: Reason }
  | { readonly code: 'stalemates' | 'still-mates'; readonly move: string }
  | { readonly code: 'not-a-legal-move' }
  /** How the pawns-only game has ended. */
  | { readonly code: 'game-lost'; readonly why: PawnEnd['why']; readonly winner: Side }
  | { readonly code: 'game-drawn'; readonly why: PawnEnd['why'] }
  /** A written move: what it means here, and what was asked; or why it means none. */
  | { readonly code: 'writes-another'; readonly san: string; readonly asked: string }
  | { readonly code: 'unreadable'; readonly reason: NotationReason }
  /** The right move, but not as it should be written yet. */
  | {
      readonly code: 'still-differs';
      readonly remark: NotationDiagnosis | undefined;
      readonly text: string;
    }
  /** Where a told line breaks, and what answers it; a defence that could last longer; a line without its end. */
  | {
      readonly code: 'line-breaks';
      /** "2." or "2...". */
      readonly number: string;
      readonly san: string;
      readonly reply: string | undefined;
    }
  | { readonly code: 'lasts-longer'; readonly san: string; readonly better: string }
  | { readonly code: 'line-too-short' | 'way-too-short'; readonly moves: number }
  /** In this order the move is not possible. */
  | { readonly code: 'cannot-yet'; readonly san: string }
  /** A move of a score sheet that is not what was played. */
  | {
      readonly code: 'sheet-differs';
      /** From 0. */
      readonly ply: number;
      /** "3." or "3...". */
      readonly number: string;
      readonly text: string;
      readonly san: string;
    }
  /** A smudged move: this one has other signs, or the next move could not follow it. */
  | { readonly code: 'not-on-the-sheet'; readonly san: string }
  | { readonly code: 'does-not-go-on'; readonly san: string; readonly next: string }
  /** Right, but the taught form is another. */
  | { readonly code: 'usually-written'; readonly san: string; readonly remarks: readonly NotationDiagnosis[] }
  /** Another man of its kind: how its own move would be written, if it has one. */
  | {
      readonly code: 'man-not-meant';
      readonly square: Square;
      readonly san: string;
      readonly would: string | undefined;
    }
  | { readonly code: 'man-meant'; readonly square: Square; readonly san: string };

/** Evidence for a choice, read off the position: why an option holds or does not. */
export type Reason =
  | {
      readonly code: 'colours';
      readonly squares: readonly { readonly square: Square; readonly isDark: boolean }[];
    }
  | { readonly code: 'lies-on'; readonly squares: readonly Square[] }
  | { readonly code: 'worth'; readonly white: number; readonly black: number }
  | { readonly code: 'given-and-taken'; readonly given: number; readonly taken: number }
  /** The men on these squares do it. */
  | {
      readonly code: 'gives-check' | 'in-the-way' | 'attacks';
      readonly squares: readonly Square[];
    }
  /** These men attack a square; nobody does when there are none. */
  | { readonly code: 'guards'; readonly square: Square; readonly squares: readonly Square[] }
  /** These moves do it, in SAN. */
  | {
      readonly code: 'moves-do' | 'can-move' | 'mates' | 'is-taken-by' | 'but-then';
      readonly moves: readonly string[];
    }
  /** What becomes of a move, and of the best other one. */
  | {
      readonly code: 'fates';
      readonly move: string;
      readonly fate: StoredFate;
      readonly other: string;
      readonly otherFate: StoredFate;
      readonly isGivenUp: boolean;
    }
  | {
      readonly code:
        | 'no-check'
        | 'no-move'
        | 'nothing-does'
        | 'too-few-men'
        | 'has-moved'
        | 'all-conditions-hold'
        | 'does-not-matter'
        | 'only-at-once'
        | 'enough-men'
        | 'not-agreed'
        | 'nothing-else-ends-it'
        | 'it-is-mate'
        | 'nothing-against'
        | 'is-stalemate'
        | 'have-agreed'
        | 'has-a-winner'
        | 'is-a-draw'
        | 'one-step'
        | 'two-steps'
        | 'just-now'
        | 'is-beside'
        | 'is-not-beside'
        | 'king-is-safe';
    }
  /** En passant: with both pawns gone, this man attacks the king. */
  | { readonly code: 'king-would-be-attacked'; readonly by: Square; readonly byRole: Role }
  /** The name of the mate on the board, and the man that gives it. */
  | {
      readonly code: 'is-called';
      readonly pattern: PatternId;
      readonly square: Square;
      readonly role: Role;
    }
  | { readonly code: 'times'; readonly times: number }
  | { readonly code: 'quiet-moves'; readonly moves: number }
  | { readonly code: 'result-is'; readonly result: string }
  /** Men after one another on one square: what each takes, in points, and what it comes to. */
  | { readonly code: 'exchange'; readonly moves: readonly string[]; readonly gain: number };

/** The shape of the move that was not seen. */
export const MISS_GEOMETRIES = [
  'miss-knight',
  'miss-backward',
  'miss-long-diagonal',
  'miss-en-passant',
  'miss-discovered',
  'miss-behind',
] as const;
export type MissGeometry = (typeof MISS_GEOMETRIES)[number];

/** Kinds of mistake, as codes; their sentences live with the words of the pages. */
export type Diagnosis = MateDiagnosis | Note['code'] | MissGeometry;

export interface Verdict {
  readonly outcome: VerdictOutcome;
  readonly diagnoses: readonly Diagnosis[];
  /** Ply of the first wrong move, from 0; undefined unless a move is wrong. */
  readonly wrongPly: number | undefined;
  /** What follows the wrong move and shows why it is wrong, up to a quiet end; may be empty. */
  readonly refutation: readonly MoveText[];
  /** What becomes of the wrong move, proved or seen; undefined unless wrong and known. */
  readonly fate: StoredFate | undefined;
  /** What differs from a right answer, that which is too much or wrong before that which is missing. */
  readonly notes: readonly Note[];
  /** Squares of the answer that are right, that are not, and right ones that are missing; empty where no squares are answered. */
  readonly right: readonly Square[];
  readonly extra: readonly Square[];
  readonly missed: readonly Square[];
}

const PLAIN = {
  diagnoses: [],
  wrongPly: undefined,
  refutation: [],
  fate: undefined,
  notes: [],
  right: [],
  extra: [],
  missed: [],
} as const;

export const RIGHT: Verdict = { outcome: 'right', ...PLAIN };
export const UNFINISHED: Verdict = { outcome: 'unfinished', ...PLAIN };

/** Wrong for these reasons; each kind of mistake is stored once. */
export function wrongFor(
  notes: readonly Note[],
  squares: Partial<Pick<Verdict, 'right' | 'extra' | 'missed'>> = {},
): Verdict {
  return {
    ...PLAIN,
    outcome: 'wrong',
    diagnoses: [...new Set(notes.map(({ code }) => code))],
    notes,
    ...squares,
  };
}
