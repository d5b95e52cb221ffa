/**
 * What the hand over a board is doing. Mouse, touch, keyboard and tests all speak `BoardEvent`; each state answers
 * events in a file of its own, and what a drop means is asked of `HandRules`, so a board for free placing and one for
 * legal moves differ in nothing else.
 */
import type { PromotionRole, Square } from '@/core/board';

export type Hand =
  | { readonly kind: 'idle' }
  /** `isFresh`: taken up by the press that is still down, so letting go on the same square keeps it in hand. */
  | { readonly kind: 'holding'; readonly from: Square; readonly isFresh: boolean }
  | { readonly kind: 'promoting'; readonly from: Square; readonly to: Square };

/** `beside`: the squares on the other side of the borders the pointer was close to. */
export type BoardEvent =
  /** A press on a square, or Enter on it. */
  | { readonly kind: 'squareDown'; readonly square: Square; readonly beside?: readonly Square[] }
  /** The press ends; undefined = off the board. */
  | { readonly kind: 'squareUp'; readonly square: Square | undefined; readonly beside?: readonly Square[] }
  | { readonly kind: 'promotionChosen'; readonly role: PromotionRole }
  | { readonly kind: 'cancel' };

/** A drop as the board understood it; the page decides what it does. */
export interface Drop {
  readonly from: Square;
  /** Undefined = carried off the board. */
  readonly to: Square | undefined;
  readonly promotion?: PromotionRole;
  /** The pointer was so close to these squares that one of them may have been meant. */
  readonly beside?: readonly Square[];
}

export interface HandRules {
  canHold(square: Square): boolean;
  dropResult(from: Square, to: Square | undefined): 'move' | 'promotion' | 'back';
}

export interface HandStep {
  readonly hand: Hand;
  readonly drop?: Drop;
}

export const IDLE: Hand = { kind: 'idle' };
