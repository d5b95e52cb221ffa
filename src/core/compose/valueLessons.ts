/** Composers on positions of a game: values, exchanges, attack and protection. */
import { opponentOf, SIDES } from '../board';
import { EXERCISES, type ExerciseTaskOf, type Scale } from '../exercises';
import { makeFen, makeMoveText, getPosition } from '../notation';
import { findCaptured, isCheck, listAttackers, listLegalMoves, playMove, type Move } from '../rules';
import { pickOne, randomBelow, type Random } from '../shared';
import { exchangeAfter, findAttack, listAttackAnswers, type AttackAnswer } from '../tactics';
import {
  getRecipe,
  isSmallFight,
  isWithin,
  shuffle,
  throwPosition,
  throwUntil,
  type Composer,
  type Recipes,
} from './draw';
import { hasMate } from './checkLessons';

/**
 * Men beside the kings: 1 some four, 2 seven, 3 eleven, 4 eighteen. One more or less, for with the usual points the difference of an
 * even number of men is even.
 */
const AHEAD_MEN: Recipes<readonly [number, number]> = { 1: [2, 2], 2: [4, 3], 3: [6, 5], 4: [9, 9] };

export const composeWhoIsAhead: Composer<ExerciseTaskOf<'who-is-ahead'>> = (random, level, values) => {
  const [one, other] = getRecipe(AHEAD_MEN, level);
  return throwUntil(() => {
    const position = throwPosition(
      random,
      pickOne(random, SIDES),
      new Map(),
      one,
      other + randomBelow(random, 2),
    );
    if (position === undefined) return undefined;
    const task = { fen: makeFen(position), values };
    const [balance = ''] = EXERCISES['who-is-ahead'].solution(task).options;
    const points = balance === 'even' ? 0 : Number(balance.split('-')[1]);
    return points <= 6 ? task : undefined;
  });
};

/** 1: one man for one. 2: one for two or three. 3: two for two or three. Even ones are rare among them, so more of them are kept. */
export const composeTrade: Composer<ExerciseTaskOf<'trade'>> = (random, level, values) =>
  throwUntil(() => {
    const counts = [
      [1, 1],
      [1, 2 + randomBelow(random, 2)],
      [2, 2 + randomBelow(random, 2)],
    ][level - 1] ?? [1, 1];
    const pick = (count = 1) =>
      Array.from({ length: count }, () =>
        pickOne(random, ['pawn', 'knight', 'bishop', 'rook', 'queen'] as const),
      );
    const [given, taken] = shuffle(random, counts).map(pick);
    if (given === undefined || taken === undefined) return undefined;
    const task = { given, taken, values };
    const measure = EXERCISES.trade.measure(task);
    // Far apart is no question.
    const isNear = measure >= 10 * (given.length + taken.length) - 4;
    const isKept = EXERCISES.trade.solution(task).options[0] === 'even' || random() < 0.2;
    return isNear && isKept && given.join() !== taken.join() ? task : undefined;
  });

/** What is measured is drawn first, so that no level always has the same answer. */
const COUNT_RECIPES: Recipes<{
  readonly own: number;
  readonly others: number;
  readonly wanted: readonly number[];
  readonly isMoreFine: boolean;
}> = {
  1: { own: 4, others: 3, wanted: [0, 1, 2], isMoreFine: false },
  2: { own: 8, others: 5, wanted: [2, 3, 4], isMoreFine: false },
  3: { own: 9, others: 7, wanted: [4, 5, 5], isMoreFine: false },
  4: { own: 9, others: 8, wanted: [6], isMoreFine: true },
};

/** 1: nobody, one or two look at the square. 2: two to four. 3: one stands behind another. 4: a pinned man, or two behind. */
export const composeCountOnSquare: Composer<ExerciseTaskOf<'count-on-square'>> = (random, level) => {
  const { own, others, wanted, isMoreFine } = getRecipe(COUNT_RECIPES, level);
  const least = pickOne(random, wanted);
  return throwUntil(() => {
    const side = pickOne(random, SIDES);
    const position = throwPosition(random, side, new Map(), own, others);
    if (position === undefined) return undefined;
    const squares = position.board.flatMap((man, at) =>
      man !== undefined && man.role !== 'king' ? [at] : [],
    );
    const fen = makeFen(position);
    return shuffle(random, squares)
      .map((square) => ({ fen, square, side }))
      .find((task) => {
        const measure = EXERCISES['count-on-square'].measure(task);
        return measure === least || (isMoreFine && measure > least);
      });
  });
};

const EXCHANGE_RECIPES: Recipes<readonly [men: number, least: number, most: number]> = {
  1: [5, 1, 4],
  2: [8, 5, 5],
  3: [10, 6, 6],
  4: [12, 7, 12],
};

/** 1: one capture or two. 2 to 4: more men look at the square, and more captures follow. */
export const composeTakeOrLeave: Composer<ExerciseTaskOf<'take-or-leave'>> = (random, level, values) => {
  const [men, least, most] = getRecipe(EXCHANGE_RECIPES, level);
  const wanted = pickOne(random, ['wins-men', 'loses-men', 'loses-men', 'comes-out-even']);
  return throwUntil(() => {
    const position = throwPosition(random, pickOne(random, SIDES), new Map(), men, men);
    if (position === undefined) return undefined;
    const captures = listLegalMoves(position).filter(
      (move) =>
        move.promotion === undefined &&
        position.board[move.to] !== undefined &&
        isSmallFight(position, move.to),
    );
    const fen = makeFen(position);
    return shuffle(random, captures)
      .map((move) => ({ fen, move: makeMoveText(move), values }))
      .find(
        (task) =>
          EXERCISES['take-or-leave'].solution(task).options[0] === wanted &&
          isWithin(EXERCISES['take-or-leave'].measure(task), least, most),
      );
  });
};

type PoisonedTask = ExerciseTaskOf<'poisoned'>;
const POISON_RECIPES: Recipes<readonly [men: number, least: number, most: number]> = {
  1: [4, 0, 18],
  2: [7, 19, 28],
  3: [10, 29, 80],
};

/** More answers of the other side to look at from level to level. A catch elsewhere that is as big as the first is no question. */
export const composePoisoned: Composer<PoisonedTask> = (random, level, values) => {
  const [men, least, most] = getRecipe(POISON_RECIPES, level);
  const wanted = pickOne(random, ['allows-mate', 'loses-more', 'take-it'] as const);
  return throwUntil(() => {
    const position = throwPosition(random, pickOne(random, SIDES), new Map(), men, men);
    if (position === undefined || isCheck(position)) return undefined;
    const captures = listLegalMoves(position).filter(
      (move) =>
        move.promotion === undefined &&
        position.board[move.to] !== undefined &&
        isSmallFight(position, move.to),
    );
    if (captures.length === 0) return undefined;
    const move = pickOne(random, captures);
    if ((wanted === 'allows-mate') !== hasMate(playMove(position, move))) return undefined;
    const task = { fen: makeFen(position), move: makeMoveText(move), values };
    const { poisoned } = EXERCISES;
    if (!isWithin(poisoned.measure(task), least, most) || !poisoned.isTask(task)) return undefined;
    if (poisoned.solution(task).options[0] !== wanted) return undefined;
    return wanted === 'take-it' && !isQuietElsewhere(task, move) ? undefined : task;
  });
};

/** Nothing else hangs once the capture is made. */
function isQuietElsewhere({ fen, values }: PoisonedTask, capture: Move): boolean {
  const after = playMove(getPosition(fen), capture);
  return listLegalMoves(after).every(
    (reply) =>
      reply.to === capture.to ||
      findCaptured(after, reply) === undefined ||
      exchangeAfter(after, reply, values).gain <= 0,
  );
}

type AttackedTask = ExerciseTaskOf<'attack-kinds'>;

const ATTACKED_RECIPES: Recipes<readonly [men: number, least: number, most: number]> = {
  1: [3, 0, 30],
  2: [5, 24, 45],
  3: [7, 36, 70],
  4: [8, 44, 200],
};

/** More men and more kinds of answer from level to level. */
export const composeAttackKinds: Composer<AttackedTask> = (random, level, values) => {
  const [men, least, most] = getRecipe(ATTACKED_RECIPES, level);
  return throwUntil(() => {
    const task = throwAttack(random, men, values);
    const family = EXERCISES['attack-kinds'];
    return task && isWithin(family.measure(task), least, most) && family.isTask(task) ? task : undefined;
  });
};

/** Kinds of answer a level asks for, the rarest first. */
const ANSWERS_OF_LEVEL: readonly (readonly AttackAnswer[])[] = [
  ['take', 'go-away'],
  ['protect', 'take', 'go-away'],
  ['put-between', 'protect'],
  ['free-guard', 'pin', 'open-line', 'counter', 'in-between'],
];

/** 1: take it or go away. 2: protect. 3: something between. 4: pins, opened lines, counter-attacks, moves in between. */
export const composeAttackMen: Composer<ExerciseTaskOf<'attack-men'>> = (random, level, values) =>
  throwUntil(() => {
    const task = throwAttack(random, 2 + 2 * level, values);
    const position = task && getPosition(task.fen);
    const attack = task && position && findAttack(position, task.target, values);
    if (task === undefined || position === undefined || attack === undefined) return undefined;
    const sound = listAttackAnswers(position, attack, values).filter(({ isSound }) => isSound);
    const found = new Set(sound.flatMap(({ kinds }) => kinds));
    const wanted = (ANSWERS_OF_LEVEL[level - 1] ?? []).filter((answer) => found.has(answer));
    const [rarest = 'take'] = wanted;
    return wanted.length === 0
      ? undefined
      : { ...task, answer: random() < 0.6 ? rarest : pickOne(random, wanted) };
  });

/** A man of the side to move attacked by one of theirs. */
function throwAttack(random: Random, men: number, values: Scale): AttackedTask | undefined {
  const turn = pickOne(random, SIDES);
  const position = throwPosition(random, turn, new Map(), men, men);
  if (position === undefined || isCheck(position)) return undefined;
  const own = position.board.flatMap((man, at) =>
    man?.side === turn &&
    man.role !== 'king' &&
    listAttackers(position.board, at, opponentOf(turn)).length === 1
      ? [at]
      : [],
  );
  const [target] = own;
  return own.length === 1 && target !== undefined && findAttack(position, target, values) !== undefined
    ? { fen: makeFen(position), target, values }
    : undefined;
}
