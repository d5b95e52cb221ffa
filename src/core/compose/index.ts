export { makeMateTask, type MateTaskResult } from './mateTask';
