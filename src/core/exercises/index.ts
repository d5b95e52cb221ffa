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
export { mateFamily, mateTaskSchema, type MateTask } from './mate';
export { FAMILIES, judgeAnswer, type FamilyId, type SolutionOf } from './registry';
