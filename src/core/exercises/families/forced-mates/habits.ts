/** A stored puzzle, asked as an exercise of thinking before moving. */
import type { SolutionGraph } from '../../../puzzles';
import type { HabitTask } from './habitTask';
import type { MateTask } from './mate';
import { listOwnSans, rightOrderFamily, type OrderTask } from './right-order';

export const HABITS = ['last-square', 'whole-line', 'right-order'] as const;

export type Habit = (typeof HABITS)[number];

/**
 * A stored puzzle to be answered in another way; undefined where that asks for nothing: of one move there is no order, nor of two that
 * are written alike.
 */
export function makeHabitTask(
  habit: Habit,
  task: MateTask,
  graph: SolutionGraph,
): OrderTask | HabitTask | undefined {
  const made: HabitTask = { ...task, graph };
  if (habit !== 'right-order') return habit === 'whole-line' && task.mateInMoves < 2 ? undefined : made;
  const sans = listOwnSans(made);
  // In the order of the alphabet, which tells nothing, unless it is the right one.
  const sorted = sans.toSorted();
  const ordered = { ...made, shown: sorted.join() === sans.join() ? sorted.toReversed() : sorted };
  return rightOrderFamily.isTask(ordered) ? ordered : undefined;
}
