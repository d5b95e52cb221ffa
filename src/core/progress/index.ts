export type { ProgressAnswer } from './answers';
export { listHardships, type Hardship } from './hardships';
export { findNextStage, findProgress, weighEvidence, type StageProgress, type Standing } from './mastery';
export { planPractice, type PracticePart } from './practice';
