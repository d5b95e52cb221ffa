export { answerQuestion } from './answerQuestion';
