import { getMan, opponentOf, SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { isCheck } from '../../../rules';
import { pickOne } from '../../../shared';
import {
  EDGE,
  getRecipe,
  isWithin,
  drawPosition,
  sampleUntil,
  type Composer,
  type Recipes,
} from '../../draw';
import { hasMate } from './states';

const MATE_MEN: Recipes<readonly [own: number, others: number, least: number, most: number]> = {
  1: [3, 0, 0, 44],
  2: [4, 3, 45, 59],
  3: [6, 6, 60, 79],
  4: [8, 7, 80, 400],
};

/** More moves, and more checks that do not mate, from level to level. */
export const composeMateInOne: Composer<ExerciseTaskOf<'mate-in-one'>> = (random, level) => {
  const [own, others, least, most] = getRecipe(MATE_MEN, level);
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    // The king that is looked for at the edge, where mates are.
    const placed = new Map([[pickOne(random, EDGE), getMan(opponentOf(turn), 'king')]]);
    const position = drawPosition(random, turn, level < 4 ? placed : new Map(), own, others);
    if (position === undefined || isCheck(position) || !hasMate(position)) return undefined;
    const task = { fen: makeFen(position) };
    return isWithin(EXERCISES['mate-in-one'].measure(task), least, most) ? task : undefined;
  });
};
