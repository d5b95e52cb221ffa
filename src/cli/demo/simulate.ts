/** A simulated child's tries at one puzzle: seeded, so that the demo is the same at every seed. */
import { mateFamily, type MateTask } from '@/core/exercises';
import type { MoveText } from '@/core/notation';
import type { SolutionGraph } from '@/core/puzzles';
import { pickOne, type Random } from '@/core/shared';

export interface SimulatedTry {
  readonly moves: readonly MoveText[];
  readonly hints: number;
  readonly spentMs: number;
}

const MOST_TRIES = 3;

/** One to three tries; the last one is right unless the child gave up. Longer mates lower the chance. */
export function simulateTries(
  random: Random,
  strength: number,
  { task, solution }: { readonly task: MateTask; readonly solution: SolutionGraph },
): SimulatedTry[] {
  const tries: SimulatedTry[] = [];
  for (let number = 1; number <= MOST_TRIES; number += 1) {
    const chance = Math.min(0.95, strength ** task.mateInMoves + 0.25 * (number - 1));
    const isRight = random() < chance;
    tries.push({
      moves: isRight ? playRight(task, solution) : playWrong(random, solution),
      hints: number > 1 && random() < 0.5 ? 1 : 0,
      spentMs: Math.round((8 + 40 * random() * task.mateInMoves) * 1000),
    });
    if (isRight) break;
  }
  return tries;
}

function playRight(task: MateTask, solution: SolutionGraph): MoveText[] {
  return mateFamily.solution(task, solution);
}

function playWrong(random: Random, solution: SolutionGraph): MoveText[] {
  return [pickOne(random, Object.keys(solution.nodes[0]?.others ?? {}))];
}
