/** Composers of the named mates: pictures of the book with men added, moves or men taken back. */
import { getMan, opponentOf, SIDES, type Board, type Man, type Role, type Side } from '../board';
import { EXERCISES, listSpareMen, without, type ExerciseTaskOf } from '../exercises';
import { getPosition, makeFen, parseMoveText } from '../notation';
import { findSacrifices, FIRST_MATES, namePatterns, PATTERN_IDS, type PatternId } from '../patterns';
import type { Proof } from '../proof';
import { listMainLine, trimToSeat } from '../puzzles';
import {
  EMPTY_DRAFT,
  isCheck,
  isCheckmate,
  listCheckers,
  swapColours,
  type Position,
  type PositionDraft,
} from '../rules';
import { pickOne, randomBelow, type Random } from '../shared';
import {
  findLegal,
  getRecipe,
  isStanding,
  isWithin,
  place,
  shuffle,
  throwUntil,
  type Composer,
  type Recipes,
} from './draw';
import { createTaskSearches, makeMateTask, type TaskSearches } from './mateTask';
import { composePatternMate, throwNamedMate } from './patternMates';
import { retractAtRandom } from './retract';

interface NamedRecipe {
  readonly ids: readonly PatternId[];
  /** Men added to the bare picture. */
  readonly added: number;
  /** Names to choose from, men to choose from, spare men, as the family asks. */
  readonly count: number;
}

function throwMate(
  random: Random,
  { ids, added }: NamedRecipe,
): { id: PatternId; mated: Position } | undefined {
  const id = pickOne(random, ids);
  const mated = throwNamedMate(random, id, added);
  return mated && { id, mated };
}

const NAME_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 2 },
  2: { ids: FIRST_MATES, added: 2, count: 4 },
  3: { ids: PATTERN_IDS, added: 4, count: 5 },
  4: { ids: PATTERN_IDS, added: 8, count: 6 },
};

/** 1: two names, bare pictures. 2: four, some men more. 3: all mates, five names. 4: a full board, six names. */
export const composeNameMate: Composer<ExerciseTaskOf<'name-mate'>> = (random, level) =>
  throwUntil(() => {
    const recipe = getRecipe(NAME_RECIPES, level);
    const thrown = throwMate(random, recipe);
    if (thrown === undefined) return undefined;
    const { id, mated } = thrown;
    const fitting = namePatterns(mated).map((match) => match.id);
    const others = shuffle(
      random,
      recipe.ids.filter((one) => !fitting.includes(one)),
    );
    const options = shuffle(random, [id, ...others.slice(0, recipe.count - 1)]);
    const task = { fen: makeFen(mated), options };
    return EXERCISES['name-mate'].isTask(task) ? task : undefined;
  });

const BY_NAME_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 1 },
  2: { ids: PATTERN_IDS, added: 3, count: 1 },
  3: { ids: PATTERN_IDS, added: 7, count: 1 },
  4: { ids: FIRST_MATES, added: 3, count: 0 },
  5: { ids: PATTERN_IDS, added: 8, count: 0 },
};

let searches: TaskSearches | undefined;

/** 1: the first mates. 2: all. 3: fuller boards. 4 and 5: a mixed review, the name not told. */
export const composeMateByName: Composer<ExerciseTaskOf<'mate-by-name'>> = (random, level) =>
  throwUntil(() => {
    const { ids, added, count } = getRecipe(BY_NAME_RECIPES, level);
    searches ??= createTaskSearches();
    const id = pickOne(random, ids);
    const made = composePatternMate(random, searches, id, { moves: 1, added });
    return made && { fen: made.fen, id, isNamed: count > 0 };
  });

const MISSING_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 1 },
  2: { ids: PATTERN_IDS, added: 3, count: 1 },
  3: { ids: PATTERN_IDS, added: 3, count: 3 },
  4: { ids: PATTERN_IDS, added: 6, count: 5 },
};
const OFFICERS: readonly Role[] = ['queen', 'rook', 'bishop', 'knight', 'pawn'];

/** 1: the mating man of a first mate. 2: any man of any picture. 3: three men to choose from. 4: five, a fuller board. */
export const composeMissingMan: Composer<ExerciseTaskOf<'missing-man'>> = (random, level) =>
  throwUntil(() => {
    const { ids, added, count } = getRecipe(MISSING_RECIPES, level);
    const thrown = throwMate(random, { ids, added, count });
    const match = thrown && namePatterns(thrown.mated).find((one) => one.id === thrown.id);
    if (thrown === undefined || match === undefined) return undefined;
    const { mating, supporter, second } = match.roles;
    const parts = level === 1 ? [mating] : [mating, supporter, second].filter((one) => one !== undefined);
    const square = pickOne(random, parts);
    const role = thrown.mated.board[square]?.role;
    if (role === undefined || role === 'king') return undefined;
    const board = thrown.mated.board.slice();
    board[square] = undefined;
    const others = shuffle(
      random,
      OFFICERS.filter((one) => one !== role),
    ).slice(0, count - 1);
    const tray = OFFICERS.filter((one) => one === role || others.includes(one));
    const task = { fen: makeFen({ ...thrown.mated, board }), id: thrown.id, square, role, tray };
    return EXERCISES['missing-man'].isTask(task) ? task : undefined;
  });

const PART_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 1 },
  2: { ids: PATTERN_IDS, added: 3, count: 2 },
  3: { ids: PATTERN_IDS, added: 6, count: 3 },
};

/** A helper of the mating side or a man in its own king's way, each as often; as many men of either side to choose from. */
export const composeMissingPart: Composer<ExerciseTaskOf<'missing-part'>> = (random, level) => {
  const isBlocker = randomBelow(random, 2) === 0;
  return throwUntil(() => {
    const recipe = getRecipe(PART_RECIPES, level);
    const thrown = throwMate(random, recipe);
    const roles = thrown && namePatterns(thrown.mated).find((one) => one.id === thrown.id)?.roles;
    if (thrown === undefined || roles === undefined) return undefined;
    const parts = isBlocker ? roles.blockers : [roles.mating, roles.supporter, roles.second];
    const squares = parts.filter((one) => one !== undefined);
    const [square] = shuffle(random, squares);
    const man = square === undefined ? undefined : thrown.mated.board[square];
    if (square === undefined || man === undefined || man.role === 'king') return undefined;
    const gap = without(thrown.mated, square);
    if (isCheckmate(gap)) return undefined;
    const tray = SIDES.flatMap((side) => {
      const others = shuffle(
        random,
        OFFICERS.filter((role) => side !== man.side || role !== man.role),
      );
      const own = side === man.side ? [man.role] : [];
      const shown = [...own, ...others].slice(0, recipe.count);
      return OFFICERS.filter((role) => shown.includes(role)).map((role) => ({ side, role }));
    });
    const { side, role } = man;
    const task = { fen: makeFen(gap), id: thrown.id, square, man: { side, role }, tray };
    return EXERCISES['missing-part'].isTask(task) ? task : undefined;
  });
};

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
  return throwUntil(() => {
    const [one, other] = SIDES.map((side) => throwMateOf(random, side, pickOne(random, ids)));
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

/** The board before a mate that this side gives by the picture, bare; undefined when the throw gave none. */
function throwMateOf(random: Random, side: Side, id: PatternId): Board | undefined {
  const mated = throwNamedMate(random, id, 0);
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

const SPARE_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 2, count: 1 },
  2: { ids: PATTERN_IDS, added: 4, count: 2 },
  3: { ids: PATTERN_IDS, added: 6, count: 3 },
  4: { ids: PATTERN_IDS, added: 9, count: 4 },
};

/** As many spare men as the level. */
export const composeSpareMen: Composer<ExerciseTaskOf<'spare-men'>> = (random, level) =>
  throwUntil(() => {
    const recipe = getRecipe(SPARE_RECIPES, level);
    const thrown = throwMate(random, recipe);
    if (thrown === undefined) return undefined;
    const task = { fen: makeFen(thrown.mated) };
    const { length } = listSpareMen(task);
    return isWithin(length, recipe.count, recipe.count) && EXERCISES['spare-men'].isTask(task)
      ? task
      : undefined;
  });

const LINE_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: PATTERN_IDS, added: 0, count: 1 },
  2: { ids: PATTERN_IDS, added: 4, count: 1 },
  3: { ids: PATTERN_IDS, added: 8, count: 1 },
};

/** One man of the mating side on the line of the check; 1: a bare picture. 2 and 3: men around it. */
export const composeOpenLine: Composer<ExerciseTaskOf<'open-line'>> = (random, level) =>
  throwUntil(() => {
    const thrown = throwMate(random, getRecipe(LINE_RECIPES, level));
    const line = thrown && namePatterns(thrown.mated)[0]?.roles.line;
    if (thrown === undefined || line === undefined || line.length === 0) return undefined;
    const { mated } = thrown;
    const square = pickOne(random, line);
    const man = getMan(opponentOf(mated.turn), pickOne(random, ['knight', 'bishop', 'pawn'] as const));
    if (!isStanding(man, square)) return undefined;
    const board = mated.board.slice();
    board[square] = man;
    const position = findLegal({ ...mated, board });
    const task = position && { fen: makeFen(position) };
    return task !== undefined && EXERCISES['open-line'].isTask(task) ? task : undefined;
  });

const TAKER_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 2 },
  2: { ids: PATTERN_IDS, added: 3, count: 2 },
  3: { ids: PATTERN_IDS, added: 8, count: 3 },
};

/** 1: bare pictures of the first mates. 2: all mates. 3: a full board, three kinds of men. */
export const composeWhoTakes: Composer<ExerciseTaskOf<'who-takes'>> = (random, level) =>
  throwUntil(() => {
    const recipe = getRecipe(TAKER_RECIPES, level);
    const thrown = throwMate(random, recipe);
    const task = thrown && { fen: makeFen(thrown.mated) };
    const family = EXERCISES['who-takes'];
    if (task === undefined || !family.isTask(task)) return undefined;
    return family.ask(task).labels.length >= recipe.count ? task : undefined;
  });

const GIVEN_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 2 },
  2: { ids: PATTERN_IDS, added: 3, count: 2 },
  3: { ids: PATTERN_IDS, added: 6, count: 2 },
};

/** Mates in two that end in a named picture and begin with a sacrifice; 1: few men. 2: more. 3: a full board. */
export const composeGiveUp: Composer<ExerciseTaskOf<'give-up'>> = (random, level) =>
  throwUntil(() => {
    const { ids, added, count } = getRecipe(GIVEN_RECIPES, level);
    searches ??= createTaskSearches();
    const mate = composePatternMate(random, searches, pickOne(random, ids), {
      moves: count,
      added,
      isGiven: true,
    });
    const begins = mate && startsWithSacrifice(getPosition(mate.fen), mate.proof);
    if (mate === undefined || begins !== true) return undefined;
    const made = makeMateTask(searches, getPosition(mate.fen), { maxMoves: count, isQuick: true });
    if (made.kind !== 'task') return undefined;
    const task = { ...made.task, graph: trimToSeat(made.graph) };
    return EXERCISES['give-up'].isTask(task) ? task : undefined;
  });

/** Asked before the task is made, which takes longer. */
function startsWithSacrifice(position: Position, proof: Proof): boolean {
  const line = listMainLine(proof).flatMap((text) => parseMoveText(text) ?? []);
  return findSacrifices(position, line).some(({ ply }) => ply === 0);
}
