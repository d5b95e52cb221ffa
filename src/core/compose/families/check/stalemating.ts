import { opponentOf, SIDES } from '../../../board';
import { wander, type ExerciseTaskOf } from '../../../exercises';
import { makeFen, makeSan } from '../../../notation';
import { findOutcome, listLegalMoves, listReach, playMove, type Position } from '../../../rules';
import { pickOne, randomBelow, type Random } from '../../../shared';
import { findLegal, shuffle, sampleUntil, type Composer } from '../../draw';
import { sampleStalemate } from './states';

type StalematingTask = ExerciseTaskOf<'stalemating'>;

/** 1: three moves and few men. 2: four. 3: five, and more men. */
export const composeStalemating: Composer<StalematingTask> = (random, level) => {
  const [own, others, count] = (
    [
      [0, 2, 3],
      [1, 4, 4],
      [2, 6, 5],
    ] as const
  )[level - 1] ?? [0, 2, 3];
  return sampleUntil(() => {
    const ended = sampleStalemate(random, pickOne(random, SIDES), own, others);
    const position = ended && takeBack(random, ended);
    if (position === undefined) return undefined;
    const moves = listLegalMoves(position);
    const right = moves.filter((move) => findOutcome(playMove(position, move))?.kind === 'stalemate');
    const taken = shuffle(random, right).slice(0, 1 + randomBelow(random, 2));
    const left = shuffle(
      random,
      moves.filter((move) => !right.includes(move)),
    ).slice(0, count - taken.length);
    if (taken.length === 0 || left.length === 0) return undefined;
    const sans = shuffle(random, [...taken, ...left]).map((move) => makeSan(position, move));
    return sans.length === count ? { fen: makeFen(position), sans } : undefined;
  });
};

/** A position from which a piece of the side that waits can have come here; undefined when none is found. */
function takeBack(random: Random, after: Position): Position | undefined {
  const mover = opponentOf(after.turn);
  const pieces = after.board.flatMap((man, square) =>
    man?.side === mover && man.role !== 'pawn' ? [square] : [],
  );
  const to = pickOne(random, pieces);
  // Men but pawns go back the way they came.
  const back = listReach({ ...after, turn: mover }, to).filter((move) => after.board[move.to] === undefined);
  if (back.length === 0) return undefined;
  return findLegal(wander({ ...after, turn: mover }, pickOne(random, back)));
}
