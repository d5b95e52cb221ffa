export type { ProgressAnswer } from './answers';
export { forecastSet, type SetForecast, type SpentTime } from './forecast';
export { listTroubleSpots, type TroubleSpot } from './troubleSpots';
export {
  findNextStage,
  findProgress,
  weighTasks,
  type RecallOf,
  type StageGap,
  type StageProgress,
} from './mastery';
export { groupByNeed, listNeeds, type Learner, type NeededTopic, type NeedGroup } from './needs';
export {
  planNextRound,
  ROUND_REASONS,
  type RoundPart,
  type RoundReason,
  type RoundOptions,
} from './nextRound';
export { pickRising } from './pickRising';
export { findNextLevel, planPractice, type PracticePart } from './practice';
export {
  makeRecall,
  isDue,
  learnTopic,
  recallAt,
  RETENTION,
  topicMasteryState,
  topicStateSchema,
  weighTopic,
  type TopicAnswer,
  type TopicState,
} from './reviews';
export { listTopics, parseTopic, type Topic, type TopicParts } from './topics';
export {
  expectScore,
  NEW_CHILD_RATING,
  rateAnswer,
  scoreFirstAnswer,
  startPuzzleRating,
  type Rating,
} from './rating';
export { isTelling, wilson, type Mastery, type MasteryState } from './weigh';
