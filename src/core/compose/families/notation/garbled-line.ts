import { EXERCISES, SMUDGE, type ExerciseTaskOf } from '../../../exercises';
import { makeFen, makeNumberedLine, makeSan } from '../../../notation';
import { randomBelow } from '../../../shared';
import { getRecipe, isWithin, shuffle, sampleUntil, type Composer, type Recipes } from '../../draw';
import { MOST_BEFORE, playLine } from './written';

type GarbledTask = ExerciseTaskOf<'garbled-line'>;

const GARBLED_RECIPES: Recipes<{ smudges: number; least: number; most: number }> = {
  1: { smudges: 1, least: 4, most: 4 },
  2: { smudges: 1, least: 10, most: 22 },
  3: { smudges: 2, least: 14, most: 14 },
  4: { smudges: 2, least: 20, most: 80 },
};

/** Moves of the sheet that stand after the smudged one. */
const MOST_AFTER = 3;

/** 1: one sign, one move that fits. 2: one sign; what follows decides. 3: two signs. 4: two, and several moves look like it. */
export const composeGarbledLine: Composer<GarbledTask> = (random, level) => {
  const { smudges, least, most } = getRecipe(GARBLED_RECIPES, level);
  return sampleUntil(() => {
    const line = playLine(random, 8 + randomBelow(random, 24));
    const at = 4 + randomBelow(random, Math.max(1, line.length - 4 - MOST_AFTER));
    const turn = line[at];
    const first = line[Math.max(0, at - MOST_BEFORE)];
    if (turn === undefined || first === undefined) return undefined;
    const san = makeSan(turn.position, turn.move);
    if (san.startsWith('O')) return undefined;
    const hidden = shuffle(
      random,
      Array.from(san, (_, index) => index),
    ).slice(0, smudges);
    const task = {
      fen: makeFen(turn.position),
      before: makeNumberedLine(
        first.position,
        line.slice(Math.max(0, at - MOST_BEFORE), at).map(({ move }) => move),
      ),
      garbled: Array.from(san, (sign, index) => (hidden.includes(index) ? SMUDGE : sign)).join(''),
      after: line.slice(at + 1, at + 1 + MOST_AFTER).map(({ position, move }) => makeSan(position, move)),
    };
    const family = EXERCISES['garbled-line'];
    return isWithin(family.measure(task), least, most) && family.isTask(task) ? task : undefined;
  });
};
