import { SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { listForcing } from '../../../proof';
import { isCheck } from '../../../rules';
import { pickOne } from '../../../shared';
import {
  getRecipe,
  isSmallFight,
  isWithin,
  drawPosition,
  sampleUntil,
  type Composer,
  type Recipes,
} from '../../draw';

type ForcingTask = ExerciseTaskOf<'forcing-moves'>;

interface ForcingRecipe {
  readonly asked: ForcingTask['asked'];
  /** Men beside the kings, of each side. */
  readonly men: number;
  readonly least: number;
  readonly most: number;
}

const RECIPES: Recipes<ForcingRecipe> = {
  1: { asked: 'checks', men: 4, least: 2, most: 4 },
  2: { asked: 'kinds', men: 4, least: 3, most: 5 },
  3: { asked: 'kinds', men: 7, least: 4, most: 8 },
  4: { asked: 'gains', men: 7, least: 4, most: 7 },
};

/** 1: the checks. 2: checks, captures and threats. 3: on fuller boards. 4: what comes of each check and capture, not all alike. */
export const composeForcingMoves: Composer<ForcingTask> = (random, level, values) =>
  sampleUntil(() => {
    const { asked, men, least, most } = getRecipe(RECIPES, level);
    const position = drawPosition(random, pickOne(random, SIDES), new Map(), men, men);
    if (position === undefined || isCheck(position)) return undefined;
    const { checks, captures, threats } = listForcing(position);
    const moves = [...checks, ...(asked === 'checks' ? [] : captures), ...(asked === 'kinds' ? threats : [])];
    if (!isWithin(moves.length, least, most)) return undefined;
    if (asked === 'kinds' && (checks.length === 0 || captures.length === 0)) return undefined;
    if (asked === 'gains' && !moves.every(({ to }) => isSmallFight(position, to))) return undefined;
    const task: ForcingTask = { fen: makeFen(position), asked, values };
    const family = EXERCISES['forcing-moves'];
    if (!family.isTask(task)) return undefined;
    const labels = new Set(family.solution(task).marks.map(({ label }) => label));
    return asked === 'gains' && labels.size < 2 ? undefined : task;
  });
