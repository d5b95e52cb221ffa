import type { Role } from '../board';
import type { FamilyId, Stage } from '../exercises';

/** One answer of one student, as progress sees it. */
export interface ProgressAnswer {
  readonly student: number;
  readonly task: number;
  readonly family: FamilyId;
  readonly stage: Stage;
  readonly level: number;
  /** The day it was given, as a text that is the same for one day. */
  readonly day: string;
  /** The piece the task was about, where its family asks about one. */
  readonly piece: Role | undefined;
  /** From 1: the first answer to a task is what counts most. */
  readonly tryNumber: number;
  readonly isRight: boolean;
  readonly hints: number;
  readonly diagnoses: readonly string[];
}
