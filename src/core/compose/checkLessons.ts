/**
 * Composers of check and mate. Where mates at once are wanted, the search's quick test finds the boards; the tasks themselves are judged
 * without it.
 */
import { getMan, opponentOf, SIDES, type Side } from '../board';
import { EXERCISES, type ExerciseTaskOf } from '../exercises';
import { makeFen, makeMoveText } from '../notation';
import {
  EMPTY_DRAFT,
  findOutcome,
  isCheck,
  listLegalMoves,
  passTurn,
  playMove,
  type Position,
} from '../rules';
import { createMateSearch, type MateSearch } from '../search';
import { pickOne, randomBelow, type Random } from '../shared';
import {
  EDGE,
  findLegal,
  getRecipe,
  isWithin,
  place,
  placeKings,
  throwPosition,
  throwUntil,
  type Composer,
  type Recipes,
} from './draw';

let search: MateSearch | undefined;
/** Is there a mate at once? */
export function hasMate(position: Position): boolean {
  search ??= createMateSearch();
  return search.canMate(position, 1);
}

/** Men beside the kings, of the side to move and of the other. */
const STATE_MEN: Recipes<readonly [number, number]> = { 1: [0, 2], 2: [1, 3], 3: [3, 5], 4: [6, 8] };

/** Every kind of end at every level; more men from level to level. */
export const composeWhatIsIt: Composer<ExerciseTaskOf<'what-is-it'>> = (random, level) => {
  const kinds = ['check', 'mate', 'stalemate', 'goes-on', ...(level < 3 ? ['dead'] : [])];
  const kind = pickOne(random, kinds);
  const [own, others] = getRecipe(STATE_MEN, level);
  return throwUntil(() => {
    const position = throwState(random, kind, own, others);
    if (position === undefined) return undefined;
    const task = { fen: makeFen(position) };
    return EXERCISES['what-is-it'].solution(task).options[0] === kind ? task : undefined;
  });
};

/** A position of this kind by chance; undefined when the throw is none. */
export function throwState(random: Random, kind: string, own: number, others: number): Position | undefined {
  const turn = pickOne(random, SIDES);
  switch (kind) {
    case 'mate': {
      const before = throwPosition(random, opponentOf(turn), new Map(), others, own);
      if (before === undefined || !hasMate(before)) return undefined;
      return findMatedPosition(before);
    }
    case 'stalemate':
      return throwStalemate(random, turn, own, others);
    case 'dead':
      return findLegal(
        placeKings(
          random,
          place(
            random,
            { ...EMPTY_DRAFT, turn },
            pickOne(random, SIDES),
            pickOne(random, [[], ['knight'], ['bishop']]),
          ),
        ),
      );
    default:
      return throwPosition(random, turn, new Map(), own, others);
  }
}

function findMatedPosition(before: Position): Position | undefined {
  return listLegalMoves(before)
    .map((move) => playMove(before, move))
    .find((after) => findOutcome(after)?.kind === 'mate');
}

/** A stalemate by chance: the king that is to move at the edge, its pawns stopped by pawns. */
export function throwStalemate(
  random: Random,
  turn: Side,
  own: number,
  others: number,
): Position | undefined {
  const king = pickOne(random, EDGE);
  let draft = {
    ...EMPTY_DRAFT,
    turn,
    board: EMPTY_DRAFT.board.map((_, at) => (at === king ? getMan(turn, 'king') : undefined)),
  };
  const forward = turn === 'white' ? 8 : -8;
  const board = draft.board.slice();
  for (let pawn = 0; pawn < own; pawn += 1) {
    const square = 16 + randomBelow(random, 32);
    if (board[square] !== undefined || board[square + forward] !== undefined) return undefined;
    board[square] = getMan(turn, 'pawn');
    board[square + forward] = getMan(opponentOf(turn), 'pawn');
  }
  draft = { ...draft, board };
  const left = Math.max(1, others - own);
  const roles = Array.from({ length: left }, () =>
    pickOne(random, ['queen', 'rook', 'bishop', 'knight', 'pawn'] as const),
  );
  const position = findLegal(placeKings(random, place(random, draft, opponentOf(turn), roles)));
  return position !== undefined && findOutcome(position)?.kind === 'stalemate' ? position : undefined;
}

const CHECKED_MEN: Recipes<readonly [number, number]> = { 1: [1, 2], 2: [3, 3], 3: [6, 5], 4: [10, 9] };

/** More men from level to level; every combination of answers comes, and mate too. */
export const composeAnswersToCheck: Composer<ExerciseTaskOf<'answers-to-check'>> = (random, level) => {
  const [own, others] = getRecipe(CHECKED_MEN, level);
  const isMate = random() < 0.2;
  const wanted = 1 + randomBelow(random, level === 1 ? 2 : 3);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    if (isMate) {
      const before = throwPosition(random, opponentOf(turn), new Map(), others, own);
      const mated = before !== undefined && hasMate(before) ? findMatedPosition(before) : undefined;
      return mated && { fen: makeFen(mated) };
    }
    const position = throwPosition(random, turn, new Map(), own, others);
    if (position === undefined || !isCheck(position)) return undefined;
    const task = { fen: makeFen(position) };
    const { options } = EXERCISES['answers-to-check'].solution(task);
    return options.length === wanted && !options.includes('none') ? task : undefined;
  });
};

const KING_MEN: Recipes<readonly [own: number, others: number, least: number, most: number]> = {
  1: [0, 2, 4, 9],
  2: [2, 3, 9, 11],
  3: [3, 5, 12, 14],
  4: [4, 7, 15, 40],
};

/** 1: two men look on. 2: own men beside the king. 3: more guards. 4: a line goes on through the king. */
export const composeKingSquares: Composer<ExerciseTaskOf<'king-squares'>> = (random, level) => {
  const [own, others, least, most] = getRecipe(KING_MEN, level);
  return throwUntil(() => {
    const position = throwPosition(random, pickOne(random, SIDES), new Map(), own, others);
    if (position === undefined) return undefined;
    const task = { fen: makeFen(position) };
    const { marks } = EXERCISES['king-squares'].solution(task);
    const isMixed = new Set(marks.map(({ label }) => label)).size > 1;
    return isMixed && isWithin(EXERCISES['king-squares'].measure(task), least, most) ? task : undefined;
  });
};

const MATE_MEN: Recipes<readonly [own: number, others: number, least: number, most: number]> = {
  1: [3, 0, 0, 44],
  2: [4, 3, 45, 59],
  3: [6, 6, 60, 79],
  4: [8, 7, 80, 400],
};

/** More moves, and more checks that do not mate, from level to level. */
export const composeMateInOne: Composer<ExerciseTaskOf<'mate-in-one'>> = (random, level) => {
  const [own, others, least, most] = getRecipe(MATE_MEN, level);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    // The king that is looked for at the edge, where mates are.
    const standing = new Map([[pickOne(random, EDGE), getMan(opponentOf(turn), 'king')]]);
    const position = throwPosition(random, turn, level < 4 ? standing : new Map(), own, others);
    if (position === undefined || isCheck(position) || !hasMate(position)) return undefined;
    const task = { fen: makeFen(position) };
    return isWithin(EXERCISES['mate-in-one'].measure(task), least, most) ? task : undefined;
  });
};

const STOP_SHARES: Recipes<readonly [number, number]> = { 1: [110, 250], 2: [251, 700], 3: [701, 9_000] };

/** 1: many moves help. 2: few. 3: hardly one. */
export const composeStopMate: Composer<ExerciseTaskOf<'stop-mate'>> = (random, level) => {
  const [least, most] = getRecipe(STOP_SHARES, level);
  return throwUntil(() => {
    const position = throwPosition(random, pickOne(random, SIDES), new Map(), 4, 7);
    const passed = position && passTurn(position);
    if (position === undefined || passed === undefined || !hasMate(passed)) return undefined;
    const moves = listLegalMoves(position);
    const safe = moves.filter((move) => !hasMate(playMove(position, move))).length;
    if (safe === 0 || !isWithin(Math.round((100 * moves.length) / safe), least, most)) return undefined;
    return { fen: makeFen(position) };
  });
};

const SAFE_RECIPES: Recipes<readonly [men: number, least: number, most: number]> = {
  1: [4, 0, 40],
  2: [6, 41, 60],
  3: [9, 61, 400],
};

/** As often a move that allows a mate as one that does not; more checks to be looked at from level to level. */
export const composeIsSafeMove: Composer<ExerciseTaskOf<'is-safe-move'>> = (random, level) => {
  const [men, least, most] = getRecipe(SAFE_RECIPES, level);
  const isAllowing = random() < 0.5;
  return throwUntil(() => {
    const position = throwPosition(random, pickOne(random, SIDES), new Map(), men - 1, men + 1);
    if (position === undefined) return undefined;
    const moves = listLegalMoves(position).filter((move) => {
      const after = playMove(position, move);
      return listLegalMoves(after).length > 0 && hasMate(after) === isAllowing;
    });
    if (moves.length === 0) return undefined;
    const task = { fen: makeFen(position), move: makeMoveText(pickOne(random, moves)) };
    return isWithin(EXERCISES['is-safe-move'].measure(task), least, most) ? task : undefined;
  });
};
