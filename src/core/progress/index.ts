export type { ProgressAnswer } from './answers';
export { forecastSet, type SetForecast, type SpentTime } from './forecast';
export { listHardships, type Hardship } from './hardships';
export { findNextStage, findProgress, weighEvidence, type StageProgress, type Standing } from './mastery';
export { pickRising } from './pickRising';
export { planPractice, type PracticePart } from './practice';
export {
  expectScore,
  NEW_CHILD_RATING,
  rateAnswer,
  scoreFirstAnswer,
  startPuzzleRating,
  type Rating,
} from './rating';
