/**
 * What to practise in a stage: the families a student knows least, each at the level that is next. A level is left when its last four
 * tasks and more came right as mastery asks.
 */
import { EXERCISE_IDS, EXERCISES, listLevels, type ExerciseId, type Level, type Stage } from '../exercises';
import type { ProgressAnswer } from './answers';
import { weighTasks } from './mastery';

const LEAVES_LEVEL_AFTER = 4;
const LEAVES_LEVEL_FROM = 0.8;
/** Families in one round: enough for a change, few enough to settle. */
const MOST_FAMILIES = 3;

export interface PracticePart {
  readonly family: ExerciseId;
  readonly level: Level;
  readonly count: number;
}

/** So many tasks of the stage, shared among its least known families; empty for a stage that has none. */
export function planPractice(
  answers: readonly ProgressAnswer[],
  stage: Stage,
  count: number,
): PracticePart[] {
  const families = EXERCISE_IDS.filter((id) => EXERCISES[id].stage === stage)
    .map((family) => {
      const own = answers.filter((answer) => answer.family === family);
      return { family, own, ...weighTasks(own) };
    })
    .sort((one, other) => one.evidence * one.mean - other.evidence * other.mean)
    .slice(0, Math.min(MOST_FAMILIES, count));
  return families.map(({ family, own }, index) => ({
    family,
    level: findNextLevel(family, own),
    count: Math.floor(count / families.length) + (index < count % families.length ? 1 : 0),
  }));
}

/** The first level of a family that is not left yet by its answers, the last one for ever. */
export function findNextLevel(family: ExerciseId, answers: readonly ProgressAnswer[]): Level {
  const levels = listLevels(family);
  const open = levels.find((level) => {
    const { mean, evidence } = weighTasks(answers.filter((answer) => answer.level === level));
    return evidence < LEAVES_LEVEL_AFTER || mean < LEAVES_LEVEL_FROM;
  });
  return open ?? levels.at(-1) ?? 1;
}
