import { SIDES } from '../../../board';
import type { ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { listLegalMoves, passTurn, playMove } from '../../../rules';
import { pickOne } from '../../../shared';
import { getRecipe, isWithin, drawPosition, sampleUntil, type Composer, type Recipes } from '../../draw';
import { hasMate } from './states';

const STOP_SHARES: Recipes<readonly [number, number]> = { 1: [110, 250], 2: [251, 700], 3: [701, 9_000] };

/** 1: many moves help. 2: few. 3: hardly one. */
export const composeStopMate: Composer<ExerciseTaskOf<'stop-mate'>> = (random, level) => {
  const [least, most] = getRecipe(STOP_SHARES, level);
  return sampleUntil(() => {
    const position = drawPosition(random, pickOne(random, SIDES), new Map(), 4, 7);
    const passed = position && passTurn(position);
    if (position === undefined || passed === undefined || !hasMate(passed)) return undefined;
    const moves = listLegalMoves(position);
    const safe = moves.filter((move) => !hasMate(playMove(position, move))).length;
    if (safe === 0 || !isWithin(Math.round((100 * moves.length) / safe), least, most)) return undefined;
    return { fen: makeFen(position) };
  });
};
