export {
  ANSWER_MODES,
  answerSchema,
  placedMenSchema,
  squareSchema,
  type Answer,
  type AnswerMode,
  type AnswerOf,
} from './answer';
export { LEVELS, type Exercise, type Level, type OpenableFamily, type TaskResponse } from './family';
export {
  getAskedLength,
  MATE_COUNTS,
  mateFamily,
  mateTaskSchema,
  type MateCount,
  type MateTask,
} from './mate';
export type { Ask, GameEnding, GameStory, Hint, Question, RuleVariant, Scene } from './question';
export {
  EXERCISE_IDS,
  EXERCISES,
  exerciseTaskSchema,
  familyIdSchema,
  findStage,
  getExerciseFamily,
  judgeAnswer,
  listLevels,
  openExercise,
  type ExerciseId,
  type ExerciseTask,
  type ExerciseTaskOf,
  type FamilyId,
} from './registry';
export { loadFamily } from './loadFamily';
export { wander, without } from './looseMoves';
export { scaleSchema, type Scale } from './values';
export { listSpareMen } from './namedMates';
export { HABITS, listLastSquares, listOwnSans, makeHabitTask, type Habit } from './habits';
export {
  ACCEPTANCES,
  NOTATION_GROUPS,
  notationWaysSchema,
  USUAL_WAYS,
  type Acceptance,
  type NotationGroup,
  type NotationWays,
} from './notationWays';
export type { ForcingLabel } from './forcingMoves';
export { findPlaceSlip } from './placeSlip';
export { earnSign, SIGN_DEPTHS, SIGNS, type Sign } from './signs';
export { SMUDGE } from './sheets';
export { tapSquares } from './tapVerdict';
export { isLawfulDuel } from './routeAnswered';
export { findAskedPiece, isAboutPiece, LEARNT_PIECES } from './askedPiece';
export { PATH_PRESETS, STAGES, type PathPreset, type Stage } from './stages';
export {
  MISS_GEOMETRIES,
  OUTCOMES,
  type Diagnosis,
  type MateDiagnosis,
  type Note,
  type Reason,
  type Verdict,
  type VerdictOutcome,
} from './verdict';
