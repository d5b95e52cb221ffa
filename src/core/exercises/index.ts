export {
  answerSchema,
  DIAGNOSES,
  OUTCOMES,
  type Answer,
  type Diagnosis,
  type Family,
  type Hint,
  type TaskResponse,
  type Verdict,
  type VerdictOutcome,
} from './family';
export {
  getAskedLength,
  MATE_COUNTS,
  mateFamily,
  mateTaskSchema,
  type MateCount,
  type MateTask,
} from './mate';
export { FAMILIES, judgeAnswer, type FamilyId, type SolutionOf } from './registry';
