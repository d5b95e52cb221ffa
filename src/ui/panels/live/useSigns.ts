'use client';
import { useState } from 'react';
import { opponentOf, type Side, type Square, type ValueScale } from '@/core/board';
import type { PositionDraft } from '@/core/rules';
import { findSight, listArmySights } from '@/core/tactics';
import type { DiagramArrow, DiagramMark } from '@/drawing';
import { armySightText, sightText, type Terms } from '@/text';
import { listArmyArrows, listArmyMarks, listSightArrows, listSightMarks } from '@/ui/workbench';
import { listFlightMarks, listGuardMarks } from './stops';

interface SightShown {
  readonly marks: readonly DiagramMark[];
  readonly arrows: readonly DiagramArrow[];
  readonly text: string;
}

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
  const [isSighting, setIsSighting] = useState(false);
  const [sighted, setSighted] = useState<Square>();
  const [army, setArmy] = useState<Side>();
  const [home, setHome] = useState(fen);
  if (home !== fen) {
    setHome(fen);
    setFrom(undefined);
    setArrows([]);
    setRinged([]);
    setSighted(undefined);
  }
  return {
    isPlain,
    toggleGuards: () => setHasGuards(!hasGuards),
    toggleFlights: () => setHasFlights(!hasFlights),
    togglePlain: () => setIsPlain(!isPlain),
    isSighting,
    /** What the next piece that is tapped sees; once more, and it ends. */
    toggleSighting: () => {
      setIsSighting(!isSighting);
      setSighted(undefined);
      setArmy(undefined);
    },
    sight: (square: Square) => setSighted(square === sighted ? undefined : square),
    /** What the side to move sees, then the other side, then nothing. */
    toggleArmy(turn: Side) {
      setSighted(undefined);
      setIsSighting(false);
      setArmy(army === undefined ? turn : army === turn ? opponentOf(turn) : undefined);
    },
    /** The sight that is asked for, in marks, arrows and words; undefined: none. */
    findSight(shown: PositionDraft, values: ValueScale, terms: Terms): SightShown | undefined {
      if (isPlain) return undefined;
      if (army !== undefined) {
        const sights = listArmySights(shown, army, values);
        return {
          marks: listArmyMarks(shown.board, sights),
          arrows: listArmyArrows(sights),
          text: armySightText(shown.board, army, sights, terms),
        };
      }
      const sight = isSighting && sighted !== undefined ? findSight(shown, sighted, values) : undefined;
      return (
        sight && {
          marks: listSightMarks(sight),
          arrows: listSightArrows(sight),
          text: sightText(shown.board, sight, terms),
        }
      );
    },
    drawn: isPlain ? [] : arrows,
    /** What is half drawn or only looked at is forgotten. */
    drop: () => {
      setFrom(undefined);
      setIsSighting(false);
      setArmy(undefined);
    },
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
