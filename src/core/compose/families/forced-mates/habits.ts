/** Forced mates of few men, proved, and the mate certified by the checker. */
import { SIDES } from '../../../board';
import type { ExerciseTaskOf, Level } from '../../../exercises';
import { makeFen } from '../../../notation';
import { trimToSeat } from '../../../puzzles';
import { isCheck } from '../../../rules';
import { pickOne, type Random } from '../../../shared';
import { getRecipe, drawPosition, type Recipes } from '../../draw';
import { makeMateTask } from '../../mateTask';
import { getSearches } from '../searches';

export type HabitTask = ExerciseTaskOf<'whole-line'>;

/** Moves of the mate, and men beside the kings: 1 and 2 mates in two, 3 in three. */
const HABIT_RECIPES: Recipes<readonly [moves: number, own: number, others: number]> = {
  1: [2, 3, 1],
  2: [2, 5, 4],
  3: [3, 4, 1],
};

/**
 * A mate in so many by chance, with its proof. `isWanted` sees it before the other moves have their fates, which take most of the time:
 * by its lines alone.
 */
export function sampleMate(
  random: Random,
  level: Level,
  isWanted: (task: HabitTask) => boolean = () => true,
): HabitTask | undefined {
  const [moves, own, others] = getRecipe(HABIT_RECIPES, level);
  const position = drawPosition(random, pickOne(random, SIDES), new Map(), own, others);
  if (position === undefined || isCheck(position)) return undefined;
  const searches = getSearches();
  if (searches.mate.canMate(position, moves - 1) || !searches.mate.canMate(position, moves)) return undefined;
  // One key: what is asked for should be one idea.
  const proved = searches.mate.prove(position, { maxMoves: moves });
  if (proved.kind !== 'mate' || proved.mateInMoves !== moves || proved.keys.length !== 1) return undefined;
  const limits = { maxMoves: moves, isQuick: true };
  const made = makeMateTask(searches, position, limits, ({ mateInMoves, nodes }) => {
    const graph = trimToSeat({ formatVersion: 2, mateInMoves, nodes: [...nodes] });
    return isWanted({ fen: makeFen(position), mateInMoves, graph });
  });
  if (made.kind !== 'task') return undefined;
  return { ...made.task, graph: trimToSeat(made.graph) };
}
