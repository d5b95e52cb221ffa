/**
 * Every question that makes sense on one board. The families themselves say what they can ask of it; what a family asks of a board that was
 * brought is a task like any other: judged, helped with, printed and stored the same way.
 */
import type { NotationWays } from './answers/notationWays';
import type { BroughtBoard, Fit } from './family/brought';
import type { Level } from './family/family';
import { EXERCISE_IDS, EXERCISES, getExerciseFamily, type ExerciseId, type ExerciseTask } from './registry';

/** What one family can ask of a board, or why it has nothing to ask. */
export interface FamilyFit {
  readonly family: ExerciseId;
  readonly fit: Fit<ExerciseTask>;
}

/** For each family in the order of the stages; nothing is left out. Written moves are judged by the ways of the club. */
export function listBoardQuestions(brought: BroughtBoard, ways?: NotationWays): FamilyFit[] {
  return EXERCISE_IDS.map((family) => {
    const fit = getExerciseFamily(family).fit(brought);
    if (fit.kind === 'misfit') return { family, fit };
    const level = levelOfBrought(family);
    const tasks = fit.tasks.map((task) => withWays({ family, level, task }, ways));
    return { family, fit: { kind: 'fits', tasks } };
  });
}

/** Nobody has measured a board that was brought: it is taken for one of the middle until children have answered it. */
function levelOfBrought(family: ExerciseId): Level {
  return Math.ceil(EXERCISES[family].levels / 2) as Level;
}

/** Only what the child writes freely is judged by the ways of the club. */
export function withWays(made: ExerciseTask, ways: NotationWays | undefined): ExerciseTask {
  const isWritten = made.family === 'write-move' || made.family === 'keep-score';
  return isWritten && ways !== undefined ? { ...made, task: { ...(made.task as object), ways } } : made;
}
