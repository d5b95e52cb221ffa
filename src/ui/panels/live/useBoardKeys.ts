'use client';
import { useHotkeys } from '@mantine/hooks';
import { opponentOf } from '@/core/board';
import type { SideName } from './BoardFoot';
import type { Hand, SightLook } from '@/ui/workbench';
import type { BoardState } from './useBoard';
import type { useSigns } from './useSigns';

/** The keys of the big board, as its side tells them; while a position is set up, letters are men. */
export function useBoardKeys(deeds: {
  readonly board: BoardState;
  readonly signs: ReturnType<typeof useSigns>;
  readonly look: SightLook;
  readonly onHand: (hand: Hand) => void;
  readonly onSide: (name: SideName) => void;
  readonly onAsk: () => void;
  readonly onReveal: () => void;
  readonly onTurn: () => void;
  readonly onWhole: () => void;
}): void {
  const { board, signs, look, onHand, onSide } = deeds;
  const always: Parameters<typeof useHotkeys>[0] = [
    ['PageDown', () => board.step(1)],
    ['PageUp', () => board.step(-1)],
    ['.', () => board.toPly(board.ply + 1)],
    [',', () => board.toPly(board.ply - 1)],
    ['H', () => board.goHome()],
    ['E', () => onHand('sets-up')],
    [
      'Escape',
      () => {
        signs.drop();
        look.end();
      },
    ],
  ];
  const settingUp: Parameters<typeof useHotkeys>[0] = [
    ['T', () => board.edit({ kind: 'turn', turn: opponentOf(board.home.turn) })],
    ['W', () => board.edit({ kind: 'clear' })],
    ['I', () => board.edit({ kind: 'start' })],
    ['mod+Z', () => board.edit({ kind: 'undo' })],
  ];
  const teaching: Parameters<typeof useHotkeys>[0] = [
    ['A', () => board.showAnswer()],
    ['Q', deeds.onAsk],
    ['P', () => onSide('questions')],
    ['S', () => onSide('said')],
    ['R', deeds.onReveal],
    ['L', () => onSide('ledger')],
    ['shift+?', () => onSide('more')],
    ['?', () => onSide('more')],
    ['D', () => onHand('draws')],
    ['V', look.togglePiece],
    ['B', look.toggleArmy],
    ['G', signs.toggleGuards],
    ['F', signs.toggleFlights],
    ['X', signs.togglePlain],
    ['C', () => signs.clear()],
    ['K', () => board.keepAsHome()],
    ['U', deeds.onTurn],
    ['Z', deeds.onWhole],
  ];
  useHotkeys([...always, ...(board.hand === 'sets-up' ? settingUp : teaching)]);
}
