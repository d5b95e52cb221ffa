import { SIDES, type Board, type Man, type Side } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { FIRST_MATES, PATTERN_IDS, type PatternId } from '../../../patterns';
import { EMPTY_DRAFT, isCheck, listCheckers, swapColours, type PositionDraft } from '../../../rules';
import { pickOne, type Random } from '../../../shared';
import { findLegal, getRecipe, place, sampleUntil, type Composer, type Recipes } from '../../draw';
import { sampleNamedMate } from '../../patternMates';
import { retractAtRandom } from '../../retract';
import { OFFICERS, type NamedRecipe } from './namedMates';

const WHO_MATES_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 0 },
  2: { ids: PATTERN_IDS, added: 4, count: 0 },
  3: { ids: PATTERN_IDS, added: 10, count: 0 },
};

/** A mate for White and one for Black on one board, which then may hold or not; each answer is as often right. */
export const composeWhoMates: Composer<ExerciseTaskOf<'who-mates'>> = (random, level) => {
  const { ids, added } = getRecipe(WHO_MATES_RECIPES, level);
  const family = EXERCISES['who-mates'];
  const wanted = pickOne(random, ['white-mates', 'black-mates', 'both-mate', 'nobody-mates'] as const);
  return sampleUntil(() => {
    const [one, other] = SIDES.map((side) => sampleMateOf(random, side, pickOne(random, ids)));
    const board = one && other && layTogether(one, other);
    if (board === undefined) return undefined;
    let draft: PositionDraft = { ...EMPTY_DRAFT, board, turn: pickOne(random, SIDES) };
    for (let count = 0; count < added; count += 1)
      draft = place(random, draft, pickOne(random, SIDES), [pickOne(random, OFFICERS.slice(1))]);
    const position = findLegal(draft);
    const task = position && { fen: makeFen(position) };
    return task !== undefined && family.isTask(task) && family.solution(task).options[0] === wanted
      ? task
      : undefined;
  });
};

/** The board before a mate that this side gives by the picture, bare; undefined when what was drawn gave none. */
function sampleMateOf(random: Random, side: Side, id: PatternId): Board | undefined {
  const mated = sampleNamedMate(random, id, 0);
  if (mated === undefined) return undefined;
  const [checker] = listCheckers(mated);
  const back = retractAtRandom(random, mated, checker === undefined ? {} : { square: checker });
  if (back === undefined || isCheck(back.position)) return undefined;
  return back.position.turn === side ? back.position.board : swapColours(back.position).board;
}

/** Both boards on one: each keeps its own men and the king it wants to mate. Undefined when two men want one square. */
function layTogether(white: Board, black: Board): Board | undefined {
  const isKept = (man: Man | undefined, king: Side) =>
    man !== undefined && (man.role !== 'king' || man.side === king);
  const board = white.map((man, square) => {
    const other = black[square];
    if (isKept(man, 'black')) return isKept(other, 'white') ? null : man;
    return isKept(other, 'white') ? other : undefined;
  });
  return board.includes(null) ? undefined : board.map((man) => man ?? undefined);
}
