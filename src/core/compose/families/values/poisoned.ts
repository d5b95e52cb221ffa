import { SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { getPosition, makeFen, makeMoveText } from '../../../notation';
import { findCaptured, isCheck, listLegalMoves, playMove, type Move } from '../../../rules';
import { pickOne } from '../../../shared';
import { exchangeAfter } from '../../../tactics';
import {
  getRecipe,
  isSmallFight,
  isWithin,
  drawPosition,
  sampleUntil,
  type Composer,
  type Recipes,
} from '../../draw';
import { hasMate } from '../check/states';

type PoisonedTask = ExerciseTaskOf<'poisoned'>;

const POISON_RECIPES: Recipes<readonly [men: number, least: number, most: number]> = {
  1: [4, 0, 18],
  2: [7, 19, 28],
  3: [10, 29, 80],
};

/** More answers of the other side to look at from level to level. A catch elsewhere that is as big as the first is no question. */
export const composePoisoned: Composer<PoisonedTask> = (random, level, values) => {
  const [men, least, most] = getRecipe(POISON_RECIPES, level);
  const wanted = pickOne(random, ['allows-mate', 'loses-more', 'take-it'] as const);
  return sampleUntil(() => {
    const position = drawPosition(random, pickOne(random, SIDES), new Map(), men, men);
    if (position === undefined || isCheck(position)) return undefined;
    const captures = listLegalMoves(position).filter(
      (move) =>
        move.promotion === undefined &&
        position.board[move.to] !== undefined &&
        isSmallFight(position, move.to),
    );
    if (captures.length === 0) return undefined;
    const move = pickOne(random, captures);
    if ((wanted === 'allows-mate') !== hasMate(playMove(position, move))) return undefined;
    const task = { fen: makeFen(position), move: makeMoveText(move), values };
    const { poisoned } = EXERCISES;
    if (!isWithin(poisoned.measure(task), least, most) || !poisoned.isTask(task)) return undefined;
    if (poisoned.solution(task).options[0] !== wanted) return undefined;
    return wanted === 'take-it' && !isQuietElsewhere(task, move) ? undefined : task;
  });
};

/** Nothing else hangs once the capture is made. */
function isQuietElsewhere({ fen, values }: PoisonedTask, capture: Move): boolean {
  const after = playMove(getPosition(fen), capture);
  return listLegalMoves(after).every(
    (reply) =>
      reply.to === capture.to ||
      findCaptured(after, reply) === undefined ||
      exchangeAfter(after, reply, values).gain <= 0,
  );
}
