import type { Answer, Family, Verdict } from './family';
import { mateFamily } from './mate';

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
