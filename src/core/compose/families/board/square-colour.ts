import { fileOf, isDarkSquare, rankOf } from '../../../board';
import type { ExerciseTaskOf } from '../../../exercises';
import { randomBelow } from '../../../shared';
import { sampleUntil, type Composer } from '../../draw';

/** 1: squares at the edge. 2: squares inside. 3: two squares, of one colour or not. */
export const composeSquareColour: Composer<ExerciseTaskOf<'square-colour'>> = (random, level) =>
  sampleUntil(() => {
    const [square, other] = [randomBelow(random, 64), randomBelow(random, 64)];
    const isEdge = [fileOf(square), rankOf(square)].some((at) => at === 0 || at === 7);
    if (level < 3) return isEdge === (level === 1) ? { square } : undefined;
    const isSame = random() < 0.5;
    return square !== other && (isDarkSquare(square) === isDarkSquare(other)) === isSame
      ? { square, other }
      : undefined;
  });
