/** What the play player has to know of a board: how its men move, and how a move is told. */
import { wander } from '@/core/exercises';
import { makeSquareName } from '@/core/board';
import {
  findCaptured,
  findOutcome,
  listLegalMovesFrom,
  listReach,
  playMove,
  type Move,
  type Position,
  type PositionDraft,
} from '@/core/rules';
import { moveSentence, ROLE_WORDS } from '@/text';

export interface Ground<Place extends PositionDraft> {
  listMovesFrom(place: Place, from: number): Move[];
  play(place: Place, move: Move): Place;
  isCapture(place: Place, move: Move): boolean;
  isMate(place: Place): boolean;
  tell(place: Place, move: Move): string;
}

/** A game: both sides move by turns, by the rules. */
export const GAME: Ground<Position> = {
  listMovesFrom: listLegalMovesFrom,
  play: playMove,
  isCapture: (position, move) => findCaptured(position, move) !== undefined,
  isMate: (position) => findOutcome(position)?.kind === 'mate',
  tell: moveSentence,
};

/** One man moves again and again, kings or not. */
export const WANDERING: Ground<PositionDraft> = {
  listMovesFrom: listReach,
  play: wander,
  isCapture: ({ board }, { to }) => board[to] !== undefined,
  isMate: () => false,
  tell({ board }, { from, to }) {
    const role = board[from]?.role ?? 'pawn';
    const taken = board[to];
    const deed =
      taken === undefined
        ? `goes to ${makeSquareName(to)}`
        : `takes the ${ROLE_WORDS[taken.role]} on ${makeSquareName(to)}`;
    return `The ${ROLE_WORDS[role]} ${deed}.`;
  },
};
