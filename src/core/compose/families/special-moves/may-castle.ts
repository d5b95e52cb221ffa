import { getMan, SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne } from '../../../shared';
import { getRecipe, drawPosition, sampleUntil, type Composer, type Recipes } from '../../draw';

type CastlingTask = ExerciseTaskOf<'may-castle'>;

const CASTLING_RECIPES: Recipes<{ answers: readonly string[]; men: number; isToldMuch: boolean }> = {
  1: { answers: ['may-castle', 'in-the-way', 'has-moved'], men: 1, isToldMuch: false },
  2: { answers: ['may-castle', 'in-check', 'in-the-way', 'has-moved'], men: 3, isToldMuch: false },
  3: { answers: ['may-castle', 'passes-attack', 'lands-in-check', 'in-check'], men: 5, isToldMuch: false },
  4: { answers: ['may-castle', 'passes-attack', 'lands-in-check', 'has-moved'], men: 7, isToldMuch: true },
};

/** 1: free or not, moved or not. 2: in check. 3: passing an attacked square. 4: and what does not matter. */
export const composeMayCastle: Composer<CastlingTask> = (random, level) => {
  const { answers, men, isToldMuch } = getRecipe(CASTLING_RECIPES, level);
  const answer = pickOne(random, answers);
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    const home = turn === 'white' ? 0 : 56;
    const placed = new Map([
      [home + 4, getMan(turn, 'king')],
      [home, getMan(turn, 'rook')],
      [home + 7, getMan(turn, 'rook')],
    ]);
    const position = drawPosition(random, turn, placed, men, men);
    if (position === undefined) return undefined;
    const hasMoved =
      answer === 'has-moved'
        ? pickOne(random, ['king', 'rook'] as const)
        : isToldMuch && random() < 0.5
          ? 'other-rook'
          : 'nobody';
    const task: CastlingTask = {
      fen: makeFen(position),
      wing: pickOne(random, ['short', 'long'] as const),
      hasMoved,
      wasInCheck: isToldMuch && random() < 0.4,
    };
    const isFit =
      EXERCISES['may-castle'].isTask(task) && EXERCISES['may-castle'].solution(task).options[0] === answer;
    return isFit ? task : undefined;
  });
};
