'use client';
import { useState } from 'react';
import type { Side, Square } from '@/core/board';
import { listHandMoves, tryHandMove, type HandFault, type Move, type PositionDraft } from '@/core/rules';
import { manMoveText, type Terms } from '@/text';
import type { Drop } from '@/ui/board';
import { useHouseVoice } from '@/ui/words';

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

export interface Study {
  /** The moves made by hand, after those of the line they began in; empty: none yet. */
  readonly steps: readonly StudyStep[];
  readonly refusal: Refusal | undefined;
  /**
   * Tries a move after these steps; the steps with it, or undefined when it is not allowed and the man goes home. `turn`: whose turn
   * it is said to be afterwards; without it, the other side's.
   */
  readonly play: (
    place: PositionDraft,
    before: readonly StudyStep[],
    drop: Drop,
    turn: Side | undefined,
  ) => readonly StudyStep[] | undefined;
  /** These steps in the place of those made by hand. */
  readonly take: (steps: readonly StudyStep[]) => void;
  readonly forget: () => void;
}

/** The coach's free hand: either colour, any number of moves running, each one by the rules or explained. */
export function useStudy(first: readonly StudyStep[] = []): Study {
  const { terms } = useHouseVoice();
  const [steps, setSteps] = useState(first);
  const [refusal, setRefusal] = useState<Refusal>();
  return {
    steps,
    refusal,
    play(place, before, { from, to, promotion }, turn) {
      // Carried off the board, it simply goes home.
      if (to === undefined || to === from) return undefined;
      const tried = tryHandMove(place, promotion === undefined ? { from, to } : { from, to, promotion });
      if (!tried.ok) {
        setRefusal({ place, fault: tried.error });
        return undefined;
      }
      const { move } = tried.value;
      const after = turn === undefined ? tried.value.after : { ...tried.value.after, turn };
      const next = [...before, { move, words: manMoveText(place, move, terms), after }];
      setSteps(next);
      setRefusal(undefined);
      return next;
    },
    take(next) {
      setSteps(next);
      setRefusal(undefined);
    },
    forget() {
      setSteps([]);
      setRefusal(undefined);
    },
  };
}

/** Moves made by hand, made again from where they began; up to the first that is not allowed. */
export function replaySteps(home: PositionDraft, moves: readonly Move[], terms: Terms): StudyStep[] {
  const steps: StudyStep[] = [];
  let place = home;
  for (const { from, to, promotion } of moves) {
    const tried = tryHandMove(place, promotion === undefined ? { from, to } : { from, to, promotion });
    if (!tried.ok) break;
    const { move, after } = tried.value;
    steps.push({ move, words: manMoveText(place, move, terms), after });
    place = after;
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
