/** Family `count-reach`: how many squares one piece can go to. */
import type { Role } from '../../../board';
import { getDraft } from '../../../notation';
import { compareNumber, type NumberNote } from '../../answers/number';
import { defineFamily } from '../../family/family';
import { getRole } from '../../family/lessonBoard';
import { listTargets, measureReach, REACH_PARTS, type ReachTask } from './reachTask';

export interface CountReachQuestion {
  readonly code: 'count-reach';
  readonly role: Role;
}

export const countReachFamily = defineFamily<ReachTask, 'number', CountReachQuestion, NumberNote>({
  id: 'count-reach',
  skill: 'mobility',
  ...REACH_PARTS,
  answerMode: 'number',
  levels: 5,
  question: ({ fen, square }) => ({ code: 'count-reach', role: getRole(getDraft(fen), square) }),
  ask: () => ({ kind: 'number', least: 0, most: 27 }),
  solution: ({ fen, square }) => ({ kind: 'number', value: listTargets(fen, square).length }),
  judge({ fen, square }, answer) {
    const targets = listTargets(fen, square);
    const verdict = compareNumber(targets.length, answer);
    // Shown once it is answered: the squares that count.
    return verdict.outcome === 'right' ? { ...verdict, right: targets } : { ...verdict, missed: targets };
  },
  measure: measureReach,
  hints: ({ fen, square }) =>
    listTargets(fen, square)
      .slice(0, 1)
      .map((one) => ({ kind: 'man', square: one })),
});
