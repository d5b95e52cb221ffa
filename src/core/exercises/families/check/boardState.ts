/**
 * What is on the board: check, mate, stalemate, a dead position or none of these (FIDE Laws of Chess, articles 3.9, 5.1.1, 5.2.1, 5.2.2), and
 * what shows it.
 */
import { z } from 'zod/mini';
import { makeSan } from '../../../notation';
import { findOutcome, isCheck, listCheckers, listLegalMoves, type Position } from '../../../rules';
import { positionTextSchema } from '../../family/legalTask';
import type { Reason } from '../../family/verdict';

export const STATE_OPTIONS = ['check', 'mate', 'stalemate', 'dead', 'goes-on'] as const;

export type BoardState = (typeof STATE_OPTIONS)[number];

export const PARTS = { version: 1, stage: 'check' } as const;

export const boardTaskSchema = z.object({ fen: positionTextSchema });

export function findState(position: Position): BoardState {
  return findOutcome(position)?.kind ?? (isCheck(position) ? 'check' : 'goes-on');
}

/** What makes it check, mate, stalemate, a dead position or none of these. */
export function whyState(position: Position, state: BoardState): Reason {
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
export function reasonOfMoves(position: Position): Reason {
  const [first] = listLegalMoves(position);
  return first === undefined ? { code: 'no-move' } : { code: 'can-move', moves: [makeSan(position, first)] };
}
