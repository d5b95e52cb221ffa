import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { findOutcome } from '../../../rules';
import { pickOne } from '../../../shared';
import { sampleUntil, type Composer } from '../../draw';
import { tellStory, sampleEnd } from './stories';

type StopTask = ExerciseTaskOf<'why-stopped'>;

/** 1: mate, stalemate, giving up, agreement. 2: told repetition and fifty moves too. 3: things that come near it. */
export const composeWhyStopped: Composer<StopTask> = (random, level) => {
  const kind = pickOne(random, [
    'mate',
    'resignation',
    'stalemate',
    'agreement',
    ...(level === 1 ? ['dead'] : ['repetition', 'fifty-moves']),
  ]);
  return sampleUntil(() => {
    const position = sampleEnd(random, kind, level);
    if (position === undefined) return undefined;
    const outcome = findOutcome(position);
    const story = { ...tellStory(random, kind, level), haveAgreed: false };
    const decided = pickOne(random, ['1-0', '0-1'] as const);
    const result =
      outcome?.kind === 'mate'
        ? outcome.winner === 'white'
          ? ('1-0' as const)
          : ('0-1' as const)
        : kind === 'resignation'
          ? decided
          : ('1/2-1/2' as const);
    const task: StopTask = { fen: makeFen(position), story, result };
    return EXERCISES['why-stopped'].isTask(task) &&
      EXERCISES['why-stopped'].solution(task).options[0] === kind
      ? task
      : undefined;
  });
};
