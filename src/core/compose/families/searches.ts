import { createTaskSearches, type TaskSearches } from '../mateTask';

let kit: TaskSearches | undefined;

/** The search kit of the composers in this worker, made when the first of them needs it: they run one after another. */
export function getSearches(): TaskSearches {
  kit ??= createTaskSearches();
  return kit;
}
