/** What the play player has to know of a board: how its men move, and how a move is told. */
import { wander } from '@/core/exercises';
import type { Square } from '@/core/board';
import { parseMoveText, type MoveText } from '@/core/notation';
import { listPawnMoves, playPawnMove } from '@/core/pawns';
import {
  findCaptured,
  listLawfulReach,
  listLegalMovesFrom,
  playMove,
  type Move,
  type Position,
  type PositionDraft,
} from '@/core/rules';
import { manMoveText, moveSentence, type Spoken, type Terms } from '@/text';

export interface Ground<Place extends PositionDraft> {
  listMovesFrom(place: Place, from: number): Move[];
  play(place: Place, move: Move): Place;
  isCapture(place: Place, move: Move): boolean;
  /** The move in words. */
  tell(place: Place, move: Move, terms: Terms): Spoken;
}

/** The board after the moves; those that are none are left out. */
export function playAll<Place extends PositionDraft>(
  ground: Ground<Place>,
  home: Place,
  moves: readonly MoveText[],
): Place {
  return moves.reduce((place, text) => {
    const move = parseMoveText(text);
    return move === undefined ? place : ground.play(place, move);
  }, home);
}

/** A game: both sides move by turns, by the rules. */
export const GAME: Ground<Position> = {
  listMovesFrom: listLegalMovesFrom,
  play: playMove,
  isCapture: (position, move) => findCaptured(position, move) !== undefined,
  tell: moveSentence,
};

/** A board on which one man moves again and again, kings or not; another may answer each of its moves. */
export interface Wandering extends PositionDraft {
  /** Where the man stands now. */
  readonly at: Square;
}

export const WANDERING: Ground<Wandering> = {
  listMovesFrom: (place, from) => (from === place.at ? listLawfulReach(place, from) : []),
  play: (place, move) => ({
    ...place,
    ...wander(place, move),
    at: move.from === place.at ? move.to : place.at,
  }),
  isCapture: ({ board }, { to }) => board[to] !== undefined,
  tell: manMoveText,
};

/** The pawns-only game. */
export const PAWNS: Ground<PositionDraft> = {
  listMovesFrom: (place, from) => listPawnMoves(place).filter((move) => move.from === from),
  play: playPawnMove,
  isCapture: ({ board }, { from, to }) =>
    board[to] !== undefined || (board[from]?.role === 'pawn' && (from - to) % 8 !== 0),
  tell: manMoveText,
};
