import { SIDES } from '../../../board';
import type { ExerciseTaskOf } from '../../../exercises';
import { makeFen, makeMoveText } from '../../../notation';
import { choosePawnMove, findPawnEnd, PAWN_GOALS, playPawnMove, startPawnGame } from '../../../pawns';
import type { PositionDraft } from '../../../rules';
import { pickOne, randomBelow } from '../../../shared';
import { getRecipe, sampleUntil, type Composer, type Recipes } from '../../draw';

type PawnGameTask = ExerciseTaskOf<'pawn-game'>;

const GAME_RECIPES: Recipes<{ files: number; strength: PawnGameTask['strength']; hasKings: boolean }> = {
  1: { files: 3, strength: 'gentle', hasKings: false },
  2: { files: 5, strength: 'steady', hasKings: false },
  3: { files: 8, strength: 'steady', hasKings: false },
  4: { files: 4, strength: 'strong', hasKings: false },
  5: { files: 5, strength: 'gentle', hasKings: true },
};

/** Turns of a game that is tried out; longer ones are given up. */
const MOST_PLIES = 80;

/** 1: three pawns each. 2: five. 3: eight. 4: the app looks far ahead. 5: with kings, it looks less far. Every task has been won once. */
export const composePawnGame: Composer<PawnGameTask> = (random, level) => {
  const { files, strength, hasKings } = getRecipe(GAME_RECIPES, level);
  const first = randomBelow(random, 9 - files);
  return sampleUntil(() => {
    const side = pickOne(random, SIDES);
    const goal = hasKings ? 'promotion' : pickOne(random, PAWN_GOALS);
    const seed = randomBelow(random, 1_000_000);
    const start = startPawnGame(
      Array.from({ length: files }, (_, index) => first + index),
      hasKings,
    );
    // The app begins when the student has Black.
    const opening = side === 'white' ? undefined : choosePawnMove(start, goal, strength, seed);
    const home = opening === undefined ? start : playPawnMove(start, opening);
    const won = winPawnGame(home, { goal, strength, seed });
    return won && { fen: makeFen(home), goal, strength, seed, won };
  });
};

/** A game that the side to move wins against the app; undefined when this one is not. */
function winPawnGame(
  home: PositionDraft,
  { goal, strength, seed }: Pick<PawnGameTask, 'goal' | 'strength' | 'seed'>,
): string[] | undefined {
  const own = home.turn;
  const student = strength === 'strong' ? 'strong' : 'steady';
  const moves: string[] = [];
  let place = home;
  while (moves.length < MOST_PLIES) {
    const end = findPawnEnd(place, goal);
    if (end !== undefined) return end.winner === own ? moves : undefined;
    const isOwn = place.turn === own;
    const move = choosePawnMove(place, goal, isOwn ? student : strength, isOwn ? seed + 1 : seed);
    if (move === undefined) return undefined;
    moves.push(makeMoveText(move));
    place = playPawnMove(place, move);
  }
  return undefined;
}
