/** Moves on a board that is studied: those of a line and those made by hand. Plain functions, tested without a screen. */
import type { Side, Square } from '@/core/board';
import { listHandMoves, tryHandMove, type HandFault, type Move, type PositionDraft } from '@/core/rules';
import { failure, success, type Result } from '@/core/shared';
import { manMoveText, type Terms } from '@/text';
import type { Drop } from '@/ui/board';

/** A move on the board: of a line, or one the coach made. */
export interface StudyStep {
  readonly move: Move;
  readonly words: string;
  readonly after: PositionDraft;
}

/** A forbidden move: where it was tried, and why not. */
export interface Refusal {
  readonly place: PositionDraft;
  readonly fault: HandFault;
}

/**
 * The coach's free hand: either colour, any number of moves running, each one by the rules or refused with the reason. The move with its
 * words and what stands on the board afterwards; `turn`: whose turn it is said to be then, without it the other side's. Undefined for a man
 * that is carried off the board or put down where it stood: it simply goes home.
 */
export function tryStep(
  place: PositionDraft,
  { from, to, promotion }: Drop,
  turn: Side | undefined,
  terms: Terms,
): Result<StudyStep, Refusal> | undefined {
  if (to === undefined || to === from) return undefined;
  const tried = tryHandMove(place, promotion === undefined ? { from, to } : { from, to, promotion });
  if (!tried.ok) return failure({ place, fault: tried.error });
  const { move, after } = tried.value;
  return success({
    move,
    words: manMoveText(place, move, terms),
    after: turn === undefined ? after : { ...after, turn },
  });
}

/** Moves made by hand, made again from where they began; up to the first that is not allowed. */
export function replaySteps(home: PositionDraft, moves: readonly Move[], terms: Terms): StudyStep[] {
  const steps: StudyStep[] = [];
  let place = home;
  for (const move of moves) {
    const tried = tryStep(place, move, undefined, terms);
    if (tried?.ok !== true) break;
    steps.push(tried.value);
    place = tried.value.after;
  }
  return steps;
}

/** The squares a refusal names, for a mark on the board. */
export function squaresOfRefusal({ fault }: Refusal): Square[] {
  if ('by' in fault) return [fault.by];
  return 'square' in fault ? [fault.square] : [];
}

/** Where the man in hand may be put, and where it takes. */
export function listHandMarks(place: PositionDraft, from: Square) {
  return listHandMoves(place, from).map(({ to }) => ({
    square: to,
    mark: place.board[to] === undefined ? ('goes' as const) : ('takes' as const),
  }));
}

/** Does a pawn of that square reach the last rank there? */
export function isPromotion(place: PositionDraft, from: Square, to: Square | undefined): boolean {
  return listHandMoves(place, from).some((move) => move.to === to && move.promotion !== undefined);
}

/** Has the side to move anything to play? */
export function hasMoves(place: PositionDraft): boolean {
  return place.board.some(
    (man, square) => man?.side === place.turn && listHandMoves(place, square).length > 0,
  );
}
