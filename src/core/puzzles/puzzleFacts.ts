/** What a puzzle is looked up by, beside its names and its grade: read off the board and the stored proof. */
import { fileOf, opponentOf, type Side } from '../board';
import { getMove } from '../notation';
import { findKing, type Position } from '../rules';
import { listKeyKinds, type KeyKind } from './keyKinds';
import { listMainLine, type SolutionGraph } from './solutionGraph';

/** The halves of the board: files a to d are the queen's, e to h the king's. */
export const WINGS = ['queen', 'king'] as const;
export type Wing = (typeof WINGS)[number];

export interface PuzzleFacts {
  readonly mateInMoves: number;
  /** Who mates. */
  readonly side: Side;
  /** Where the king stands that will be mated, before the first move. */
  readonly wing: Wing;
  /** Kings included. */
  readonly men: number;
  /** Of the first key. */
  readonly keyKinds: readonly KeyKind[];
}

/** The wing on which the king stands that is to be mated; throws where there is none. */
export function wingOf({ board, turn }: Pick<Position, 'board' | 'turn'>): Wing {
  const king = findKing(board, opponentOf(turn));
  if (king === undefined) throw new Error('a position has two kings');
  return fileOf(king) < 4 ? 'queen' : 'king';
}

/** Throws when the proof holds no move. */
export function listPuzzleFacts(position: Position, solution: SolutionGraph): PuzzleFacts {
  const [key] = listMainLine(solution);
  if (key === undefined) throw new Error('a proof has a first move');
  return {
    mateInMoves: solution.mateInMoves,
    side: position.turn,
    wing: wingOf(position),
    men: position.board.filter((man) => man !== undefined).length,
    keyKinds: listKeyKinds(position, getMove(key)),
  };
}
