/** Help on the way to a move, step by step. Each step is true of the right move it leads to. */
import { makeSquareName } from '@/core/board';
import {
  findCaptured,
  isCheck,
  isCheckmate,
  playMove,
  type Move,
  type Position,
  type PositionDraft,
} from '@/core/rules';
import { manMoveText } from './hand';
import type { Terms } from './terms';

/** What the move does in words; which piece makes it; where it goes; the move itself. */
export const HELP_STEPS = ['idea', 'piece', 'square', 'move'] as const;
export type HelpStep = (typeof HELP_STEPS)[number];

/** What a step is asked for with. */
export const HELP_LABELS: Readonly<Record<HelpStep, string>> = {
  idea: 'Help: an idea',
  piece: 'Help: which piece?',
  square: 'Help: which square?',
  move: 'Help: the move',
};

export function helpStepText(
  place: PositionDraft,
  move: Move,
  step: Exclude<HelpStep, 'idea'>,
  terms: Terms,
): string {
  switch (step) {
    case 'piece': {
      const man = place.board[move.from];
      return `Look at the ${man === undefined ? 'piece' : terms.one(man.role)} on ${makeSquareName(move.from)}.`;
    }
    case 'square':
      return `Look at the square ${makeSquareName(move.to)}.`;
    case 'move':
      return manMoveText(place, move, terms);
  }
}

/** What kind of move to look for. */
export function moveIdeaText(position: Position, move: Move, terms: Terms): string {
  const after = playMove(position, move);
  if (isCheckmate(after))
    return `Look at every check. After one of them the ${terms.one('king')} has no way out.`;
  const captures = findCaptured(position, move) !== undefined;
  if (isCheck(after)) return captures ? 'Look for a capture that gives check.' : 'Look for a check.';
  if (move.promotion !== undefined) return `Look for ${terms.a('pawn')} that can promote.`;
  return captures ? 'Look for a capture.' : 'Look for a quiet move: no check and no capture.';
}
