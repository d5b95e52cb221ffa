import { scatter, type Composer } from '@/core/compose/draw';
import { makeFen } from '@/core/notation';
import { randomBelow } from '@/core/shared';
import type { CountPawnsTask } from './family';

export const composeCountPawns: Composer<CountPawnsTask> = (random) => ({
  fen: makeFen(scatter(random, 'white', new Map(), 1 + randomBelow(random, 7), 1 + randomBelow(random, 7))),
});
