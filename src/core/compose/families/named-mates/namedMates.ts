/** Named mates on the board: pictures of the book with men added. */
import type { Role } from '../../../board';
import type { PatternId } from '../../../patterns';
import type { Position } from '../../../rules';
import { pickOne, type Random } from '../../../shared';
import { sampleNamedMate } from '../../patternMates';

export interface NamedRecipe {
  readonly ids: readonly PatternId[];
  /** Men added to the bare picture. */
  readonly added: number;
  /** Names to choose from, men to choose from, spare men, as the family asks. */
  readonly count: number;
}

export function sampleMate(
  random: Random,
  { ids, added }: NamedRecipe,
): { id: PatternId; mated: Position } | undefined {
  const id = pickOne(random, ids);
  const mated = sampleNamedMate(random, id, added);
  return mated && { id, mated };
}

export const OFFICERS: readonly Role[] = ['queen', 'rook', 'bishop', 'knight', 'pawn'];
