/** Entry of the server's worker threads; bundled by itself, since the pool starts it from a file. */
import type { MakeMateTaskQuestion, MateTaskAnswer } from '../protocol';
import { answerMakeMateTask } from '../tasks';

/** Piscina calls this for each question. */
export default function answer(question: MakeMateTaskQuestion): MateTaskAnswer {
  return answerMakeMateTask(question);
}
