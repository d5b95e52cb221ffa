export { createTaskSearches, makeMateTask, type MateTaskResult, type TaskSearches } from './mateTask';
export { composeTapTask } from './lessons';
