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

/** Homework of the two terms, from the first squares to the named mates: up to four families of a stage, two tasks each. */
const HOMEWORK: readonly (readonly [name: string, stage: Stage, level: Level])[] = [
  ['Squares and lines', 'board', 1],
  ['Where can it go', 'movement', 1],
  ['Ways and walls', 'movement', 2],
  ['Catching', 'capturing', 1],
  ['Attack and guard', 'attack', 1],
  ['Points', 'values', 1],
  ['Check or mate', 'check', 1],
  ['Rare moves', 'special-moves', 1],
  ['Writing it down', 'notation', 1],
  ['Mates with a name', 'named-mates', 1],
];
const MOST_FAMILIES = 4;

export const DEMO_HOMEWORK: readonly { readonly name: string; readonly rounds: readonly DemoRound[] }[] =
  HOMEWORK.map(([name, stage, level], index) => ({
    name,
    rounds: EXERCISE_IDS.filter((id) => EXERCISES[id].stage === stage)
      .slice(0, MOST_FAMILIES)
      .map((family, place) => ({ family, level, seed: 700 + 20 * index + 2 * place, count: 2 })),
  }));
