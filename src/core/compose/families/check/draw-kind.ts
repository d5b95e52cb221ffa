import { EXERCISES } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne } from '../../../shared';
import { sampleUntil, type Composer } from '../../draw';
import { tellStory, sampleEnd, type DrawTask } from './stories';

/** 1: the board says it, or they agree. 2: told repetition and fifty moves. 3: things that come near it. */
export const composeDrawKind: Composer<DrawTask> = (random, level) => {
  const kinds =
    level === 1
      ? ['stalemate', 'dead', 'agreement', 'no-draw']
      : ['stalemate', 'repetition', 'fifty-moves', 'agreement', 'no-draw'];
  const kind = pickOne(random, kinds);
  return sampleUntil(() => {
    const position = sampleEnd(random, kind, level);
    if (position === undefined) return undefined;
    const task = { fen: makeFen(position), story: tellStory(random, kind, level) };
    return EXERCISES['draw-kind'].isTask(task) && EXERCISES['draw-kind'].solution(task).options[0] === kind
      ? task
      : undefined;
  });
};
