/** Entry of the server's worker threads; bundled by itself, since the pool starts it from a file. */
import type { AnswerTo, Question } from '../protocol';
import { answerQuestion } from '../tasks';

/** Piscina calls this for each question. */
export default function answer<Q extends Question>(question: Q): AnswerTo<Q> {
  return answerQuestion(question);
}
