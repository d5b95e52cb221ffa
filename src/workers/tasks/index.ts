export { answerMakeMateTask, answerProve } from './answerQuestion';
