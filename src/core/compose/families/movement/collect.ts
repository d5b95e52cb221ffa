import { getMan, isDarkSquare, opponentOf, SIDES, type Role } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne, randomBelow } from '../../../shared';
import {
  getRecipe,
  isWithin,
  place,
  scatter,
  shuffle,
  sampleUntil,
  type Composer,
  type Recipes,
} from '../../draw';
import { tellAtTop } from './routes';

const COLLECT_RECIPES: Recipes<{
  roles: readonly Role[];
  targets: number;
  own: number;
  fewest: readonly [number, number];
}> = {
  1: { roles: ['rook', 'queen'], targets: 2, own: 0, fewest: [2, 2] },
  2: { roles: ['rook', 'bishop', 'queen'], targets: 3, own: 1, fewest: [3, 4] },
  3: { roles: ['rook', 'bishop', 'knight'], targets: 3, own: 2, fewest: [4, 5] },
  4: { roles: ['rook', 'knight', 'bishop', 'king'], targets: 4, own: 3, fewest: [6, 7] },
  5: { roles: ['rook', 'bishop', 'knight'], targets: 3, own: 1, fewest: [3, 5] },
};

/** 1: two men. 2: three. 3: three, with ways between them. 4: four, far apart. 5: three, told before the man goes. */
export const composeCollect: Composer<ExerciseTaskOf<'collect'>> = (random, level) => {
  const { roles, targets, own, fewest } = getRecipe(COLLECT_RECIPES, level);
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    const square = randomBelow(random, 64);
    const man = getMan(turn, pickOne(random, roles));
    const start = scatter(random, turn, new Map([[square, man]]), own, 0);
    const roleOfTheirs = shuffle(random, ['pawn', 'knight', 'bishop', 'rook', 'pawn'] as const).slice(
      0,
      targets,
    );
    const draft = place(random, start, opponentOf(turn), roleOfTheirs);
    const squares = draft.board.flatMap((other, at) => (other?.side === opponentOf(turn) ? [at] : []));
    // A bishop never leaves its colour: no use to look for a way.
    const isReached =
      man.role !== 'bishop' || squares.every((at) => isDarkSquare(at) === isDarkSquare(square));
    if (!isReached) return undefined;
    const task = { fen: makeFen(draft), square, targets: squares, commit: 'step' as const };
    return isWithin(EXERCISES.collect.measure(task), ...fewest) ? tellAtTop(task, level) : undefined;
  });
};
