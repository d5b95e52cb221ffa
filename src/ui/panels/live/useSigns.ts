'use client';
import { useState } from 'react';
import type { Side, Square } from '@/core/board';
import type { PositionDraft } from '@/core/rules';
import type { DiagramArrow, DiagramMark } from '@/drawing';
import { listFlightMarks, listGuardMarks } from './stops';

/**
 * Signs a coach puts on the big board: computed ones that are switched on, and arrows and rings drawn by hand. What is drawn belongs to its
 * home position and goes with it.
 */
export function useSigns(fen: string) {
  const [hasGuards, setHasGuards] = useState(false);
  const [hasFlights, setHasFlights] = useState(false);
  const [isPlain, setIsPlain] = useState(false);
  const [arrows, setArrows] = useState<readonly DiagramArrow[]>([]);
  const [ringed, setRinged] = useState<readonly Square[]>([]);
  const [from, setFrom] = useState<Square>();
  const [home, setHome] = useState(fen);
  if (home !== fen) {
    setHome(fen);
    setFrom(undefined);
    setArrows([]);
    setRinged([]);
  }
  return {
    isPlain,
    toggleGuards: () => setHasGuards(!hasGuards),
    toggleFlights: () => setHasFlights(!hasFlights),
    togglePlain: () => setIsPlain(!isPlain),
    arrows: isPlain ? [] : arrows,
    /** The first square of an arrow is forgotten. */
    drop: () => setFrom(undefined),
    clear() {
      setFrom(undefined);
      setArrows([]);
      setRinged([]);
    },
    /** Two squares make an arrow, the same one twice a ring; once more, and it is gone. */
    draw(square: Square) {
      if (from === undefined) {
        setFrom(square);
        return;
      }
      setFrom(undefined);
      if (from === square) {
        const others = ringed.filter((one) => one !== square);
        setRinged(others.length < ringed.length ? others : [...ringed, square]);
        return;
      }
      const others = arrows.filter((arrow) => arrow.from !== from || arrow.to !== square);
      setArrows(others.length < arrows.length ? others : [...arrows, { from, to: square, kind: 'attack' }]);
    },
    /** `turn`: whose question it is, also where a line has gone on. */
    listMarks(shown: PositionDraft, turn: Side): DiagramMark[] {
      if (isPlain) return [];
      return [
        ...(hasGuards ? listGuardMarks({ ...shown, turn }) : []),
        ...(hasFlights ? listFlightMarks(shown, turn) : []),
        ...ringed.map((square) => ({ square, mark: 'chosen' as const })),
        ...(from === undefined ? [] : [{ square: from, mark: 'chosen' as const }]),
      ];
    },
  };
}
