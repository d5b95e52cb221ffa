/**
 * What is on the board: check, mate, stalemate, a dead position or none of these (FIDE Laws of Chess, articles 3.9, 5.1.1, 5.2.1, 5.2.2), and
 * what shows it.
 */
import { z } from 'zod/mini';
import { makeSan } from '../../../notation';
import { findOutcome, isCheck, listCheckers, listLegalMoves, type Position } from '../../../rules';
import { positionTextSchema } from '../../family/legalTask';
import type { MovesReason, PlainReason, SquaresReason } from '../../family/note';

export const STATE_OPTIONS = ['check', 'mate', 'stalemate', 'dead', 'goes-on'] as const;

export type BoardState = (typeof STATE_OPTIONS)[number];

export const PARTS = { version: 1, stage: 'check' } as const;

export const boardTaskSchema = z.object({ fen: positionTextSchema });

export function findState(position: Position): BoardState {
  return findOutcome(position)?.kind ?? (isCheck(position) ? 'check' : 'goes-on');
}

/** The moves there are, or that there is none. */
export type MovesLeftReason = PlainReason<'no-move'> | MovesReason<'can-move'>;
export type StateReason =
  MovesLeftReason | SquaresReason<'gives-check'> | PlainReason<'it-is-mate' | 'is-stalemate' | 'too-few-men'>;

/** What makes it check, mate, stalemate, a dead position or none of these. */
export function whyState(position: Position, state: BoardState): StateReason {
  switch (state) {
    case 'check':
      return { code: 'gives-check', squares: listCheckers(position) };
    case 'mate':
      return { code: 'it-is-mate' };
    case 'stalemate':
      return { code: 'is-stalemate' };
    case 'dead':
      return { code: 'too-few-men' };
    case 'goes-on':
      return reasonOfMoves(position);
  }
}

/** The first legal move, against whoever says that there is none. */
export function reasonOfMoves(position: Position): MovesLeftReason {
  const [first] = listLegalMoves(position);
  return first === undefined ? { code: 'no-move' } : { code: 'can-move', moves: [makeSan(position, first)] };
}
