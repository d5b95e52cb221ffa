export {
  ANSWER_MODES,
  answerSchema,
  placedMenSchema,
  squareSchema,
  type Answer,
  type AnswerMode,
  type AnswerOf,
} from './family/answer';
export { LEVELS, type Exercise, type Level, type OpenableFamily, type TaskResponse } from './family/family';
export {
  getAskedLength,
  MATE_COUNTS,
  mateFamily,
  mateTaskSchema,
  type MateCount,
  type MateTask,
} from './families/forced-mates/mate';
export type {
  AnswerForm,
  FamilyQuestion,
  GameEnding,
  GameStory,
  Hint,
  RuleVariant,
  Scene,
} from './family/question';
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
  type Note,
  type NoteOf,
  type Question,
  type QuestionOf,
  type Reason,
  type ReasonOf,
} from './registry';
export { isMatingMove, listMatingMoves, toSans } from './family/legalTask';
export { isAttack, listSound, type AttackedTask } from './families/attack/attackedTask';
export { FORCING_ASKS } from './families/forced-mates/forcing-moves';
export { PROMOTION_GOALS } from './families/special-moves/promote-to';
export { EVEN_WEIGHTS } from './families/movement/best-square';
export { loadFamily } from './loadFamily';
export { wander, without } from './families/movement/looseMoves';
export { scaleSchema, type Scale } from './families/values/scale';
export { listSpareMen } from './families/named-mates/spare-men';
export { HABITS, makeHabitTask, type Habit } from './families/forced-mates/habits';
export { listLastSquares } from './families/forced-mates/last-square';
export { listOwnSans } from './families/forced-mates/right-order';
export {
  ACCEPTANCES,
  NOTATION_GROUPS,
  notationWaysSchema,
  USUAL_WAYS,
  type Acceptance,
  type NotationGroup,
  type NotationWays,
} from './answers/notationWays';
export type { ForcingLabel } from './family/forcingLabels';
export { isChoiceNote, type ChoiceNote, type ReasonIn } from './answers/choose';
export type { FamilyNote, FamilyReason } from './family/note';
export { findPlaceSlip } from './answers/placeSlip';
export { earnSign, SIGN_DEPTHS, SIGNS, type Sign } from './families/notation/signs';
export { SMUDGE } from './families/notation/garbled-line';
export { tapSquares } from './answers/tap';
export { isLawfulDuel } from './families/movement/route-answered';
export { findAskedPiece, isAboutPiece, LEARNT_PIECES } from './askedPiece';
export { PATH_PRESETS, STAGES, type PathPreset, type Stage } from './family/stages';
export {
  MISS_GEOMETRIES,
  OUTCOMES,
  type MateDiagnosis,
  type MissGeometry,
  type Verdict,
  type VerdictOutcome,
} from './family/verdict';
