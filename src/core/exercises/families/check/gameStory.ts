/** A position with what the game was before it, and the draws it is or allows (FIDE Laws of Chess, articles 5.2 and 9). */
import { z } from 'zod/mini';
import { getPosition } from '../../../notation';
import { findOutcome } from '../../../rules';
import { positionTextSchema } from '../../family/legalTask';
import type { GameStory } from '../../family/question';
import type { PlainReason } from '../../family/note';
import { findState, reasonOfMoves, whyState, type StateReason } from './boardState';

/** What the game was before this position. */
const gameStorySchema: z.ZodMiniType<GameStory> = z.object({
  /** How often this position has been on the board, now included. */
  times: z.int().check(z.minimum(1), z.maximum(5)),
  /** Full moves since the last capture or pawn move. */
  quietMoves: z.int().check(z.minimum(0), z.maximum(80)),
  haveAgreed: z.boolean(),
});

export const DRAW_OPTIONS = [
  'stalemate',
  'dead',
  'repetition',
  'fifty-moves',
  'agreement',
  'no-draw',
] as const;

type DrawKind = (typeof DRAW_OPTIONS)[number];

export const drawShape = z.object({ fen: positionTextSchema, story: gameStorySchema });

export type DrawTask = z.infer<typeof drawShape>;

/** Every draw that is there or may be claimed: stalemate, dead, repetition (9.2), fifty moves (9.3), agreement (9.1). */
export function listDraws({ fen, story }: DrawTask): DrawKind[] {
  const outcome = findOutcome(getPosition(fen))?.kind;
  const draws: DrawKind[] = [];
  if (outcome === 'stalemate' || outcome === 'dead') draws.push(outcome);
  if (story.times >= 3) draws.push('repetition');
  if (story.quietMoves >= 50) draws.push('fifty-moves');
  if (story.haveAgreed) draws.push('agreement');
  return outcome === 'mate' ? [] : draws;
}

/** Why a draw is there or not: the board, or what is told of the game. */
export type DrawReason =
  | StateReason
  | PlainReason<'enough-men' | 'have-agreed' | 'not-agreed' | 'nothing-else-ends-it'>
  | { readonly code: 'times'; readonly times: number }
  | { readonly code: 'quiet-moves'; readonly moves: number };

/** Why this draw is there, or why it is not. */
export function reasonOfDraw({ fen, story }: DrawTask, option: DrawKind): DrawReason {
  const position = getPosition(fen);
  const state = findState(position);
  switch (option) {
    case 'stalemate':
      if (state === 'mate') return { code: 'it-is-mate' };
      return state === 'stalemate' ? whyState(position, state) : reasonOfMoves(position);
    case 'dead':
      return state === 'dead' ? whyState(position, state) : { code: 'enough-men' };
    case 'repetition':
      return { code: 'times', times: story.times };
    case 'fifty-moves':
      return { code: 'quiet-moves', moves: story.quietMoves };
    case 'agreement':
      return { code: story.haveAgreed ? 'have-agreed' : 'not-agreed' };
    case 'no-draw':
      return state === 'mate' ? { code: 'it-is-mate' } : { code: 'nothing-else-ends-it' };
  }
}

/** Men, and what is told besides. */
export function measureStory({ fen, story }: DrawTask): number {
  const men = getPosition(fen).board.filter((man) => man !== undefined).length;
  return men + (story.times > 1 ? 6 : 0) + (story.quietMoves > 0 ? 6 : 0) + (story.haveAgreed ? 2 : 0);
}
