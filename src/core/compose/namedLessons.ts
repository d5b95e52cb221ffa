/** Composers of the named mates: pictures of the book with men added, moves or men taken back. */
import { getMan, opponentOf, type Role } from '../board';
import { EXERCISES, listSpareMen, type ExerciseTaskOf } from '../exercises';
import { getPosition, makeFen, parseMoveText } from '../notation';
import { findSacrifices, namePatterns, PATTERN_IDS, type PatternId } from '../patterns';
import type { Proof } from '../proof';
import { listMainLine, trimToSeat } from '../puzzles';
import type { Position } from '../rules';
import { pickOne, type Random } from '../shared';
import {
  findLegal,
  getRecipe,
  isStanding,
  isWithin,
  shuffle,
  throwUntil,
  type Composer,
  type Recipes,
} from './draw';
import { createTaskSearches, makeMateTask, type TaskSearches } from './mateTask';
import { composePatternMate, throwNamedMate } from './patternMates';

/** The mates most coaches begin with (common practice). */
const FIRST_MATES: readonly PatternId[] = [
  'back-rank',
  'smothered',
  'ladder',
  'arabian',
  'queen-king-support',
  'scholars',
  'opera',
  'epaulette',
  'david-goliath',
];

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
