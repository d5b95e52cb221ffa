import { getMan, opponentOf, SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { isCheck } from '../../../rules';
import { pickOne, randomBelow } from '../../../shared';
import { getRecipe, drawPosition, sampleUntil, type Composer, type Recipes } from '../../draw';

type PassingTask = ExerciseTaskOf<'may-pass'>;

const PASSING_RECIPES: Recipes<{ answers: readonly string[]; men: number }> = {
  1: { answers: ['may-take', 'single-step'], men: 0 },
  2: { answers: ['may-take', 'single-step', 'too-late'], men: 2 },
  3: { answers: ['may-take', 'not-beside', 'too-late', 'single-step'], men: 5 },
  4: { answers: ['may-take', 'king-in-check', 'too-late'], men: 7 },
};

/** 1: two steps or one. 2: at once or never. 3: beside or not. 4: the capture may leave its own king in check. */
export const composeMayPass: Composer<PassingTask> = (random, level) => {
  const { answers, men } = getRecipe(PASSING_RECIPES, level);
  const answer = pickOne(random, answers);
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    const forward = turn === 'white' ? 8 : -8;
    const fifth = turn === 'white' ? 32 : 24;
    const [file, aside] = [
      randomBelow(random, 8),
      pickOne(random, answer === 'not-beside' ? [-2, 2, -1, 1] : [-1, 1]),
    ];
    if (file + aside < 0 || file + aside > 7) return undefined;
    const to = fifth + file + aside;
    const pawn = fifth + file - (answer === 'not-beside' && Math.abs(aside) === 1 ? forward : 0);
    const from = to + (answer === 'single-step' ? forward : 2 * forward);
    const placed = new Map([
      [pawn, getMan(turn, 'pawn')],
      [to, getMan(opponentOf(turn), 'pawn')],
    ]);
    const position = drawPosition(random, turn, placed, men, men);
    if (position === undefined || isCheck(position)) return undefined;
    if ([to + forward, to + 2 * forward].some((square) => position.board[square] !== undefined))
      return undefined;
    const task: PassingTask = { fen: makeFen(position), pawn, from, to, isLate: answer === 'too-late' };
    return EXERCISES['may-pass'].solution(task).options[0] === answer ? task : undefined;
  });
};
