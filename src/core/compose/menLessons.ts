/** Composers about men on boards without kings: where they go, routes, captures, attack and protection. None of them searches. */
import { getMan, kingDistance, opponentOf, SIDES, type Role, type Square, isDarkSquare } from '../board';
import { EXERCISES, isLawfulDuel, tapSquares, type ExerciseTaskOf, type Level, wander } from '../exercises';
import { makeFen, makeMoveText } from '../notation';
import { choosePawnMove, findPawnEnd, PAWN_GOALS, playPawnMove, startPawnGame } from '../pawns';
import { listAttackers, listLawfulReach, type PositionDraft } from '../rules';
import { pickOne, randomBelow, type Random } from '../shared';
import {
  getRecipe,
  isStanding,
  isWithin,
  place,
  scatter,
  shuffle,
  throwUntil,
  type Composer,
  type Recipes,
} from './draw';

/** Which men are asked about, and how many own and other men stand around. */
interface ReachRecipe {
  readonly roles: readonly Role[];
  readonly own: number;
  readonly others: number;
  readonly fits: (measure: number, role: Role) => boolean;
}

/**
 * 1: rook or bishop alone. 2: king, queen or knight alone. 3: own men in the way. 4: own men, and others to take, pawns too.
 * 5: a full board.
 */
const REACH_RECIPES: Recipes<ReachRecipe> = {
  1: { roles: ['rook', 'bishop'], own: 0, others: 0, fits: () => true },
  2: { roles: ['king', 'queen', 'knight'], own: 0, others: 0, fits: () => true },
  3: {
    roles: ['rook', 'bishop', 'queen'],
    own: 4,
    others: 0,
    fits: (measure) => isWithin(measure, 5, 12),
  },
  4: {
    roles: ['rook', 'bishop', 'queen', 'knight', 'king', 'pawn'],
    own: 4,
    others: 5,
    fits: (measure, role) => (role === 'pawn' ? measure >= 5 : isWithin(measure, 9, 15)),
  },
  5: {
    roles: ['rook', 'bishop', 'queen', 'knight'],
    own: 7,
    others: 8,
    fits: (measure, role) => measure >= 15 || role === 'knight',
  },
};

export const composeReach: Composer<ExerciseTaskOf<'reach'>> = (random, level) => {
  const { roles, own, others, fits } = getRecipe(REACH_RECIPES, level);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const square = randomBelow(random, 64);
    const role = pickOne(random, roles);
    const asked = getMan(turn, role);
    if (!isStanding(asked, square)) return undefined;
    const task = { fen: makeFen(scatter(random, turn, new Map([[square, asked]]), own, others)), square };
    return EXERCISES.reach.isTask(task) && fits(EXERCISES.reach.measure(task), role) ? task : undefined;
  });
};

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
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const pawn = getMan(turn, 'pawn');
    const square = passes
      ? (turn === 'white' ? 32 : 24) + randomBelow(random, 8)
      : 8 + randomBelow(random, 48);
    const thrown = scatter(random, turn, new Map([[square, pawn]]), own, others);
    const draft = passes ? letPass(random, thrown, square) : thrown;
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

interface TheirMenRecipe {
  readonly own: number;
  readonly others: number;
  readonly least: number;
  readonly most: number;
}

type TheirMenId = 'captures' | 'free-men' | 'unprotected' | 'trapped';

/** Own men, men of the other side, and how many of these are right: always some that are not. */
const THEIR_MEN_RECIPES: Readonly<Record<TheirMenId, Recipes<TheirMenRecipe>>> = {
  captures: {
    1: { own: 1, others: 4, least: 1, most: 2 },
    2: { own: 2, others: 5, least: 2, most: 3 },
    3: { own: 3, others: 6, least: 2, most: 4 },
    4: { own: 5, others: 8, least: 3, most: 6 },
  },
  'free-men': {
    1: { own: 1, others: 4, least: 1, most: 2 },
    2: { own: 2, others: 5, least: 1, most: 3 },
    3: { own: 3, others: 6, least: 1, most: 4 },
    4: { own: 5, others: 8, least: 2, most: 6 },
  },
  unprotected: {
    1: { own: 0, others: 3, least: 1, most: 2 },
    2: { own: 1, others: 5, least: 1, most: 4 },
    3: { own: 3, others: 7, least: 1, most: 6 },
    4: { own: 5, others: 10, least: 1, most: 9 },
  },
  trapped: {
    1: { own: 3, others: 4, least: 1, most: 1 },
    2: { own: 4, others: 6, least: 1, most: 2 },
    3: { own: 5, others: 9, least: 1, most: 3 },
  },
};

export function composeTheirMen(id: TheirMenId): Composer<ExerciseTaskOf<TheirMenId>> {
  return (random, level) => {
    const { own, others, least, most } = getRecipe(THEIR_MEN_RECIPES[id], level);
    return throwUntil(() => {
      const turn = pickOne(random, SIDES);
      const task = { fen: makeFen(scatter(random, turn, new Map(), own, others)) };
      const right = EXERCISES[id].solution(task).marks.length;
      return isWithin(right, least, Math.min(most, others - 1)) ? task : undefined;
    });
  };
}

/** 1: a line piece and its target alone. 2: two more of theirs. 3: a knight or queen, four. 4: seven, own men in the way. */
const ATTACK_RECIPES: Recipes<{ roles: readonly Role[]; own: number; others: number; least: number }> = {
  1: { roles: ['rook', 'bishop'], own: 0, others: 1, least: 1 },
  2: { roles: ['rook', 'bishop', 'queen'], own: 1, others: 3, least: 20 },
  3: { roles: ['knight', 'queen', 'bishop'], own: 2, others: 5, least: 30 },
  4: { roles: ['queen', 'rook', 'knight'], own: 3, others: 8, least: 55 },
};

export const composeAttackFrom: Composer<ExerciseTaskOf<'attack-from'>> = (random, level) => {
  const { roles, own, others, least } = getRecipe(ATTACK_RECIPES, level);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const square = randomBelow(random, 64);
    const man = getMan(turn, pickOne(random, roles));
    const draft = scatter(random, turn, new Map([[square, man]]), own, others);
    const theirs = draft.board.flatMap((other, at) => (other?.side === opponentOf(turn) ? [at] : []));
    const task = { fen: makeFen(draft), square, target: pickOne(random, theirs) };
    const isFit = EXERCISES['attack-from'].isTask(task) && EXERCISES['attack-from'].measure(task) >= least;
    return isFit ? task : undefined;
  });
};

/** The highest level of a way is told before the man goes. */
function tellAtTop(task: ExerciseTaskOf<'route'>, level: Level): ExerciseTaskOf<'route'> {
  return level === 5 ? { ...task, commit: 'line' } : task;
}

interface RouteRecipe {
  readonly roles: readonly Role[];
  readonly own: number;
  readonly others: number;
  readonly fewest: readonly [number, number];
}
const ROUTE_RECIPES: Readonly<Record<'route' | 'route-unguarded', Recipes<RouteRecipe>>> = {
  route: {
    1: { roles: ['rook', 'bishop'], own: 3, others: 0, fewest: [2, 2] },
    2: { roles: ['rook', 'bishop', 'king', 'knight'], own: 6, others: 0, fewest: [3, 3] },
    3: { roles: ['knight', 'bishop', 'king', 'rook'], own: 12, others: 0, fewest: [4, 4] },
    4: { roles: ['knight', 'bishop', 'king', 'rook'], own: 15, others: 0, fewest: [5, 6] },
    5: { roles: ['knight', 'bishop', 'king', 'rook'], own: 12, others: 0, fewest: [4, 4] },
  },
  'route-unguarded': {
    1: { roles: ['rook', 'queen', 'bishop'], own: 1, others: 2, fewest: [2, 2] },
    2: { roles: ['rook', 'bishop', 'knight', 'king'], own: 2, others: 3, fewest: [3, 3] },
    3: { roles: ['knight', 'king', 'bishop', 'rook'], own: 3, others: 4, fewest: [4, 4] },
    4: { roles: ['knight', 'king', 'rook'], own: 4, others: 5, fewest: [5, 6] },
    5: { roles: ['knight', 'king', 'bishop', 'rook'], own: 3, others: 4, fewest: [4, 4] },
  },
};

/** Round own men, or off guarded squares: 1 needs two moves, each further level one more; 5 is told before the man goes. */
export function composeRoute(id: 'route' | 'route-unguarded'): Composer<ExerciseTaskOf<'route'>> {
  return (random, level) => {
    const { roles, own, others, fewest } = getRecipe(ROUTE_RECIPES[id], level);
    return throwUntil(() => {
      const turn = pickOne(random, SIDES);
      const square = randomBelow(random, 64);
      const man = getMan(turn, pickOne(random, roles));
      const draft = scatter(random, turn, new Map([[square, man]]), own, others);
      const free = draft.board.flatMap((other, at) => (other === undefined ? [at] : []));
      const task = { fen: makeFen(draft), square, targets: [pickOne(random, free)], commit: 'step' as const };
      return isWithin(EXERCISES[id].measure(task), ...fewest) ? tellAtTop(task, level) : undefined;
    });
  };
}

const COLLECT_RECIPES: Recipes<{
  roles: readonly Role[];
  targets: number;
  own: number;
  fewest: readonly [number, number];
}> = {
  1: { roles: ['rook', 'queen'], targets: 2, own: 0, fewest: [2, 2] },
  2: { roles: ['rook', 'bishop', 'queen'], targets: 3, own: 1, fewest: [3, 4] },
  3: { roles: ['rook', 'bishop', 'knight'], targets: 3, own: 2, fewest: [4, 5] },
  4: { roles: ['rook', 'knight', 'bishop', 'king'], targets: 4, own: 3, fewest: [6, 7] },
  5: { roles: ['rook', 'bishop', 'knight'], targets: 3, own: 1, fewest: [3, 5] },
};

/** 1: two men. 2: three. 3: three, with ways between them. 4: four, far apart. 5: three, told before the man goes. */
export const composeCollect: Composer<ExerciseTaskOf<'collect'>> = (random, level) => {
  const { roles, targets, own, fewest } = getRecipe(COLLECT_RECIPES, level);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const square = randomBelow(random, 64);
    const man = getMan(turn, pickOne(random, roles));
    const start = scatter(random, turn, new Map([[square, man]]), own, 0);
    const roleOfTheirs = shuffle(random, ['pawn', 'knight', 'bishop', 'rook', 'pawn'] as const).slice(
      0,
      targets,
    );
    const draft = place(random, start, opponentOf(turn), roleOfTheirs);
    const squares = draft.board.flatMap((other, at) => (other?.side === opponentOf(turn) ? [at] : []));
    // A bishop never leaves its colour: no use to look for a way.
    const isReached =
      man.role !== 'bishop' || squares.every((at) => isDarkSquare(at) === isDarkSquare(square));
    if (!isReached) return undefined;
    const task = { fen: makeFen(draft), square, targets: squares, commit: 'step' as const };
    return isWithin(EXERCISES.collect.measure(task), ...fewest) ? tellAtTop(task, level) : undefined;
  });
};

type RouteAnsweredTask = ExerciseTaskOf<'route-answered'>;
const DUEL_RECIPES: Recipes<{
  roles: readonly Role[];
  answering: readonly Role[];
  own: number;
  fewest: readonly [number, number];
}> = {
  1: { roles: ['rook', 'queen'], answering: ['king'], own: 2, fewest: [2, 2] },
  2: { roles: ['rook', 'bishop', 'queen', 'knight'], answering: ['king', 'knight'], own: 5, fewest: [3, 3] },
  3: {
    roles: ['rook', 'knight', 'bishop', 'king'],
    answering: ['knight', 'bishop', 'king'],
    own: 7,
    fewest: [4, 5],
  },
};

/** 1: two moves against a king. 2: three, against a king or knight. 3: four and more. */
export const composeRouteAnswered: Composer<RouteAnsweredTask> = (random, level) => {
  const { roles, answering, own, fewest } = getRecipe(DUEL_RECIPES, level);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const [square = 0, target = 0, other = 0] = shuffle(random, ALL_SQUARES);
    const man = getMan(turn, pickOne(random, roles));
    if (man.role === 'bishop' && isDarkSquare(square) !== isDarkSquare(target)) return undefined;
    // Their man stands between or near, or it would not matter.
    if (kingDistance(other, target) > 3 || kingDistance(square, target) < 2) return undefined;
    const theirs = getMan(opponentOf(turn), pickOne(random, answering));
    const draft = scatter(
      random,
      turn,
      new Map([
        [square, man],
        [other, theirs],
      ]),
      own,
      0,
    );
    if (draft.board[target] !== undefined) return undefined;
    const task = { fen: makeFen(draft), square, target, answering: other };
    const measure = EXERCISES['route-answered'].measure(task);
    return isWithin(Math.ceil(measure / 10), ...fewest) && isLawfulDuel(task) ? task : undefined;
  });
};

type BestSquareTask = ExerciseTaskOf<'best-square'>;
const EVEN_WEIGHTS = { middle: 1, attacked: 1, blocked: 1, moves: 1 } as const;
const BEST_RECIPES: Recipes<{ candidates: number; own: number; others: number; most: number }> = {
  1: { candidates: 2, own: 0, others: 1, most: 1 },
  2: { candidates: 3, own: 1, others: 3, most: 1 },
  3: { candidates: 4, own: 4, others: 5, most: 2 },
  4: { candidates: 5, own: 7, others: 8, most: 2 },
};

/** 1: two squares. 2: three, with men to attack. 3: four, own men in the way. 4: five, on a full board. */
export const composeBestSquare: Composer<BestSquareTask> = (random, level) => {
  const { candidates, own, others } = getRecipe(BEST_RECIPES, level);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const square = randomBelow(random, 64);
    const man = getMan(turn, pickOne(random, ['knight', 'bishop', 'rook', 'queen'] as const));
    const draft = scatter(random, turn, new Map([[square, man]]), own, others);
    const near = listLawfulReach(draft, square).map(({ to }) => to);
    const beyond =
      level < 3
        ? []
        : near.flatMap((to) =>
            listLawfulReach(wander(draft, { from: square, to }), to).map((move) => move.to),
          );
    // Where it would be taken nobody calls a square good.
    const free = [...new Set([...near, ...beyond])].filter(
      (at) =>
        at !== square &&
        draft.board[at] === undefined &&
        listAttackers(wander(draft, { from: square, to: at }).board, at, opponentOf(turn)).length === 0,
    );
    if (free.length < candidates) return undefined;
    const task = {
      fen: makeFen(draft),
      square,
      candidates: shuffle(random, free)
        .slice(0, candidates)
        .sort((one, other) => one - other),
      weights: EVEN_WEIGHTS,
    };
    const family = EXERCISES['best-square'];
    // Squares with as many points are both right; here one is best, so that counting matters.
    const isRight = (at: Square) => family.judge(task, tapSquares([at])).outcome === 'right';
    return family.isTask(task) && task.candidates.filter(isRight).length === 1 ? task : undefined;
  });
};

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
  return throwUntil(() => {
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

const ALL_SQUARES: readonly Square[] = Array.from({ length: 64 }, (_, square) => square);
