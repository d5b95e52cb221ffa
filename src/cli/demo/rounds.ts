/** The demo's sets of exercises: every family once and some twice, composed by these numbers. */
import { EXERCISE_IDS, EXERCISES, STAGES, type ExerciseId, type Level, type Stage } from '@/core/exercises';

export interface DemoRound {
  readonly family: ExerciseId;
  readonly level: Level;
  readonly seed: number;
  readonly count: number;
}

const FIRST_STAGES: readonly Stage[] = ['board', 'movement'];
const SECOND_STAGES: readonly Stage[] = ['capturing', 'attack', 'values'];

function roundsOf(stages: readonly Stage[]): DemoRound[] {
  return EXERCISE_IDS.filter((id) => stages.includes(EXERCISES[id].stage)).map((family, index) => ({
    family,
    level: index % 3 === 2 ? 2 : 1,
    seed: 40 + index,
    count: 1,
  }));
}

export const DEMO_ROUNDS: readonly { readonly name: string; readonly rounds: readonly DemoRound[] }[] = [
  { name: 'Ropes and knots', rounds: roundsOf(FIRST_STAGES) },
  { name: 'Nets and catches', rounds: roundsOf(SECOND_STAGES) },
  {
    name: 'Signals and flags',
    rounds: roundsOf(
      STAGES.filter((stage) => !FIRST_STAGES.includes(stage) && !SECOND_STAGES.includes(stage)),
    ),
  },
];
