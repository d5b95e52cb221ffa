'use client';
import { useMemo, useState } from 'react';
import { opponentOf, type Side, type Square, type ValueScale } from '@/core/board';
import type { PositionDraft } from '@/core/rules';
import { findSight, listArmySights } from '@/core/tactics';
import type { DiagramArrow, DiagramMark } from '@/drawing';
import { armySightText, sightText } from '@/text';
import { useHouseVoice } from '@/ui/words';
import { listArmyArrows, listArmyMarks, listSightArrows, listSightMarks } from './sightSigns';

/** What is drawn and said of a sight. */
interface SightShown {
  readonly marks: readonly DiagramMark[];
  readonly arrows: readonly DiagramArrow[];
  readonly text: string;
}

type Looked =
  /** A piece is to be tapped, or was: its square. */
  | { readonly kind: 'piece'; readonly square: Square | undefined }
  | { readonly kind: 'army'; readonly side: Side };

/** What one piece sees, or one side, of the board that is shown, whoever is to move; looked at until it is ended. */
export function useSight(shown: PositionDraft, values: ValueScale) {
  const { terms } = useHouseVoice();
  const [looked, setLooked] = useState<Looked>();
  const seen = useMemo((): SightShown | undefined => {
    const { board } = shown;
    if (looked?.kind === 'army') {
      const sights = listArmySights(shown, looked.side, values);
      return {
        marks: listArmyMarks(board, sights),
        arrows: listArmyArrows(sights),
        text: armySightText(board, looked.side, sights, terms),
      };
    }
    const sight = looked?.square === undefined ? undefined : findSight(shown, looked.square, values);
    return (
      sight && {
        marks: listSightMarks(sight),
        arrows: listSightArrows(sight),
        text: sightText(board, sight, terms),
      }
    );
  }, [looked, shown, values, terms]);
  return {
    /** The next tap on the board says whose sight it is. */
    isWaiting: looked?.kind === 'piece',
    isArmy: looked?.kind === 'army',
    seen,
    togglePiece: () => setLooked(looked?.kind === 'piece' ? undefined : { kind: 'piece', square: undefined }),
    tap: (square: Square) => setLooked({ kind: 'piece', square }),
    /** The side to move, then the other one, then nothing. */
    toggleArmy: () => {
      if (looked?.kind !== 'army') setLooked({ kind: 'army', side: shown.turn });
      else setLooked(looked.side === shown.turn ? { kind: 'army', side: opponentOf(shown.turn) } : undefined);
    },
    end: () => setLooked(undefined),
  };
}

export type SightLook = ReturnType<typeof useSight>;
