'use client';
import { useMemo, type Dispatch } from 'react';
import { getMan, opponentOf, type Side, type Square } from '@/core/board';
import { parseFenLetter } from '@/core/notation';
import type { Drop, HandRules } from '@/ui/board';
import { useHouseVoice } from '@/ui/words';
import { viewBench, type BenchAction, type BenchGiven, type BenchState, type BenchView } from './bench';
import { playLine, type PlayedLine } from './shownLine';
import type { PositionEdit } from './positionState';
import { isPromotion, listHandMarks, tryStep } from './study';

/** What a board is told of the coach's hand. */
export interface BenchBoard {
  readonly rules: HandRules;
  readonly onDrop: (drop: Drop) => void;
  /** Says whether the tap has done something. */
  readonly onPress: (square: Square) => boolean;
  readonly onSquareKey: (square: Square, key: string) => void;
}

export interface Bench extends BenchView {
  readonly forBoard: BenchBoard;
  readonly edit: (edit: PositionEdit) => void;
  /** A move by hand from what is shown. */
  readonly move: (drop: Drop) => void;
  readonly toPly: (ply: number) => void;
}

const NO_LINE: PlayedLine = { start: undefined, steps: [] };

/**
 * A bench with the hand on its board. `onEdit`: what was found out of the position is out of date. `turn`: whose turn it stays, whatever is
 * moved.
 */
export function useBench(
  state: BenchState,
  dispatch: Dispatch<BenchAction>,
  given: BenchGiven & { readonly turn?: Side | undefined; readonly onEdit?: () => void },
): Bench {
  const { terms } = useHouseVoice();
  const line = state.chosen ?? given.line;
  const played = useMemo(() => (line === undefined ? NO_LINE : playLine(line)), [line]);
  const view = viewBench(state, given, played);
  const { shown, steps, ply, isHome } = view;
  const isSettingUp = state.hand === 'sets-up';

  function edit(action: PositionEdit) {
    given.onEdit?.();
    dispatch({ kind: 'edit', edit: action });
  }

  function move(drop: Drop) {
    const tried = tryStep(shown, drop, given.turn, terms);
    if (tried?.ok === true) dispatch({ kind: 'moved', steps: [...steps.slice(0, ply), tried.value] });
    else if (tried !== undefined) dispatch({ kind: 'refused', refusal: tried.error });
  }

  return {
    ...view,
    edit,
    move,
    toPly: (next) => dispatch({ kind: 'ply', ply: Math.max(0, Math.min(steps.length, next)) }),
    forBoard: {
      rules: {
        canHold: (square) => (!isSettingUp || isHome) && shown.board[square] !== undefined,
        dropResult: (from, to) => (!isSettingUp && isPromotion(shown, from, to) ? 'promotion' : 'move'),
      },
      onDrop(drop) {
        const { from, to } = drop;
        if (!isSettingUp) move(drop);
        else edit(to === undefined ? { kind: 'take', square: from } : { kind: 'move', from, to });
      },
      onPress(square) {
        const { tool } = state;
        if (!isSettingUp) return false;
        // A line is shown: nothing is put on its boards.
        if (!isHome) return true;
        if (tool === undefined) return false;
        edit(tool.kind === 'man' ? { kind: 'put', square, man: tool.man } : { kind: 'take', square });
        return true;
      },
      onSquareKey(square, key) {
        if (!isSettingUp || !isHome) return;
        if (key === 'Delete' || key === 'Backspace') edit({ kind: 'take', square });
        // The letters of a FEN, but White without Shift: one hand sets up the side that is taught most.
        const man = parseFenLetter(key);
        if (man !== undefined) edit({ kind: 'put', square, man: getMan(opponentOf(man.side), man.role) });
      },
    },
  };
}

/** Where the man in hand may go, for a board on which moves are made. */
export function marksInHand(state: BenchState, { shown }: BenchView) {
  return state.hand === 'moves' ? { marksFor: (from: Square) => listHandMarks(shown, from) } : {};
}
