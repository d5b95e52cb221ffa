import type { FamilyId, Stage } from '../exercises';

/** One answer of one student, as progress sees it. */
export interface ProgressAnswer {
  readonly student: number;
  readonly task: number;
  readonly family: FamilyId;
  readonly stage: Stage;
  readonly level: number;
  /** From 1: the first answer to a task is what counts most. */
  readonly tryNumber: number;
  readonly isRight: boolean;
  readonly hints: number;
  readonly diagnoses: readonly string[];
}
