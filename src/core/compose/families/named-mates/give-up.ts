import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { getPosition, parseMoveText } from '../../../notation';
import { findSacrifices, FIRST_MATES, PATTERN_IDS } from '../../../patterns';
import type { Proof } from '../../../proof';
import { listMainLine, trimToSeat } from '../../../puzzles';
import type { Position } from '../../../rules';
import { pickOne } from '../../../shared';
import { getRecipe, sampleUntil, type Composer, type Recipes } from '../../draw';
import { makeMateTask } from '../../mateTask';
import { composePatternMate } from '../../patternMates';
import { getSearches } from '../searches';
import type { NamedRecipe } from './namedMates';

const GIVEN_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 2 },
  2: { ids: PATTERN_IDS, added: 3, count: 2 },
  3: { ids: PATTERN_IDS, added: 6, count: 2 },
};

/** Mates in two that end in a named picture and begin with a sacrifice; 1: few men. 2: more. 3: a full board. */
export const composeGiveUp: Composer<ExerciseTaskOf<'give-up'>> = (random, level) =>
  sampleUntil(() => {
    const { ids, added, count } = getRecipe(GIVEN_RECIPES, level);
    const mate = composePatternMate(random, getSearches(), pickOne(random, ids), {
      moves: count,
      added,
      isGiven: true,
    });
    const begins = mate && startsWithSacrifice(getPosition(mate.fen), mate.proof);
    if (mate === undefined || begins !== true) return undefined;
    const made = makeMateTask(getSearches(), getPosition(mate.fen), { maxMoves: count, isQuick: true });
    if (made.kind !== 'task') return undefined;
    const task = { ...made.task, graph: trimToSeat(made.graph) };
    return EXERCISES['give-up'].isTask(task) ? task : undefined;
  });

/** Asked before the task is made, which takes longer. */
function startsWithSacrifice(position: Position, proof: Proof): boolean {
  const line = listMainLine(proof).flatMap((text) => parseMoveText(text) ?? []);
  return findSacrifices(position, line).some(({ ply }) => ply === 0);
}
