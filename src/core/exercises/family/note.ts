/**
 * Notes: why a part of an answer is not right, or which part is missing, as data; a family's own type says which it has. A reason is
 * the evidence for a choice, read off the position. The shapes below are the ones most of them have.
 */
import type { Role, Square } from '../../board';

export interface FamilyNote {
  readonly code: string;
}

/** Evidence for a choice: why an option holds or does not. */
export interface FamilyReason {
  readonly code: string;
}

/** About a square. */
export type SquareNote<Code extends string> = Code extends string
  ? { readonly code: Code; readonly square: Square }
  : never;

/** About a man on a square. */
export type ManNote<Code extends string> = Code extends string
  ? { readonly code: Code; readonly square: Square; readonly role: Role }
  : never;

/** About a man on a square, and the man on `by` that does it. */
export type ByNote<Code extends string> = Code extends string
  ? {
      readonly code: Code;
      readonly square: Square;
      readonly role: Role;
      readonly by: Square;
      readonly byRole: Role;
    }
  : never;

/** About a man on a square, and another square it attacks or goes to. */
export type TargetNote<Code extends string> = Code extends string
  ? { readonly code: Code; readonly square: Square; readonly role: Role; readonly target: Square }
  : never;

/** About a square that the man on `by` attacks. */
export type AttackedNote<Code extends string> = Code extends string
  ? { readonly code: Code; readonly square: Square; readonly by: Square; readonly byRole: Role }
  : never;

/** Evidence in squares: the men on them do it. */
export type SquaresReason<Code extends string> = Code extends string
  ? { readonly code: Code; readonly squares: readonly Square[] }
  : never;

/** Evidence in moves, as SAN. */
export type MovesReason<Code extends string> = Code extends string
  ? { readonly code: Code; readonly moves: readonly string[] }
  : never;

/** A reason that needs nothing but its code. */
export type PlainReason<Code extends string> = Code extends string ? { readonly code: Code } : never;
