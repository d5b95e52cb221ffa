import { opponentOf, SIDES } from '../../../board';
import type { ExerciseTaskOf, Scale } from '../../../exercises';
import { makeFen } from '../../../notation';
import { isCheck, listAttackers } from '../../../rules';
import { pickOne, type Random } from '../../../shared';
import { findAttack } from '../../../tactics';
import { drawPosition } from '../../draw';

export type AttackedTask = ExerciseTaskOf<'attack-kinds'>;

/** A man of the side to move attacked by one of theirs. */
export function sampleAttack(random: Random, men: number, values: Scale): AttackedTask | undefined {
  const turn = pickOne(random, SIDES);
  const position = drawPosition(random, turn, new Map(), men, men);
  if (position === undefined || isCheck(position)) return undefined;
  const own = position.board.flatMap((man, at) =>
    man?.side === turn &&
    man.role !== 'king' &&
    listAttackers(position.board, at, opponentOf(turn)).length === 1
      ? [at]
      : [],
  );
  const [target] = own;
  return own.length === 1 && target !== undefined && findAttack(position, target, values) !== undefined
    ? { fen: makeFen(position), target, values }
    : undefined;
}
