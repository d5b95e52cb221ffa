import { getMan, opponentOf, SIDES, type Square } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import type { PositionDraft } from '../../../rules';
import { pickOne, randomBelow, type Random } from '../../../shared';
import { getRecipe, isWithin, scatter, sampleUntil, type Composer, type Recipes } from '../../draw';

/** Men around the pawn, and may it take one that has just passed? */
const PAWN_RECIPES: Recipes<{ own: number; others: number; least: number; most: number; passes: boolean }> = {
  1: { own: 0, others: 1, least: 1, most: 2, passes: false },
  2: { own: 1, others: 4, least: 3, most: 4, passes: false },
  3: { own: 4, others: 8, least: 5, most: 8, passes: false },
  4: { own: 2, others: 5, least: 8, most: 20, passes: true },
};

/** 1: it goes straight. 2: something to take. 3: many men near it. 4: a pawn has just passed. */
export const composePawnMoves: Composer<ExerciseTaskOf<'pawn-moves'>> = (random, level) => {
  const { own, others, least, most, passes } = getRecipe(PAWN_RECIPES, level);
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    const pawn = getMan(turn, 'pawn');
    const square = passes
      ? (turn === 'white' ? 32 : 24) + randomBelow(random, 8)
      : 8 + randomBelow(random, 48);
    const drawn = scatter(random, turn, new Map([[square, pawn]]), own, others);
    const draft = passes ? letPass(random, drawn, square) : drawn;
    if (draft === undefined) return undefined;
    const task = { fen: makeFen(draft), square };
    return EXERCISES['pawn-moves'].isTask(task) &&
      isWithin(EXERCISES['pawn-moves'].measure(task), least, most)
      ? task
      : undefined;
  });
};

/** A pawn of theirs beside ours that has just gone two steps. */
function letPass(random: Random, draft: PositionDraft, square: Square): PositionDraft | undefined {
  const beside = square + pickOne(random, [-1, 1]);
  const forward = draft.turn === 'white' ? 8 : -8;
  const isNear = Math.floor(beside / 8) === Math.floor(square / 8);
  const isFree = [beside, beside + forward, beside + 2 * forward].every(
    (at) => draft.board[at] === undefined,
  );
  if (!isNear || !isFree) return undefined;
  const board = draft.board.slice();
  board[beside] = getMan(opponentOf(draft.turn), 'pawn');
  return { ...draft, board, enPassant: beside + forward };
}
