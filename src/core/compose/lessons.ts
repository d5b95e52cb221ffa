/**
 * Composers of the tapping families: level and random numbers in, a fresh task out. What a level means stands at each; that
 * measured difficulty rises with it is tested. None of them searches.
 */
import { getMan, opponentOf, rankOf, SIDES, type Man, type Role, type Side, type Square } from '../board';
import { TAP_FAMILIES, type Level, type TapFamilyId, type TapTask, type TapTaskOf } from '../exercises';
import { makeFen } from '../notation';
import { EMPTY_DRAFT, type PositionDraft } from '../rules';
import { createRandom, pickOne, randomBelow, type Random } from '../shared';

type Composer<Task> = (random: Random, level: Level) => Task;
const COMPOSERS: { readonly [Id in TapFamilyId]: Composer<TapTaskOf<Id>> } = {
  'find-square': composeFindSquare,
  reach: composeReach,
  captures: composeCaptures,
  unprotected: composeUnprotected,
};

/** Boards drawn at random are thrown away until one fits; so many throws are always enough. */
const MOST_THROWS = 2_000;

/** The same family, level and seed give the same task. Throws when the family has no such level. */
export function composeTapTask(family: TapFamilyId, level: Level, seed: number): TapTask {
  if (level > TAP_FAMILIES[family].levels) throw new RangeError(`${family} has no level ${level}`);
  // Neighbouring seeds start far apart.
  const random = createRandom(Math.imul(seed + 1, 0x9e3779b1) ^ (level << 8));
  for (let count = 0; count < 3; count += 1) random();
  // The task belongs to the family, which the compiler cannot follow through the table.
  return { family, task: COMPOSERS[family](random, level) } as TapTask;
}

/** 1: letters and numbers beside the board. 2: seen from Black's side. 3: without them. 4: without them, from Black's side. */
function composeFindSquare(random: Random, level: Level): TapTaskOf<'find-square'> {
  return {
    square: randomBelow(random, 64),
    bottom: level % 2 === 0 ? 'black' : 'white',
    hasCoordinates: level <= 2,
  };
}

/** Which men are asked about, and how many own and other men stand around. */
interface ReachRecipe {
  readonly roles: readonly Role[];
  readonly own: number;
  readonly others: number;
  readonly fits: (draft: PositionDraft, square: Square) => boolean;
}

const measureReach = (draft: PositionDraft, square: Square) =>
  TAP_FAMILIES.reach.measure({ fen: makeFen(draft), square });

/**
 * 1: rook or bishop alone. 2: king, queen or knight alone. 3: own men in the way. 4: own men, and others to take, pawns too.
 * 5: a full board.
 */
const REACH_RECIPES: Readonly<Record<Level, ReachRecipe>> = {
  1: { roles: ['rook', 'bishop'], own: 0, others: 0, fits: () => true },
  2: { roles: ['king', 'queen', 'knight'], own: 0, others: 0, fits: () => true },
  3: {
    roles: ['rook', 'bishop', 'queen'],
    own: 4,
    others: 0,
    fits: (draft, square) => within(measureReach(draft, square), 5, 12),
  },
  4: {
    roles: ['rook', 'bishop', 'queen', 'knight', 'king', 'pawn'],
    own: 4,
    others: 5,
    fits: (draft, square) =>
      draft.board[square]?.role === 'pawn'
        ? measureReach(draft, square) >= 5
        : within(measureReach(draft, square), 9, 15),
  },
  5: {
    roles: ['rook', 'bishop', 'queen', 'knight'],
    own: 7,
    others: 8,
    fits: (draft, square) => measureReach(draft, square) >= 15 || draft.board[square]?.role === 'knight',
  },
};

function within(value: number, least: number, most: number): boolean {
  return value >= least && value <= most;
}

function composeReach(random: Random, level: Level): TapTaskOf<'reach'> {
  const { roles, own, others, fits } = REACH_RECIPES[level];
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const square = randomBelow(random, 64);
    const asked = getMan(turn, pickOne(random, roles));
    const draft = scatter(random, turn, new Map([[square, asked]]), own, others);
    const task = { fen: makeFen(draft), square };
    return isStanding(asked, square) &&
      TAP_FAMILIES.reach.taskSchema.safeParse(task).success &&
      fits(draft, square)
      ? task
      : undefined;
  });
}

type Recipes<Recipe> = Readonly<Partial<Record<Level, Recipe>>>;

function getRecipe<Recipe>(recipes: Recipes<Recipe>, level: Level): Recipe {
  const recipe = recipes[level];
  if (recipe === undefined) throw new RangeError(`no recipe for level ${level}`);
  return recipe;
}

/** Own men and men of the other side, and how many can be taken. */
const CAPTURE_RECIPES: Recipes<{ own: number; others: number; least: number; most: number }> = {
  1: { own: 1, others: 4, least: 1, most: 2 },
  2: { own: 2, others: 5, least: 2, most: 3 },
  3: { own: 3, others: 6, least: 2, most: 4 },
  4: { own: 5, others: 8, least: 3, most: 6 },
};

/** 1: one man looks round. 2: two. 3: three. 4: five, and eight to be taken or not. Always some that cannot be taken. */
function composeCaptures(random: Random, level: Level): TapTaskOf<'captures'> {
  const { own, others, least, most } = getRecipe(CAPTURE_RECIPES, level);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const task = { fen: makeFen(scatter(random, turn, new Map(), own, others)) };
    const taken = TAP_FAMILIES.captures.solution(task).length;
    return taken >= least && taken <= Math.min(most, others - 1) ? task : undefined;
  });
}

/** Men of the other side, and own men that stand in their lines. */
const UNPROTECTED_RECIPES: Recipes<{ own: number; others: number }> = {
  1: { own: 0, others: 3 },
  2: { own: 1, others: 5 },
  3: { own: 3, others: 7 },
  4: { own: 5, others: 10 },
};

/** 1: three men. 2: five. 3: seven, own men in their lines. 4: ten. Always some that are protected. */
function composeUnprotected(random: Random, level: Level): TapTaskOf<'unprotected'> {
  const { own, others } = getRecipe(UNPROTECTED_RECIPES, level);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const task = { fen: makeFen(scatter(random, turn, new Map(), own, others)) };
    const alone = TAP_FAMILIES.unprotected.solution(task).length;
    return alone > 0 && alone < others ? task : undefined;
  });
}

function throwUntil<Task>(make: () => Task | undefined): Task {
  for (let count = 0; count < MOST_THROWS; count += 1) {
    const task = make();
    if (task !== undefined) return task;
  }
  throw new Error('no board of this recipe was found');
}

/** An army without its king: no board shows three queens of one side. */
const ARMY: readonly Role[] = [
  'queen',
  ...(['rook', 'bishop', 'knight'] as const).flatMap((role) => [role, role]),
  ...Array.from({ length: 8 }, () => 'pawn' as const),
];

/** A pawn stands on neither edge. */
function isStanding({ role }: Man, square: Square): boolean {
  return role !== 'pawn' || (rankOf(square) > 0 && rankOf(square) < 7);
}

/** Men at random on free squares, beside those that stand already. */
function scatter(
  random: Random,
  turn: Side,
  standing: ReadonlyMap<Square, Man>,
  own: number,
  others: number,
): PositionDraft {
  const board = EMPTY_DRAFT.board.map((_, square) => standing.get(square));
  const put = (side: Side, count: number) => {
    const present = board.flatMap((man) => (man?.side === side ? [man.role] : []));
    const bag = ARMY.filter((role, index) => {
      const place = ARMY.slice(0, index).filter((other) => other === role).length;
      return place >= present.filter((other) => other === role).length;
    });
    for (let left = count; left > 0;) {
      const at = randomBelow(random, bag.length);
      const man = getMan(side, bag[at] ?? 'pawn');
      const square = randomBelow(random, 64);
      if (board[square] !== undefined || !isStanding(man, square)) continue;
      board[square] = man;
      bag.splice(at, 1);
      left -= 1;
    }
  };
  put(turn, own);
  put(opponentOf(turn), others);
  return { ...EMPTY_DRAFT, board, turn };
}
