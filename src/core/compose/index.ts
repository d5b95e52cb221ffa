export { createTaskSearches, makeMateTask, type MateTaskResult, type TaskSearches } from './mateTask';
export { composeExercise } from './exercises';
