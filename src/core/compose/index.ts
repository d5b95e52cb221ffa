export { createTaskSearches, makeMateTask, type MateTaskResult, type TaskSearches } from './mateTask';
export { composeExercise } from './exercises';
export { composePatternMate, type PatternMate, type PatternRecipe } from './patternMates';
