import type { Square } from '../board';
import { capturesFamily } from './captures';
import type { Answer, Family, TapFamily, TapScene, TapVerdict, Verdict } from './family';
import { findSquareFamily } from './findSquare';
import { mateFamily } from './mate';
import { reachFamily } from './reach';
import { unprotectedFamily } from './unprotected';

/** Every family by its id; a new one is added here and in its own file only. */
export const FAMILIES = { mate: mateFamily } as const;
export type FamilyId = keyof typeof FAMILIES;

/** Judges a stored answer; task and solution come from the store and are parsed here, so a corrupt row throws. */
export function judgeAnswer(family: FamilyId, task: unknown, solution: unknown, answer: Answer): Verdict {
  const known = FAMILIES[family];
  return known.judge(known.taskSchema.parse(task), known.solutionSchema.parse(solution), answer);
}

/** The stored solution of a family. */
export type SolutionOf<Id extends FamilyId> =
  (typeof FAMILIES)[Id] extends Family<infer _Task, infer Solution> ? Solution : never;

/** Families answered by tapping squares. */
export const TAP_FAMILIES = {
  'find-square': findSquareFamily,
  reach: reachFamily,
  captures: capturesFamily,
  unprotected: unprotectedFamily,
} as const;
export type TapFamilyId = keyof typeof TAP_FAMILIES;
export type TapTaskOf<Id extends TapFamilyId> =
  (typeof TAP_FAMILIES)[Id] extends TapFamily<infer Task> ? Task : never;

/** A task with its family: what a composer makes and a screen shows. */
export type TapTask = {
  [Id in TapFamilyId]: { readonly family: Id; readonly task: TapTaskOf<Id> };
}[TapFamilyId];

/** What a screen needs of a task, whatever its family. */
export interface TapExercise {
  readonly scene: TapScene;
  readonly solution: readonly Square[];
  readonly measure: number;
  readonly judge: (marks: readonly Square[]) => TapVerdict;
}

/** Opens a task of any tapping family. */
export function openTapTask({ family, task }: TapTask): TapExercise {
  switch (family) {
    case 'find-square':
      return open(findSquareFamily, task);
    case 'reach':
      return open(reachFamily, task);
    case 'captures':
      return open(capturesFamily, task);
    case 'unprotected':
      return open(unprotectedFamily, task);
  }
}

function open<Task>(family: TapFamily<Task>, task: Task): TapExercise {
  return {
    scene: family.scene(task),
    solution: family.solution(task),
    measure: family.measure(task),
    judge: (marks) => family.judge(task, marks),
  };
}
