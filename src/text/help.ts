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
import { type Terms, spoken, type Spoken } from './terms';

/** What the move does in words; which piece makes it; where it goes; the move itself. */
export const HELP_STEPS = ['idea', 'piece', 'square', 'move'] as const;
export type HelpStep = (typeof HELP_STEPS)[number];

/** What a step is asked for with. */
export const HELP_LABELS = {
  idea: 'Help: an idea' as Spoken,
  piece: 'Help: which piece?' as Spoken,
  square: 'Help: which square?' as Spoken,
  move: 'Help: the move' as Spoken,
} satisfies Readonly<Record<HelpStep, Spoken>>;

export function helpStepText(
  place: PositionDraft,
  move: Move,
  step: Exclude<HelpStep, 'idea'>,
  terms: Terms,
): Spoken {
  switch (step) {
    case 'piece': {
      const man = place.board[move.from];
      return spoken(
        `Look at the ${man === undefined ? 'piece' : terms.one(man.role)} on ${makeSquareName(move.from)}.`,
      );
    }
    case 'square':
      return spoken(`Look at the square ${makeSquareName(move.to)}.`);
    case 'move':
      return spoken(manMoveText(place, move, terms));
  }
}

/** What kind of move to look for. */
export function moveIdeaText(position: Position, move: Move, terms: Terms): Spoken {
  const after = playMove(position, move);
  if (isCheckmate(after))
    return spoken(`Look at every check. After one of them the ${terms.one('king')} has no way out.`);
  const captures = findCaptured(position, move) !== undefined;
  if (isCheck(after)) return spoken(captures ? 'Look for a capture that gives check.' : 'Look for a check.');
  if (move.promotion !== undefined) return spoken(`Look for ${terms.a('pawn')} that can promote.`);
  return spoken(captures ? 'Look for a capture.' : 'Look for a quiet move: no check and no capture.');
}
