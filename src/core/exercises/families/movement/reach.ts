/** Family `reach`: every square one piece can go to. */
import type { Role } from '../../../board';
import { getDraft } from '../../../notation';
import { defineFamily } from '../../family/family';
import { getRole } from '../../family/lessonBoard';
import { measureReach, REACH_PARTS, TAP_PARTS, type ReachTask, type ReachNote } from './reachTask';

export interface ReachQuestion {
  readonly code: 'reach';
  readonly role: Role;
}

export const reachFamily = defineFamily<ReachTask, 'tap', ReachQuestion, ReachNote>({
  id: 'reach',
  skill: 'ways-of-the-men',
  ...REACH_PARTS,
  ...TAP_PARTS,
  levels: 5,
  question: ({ fen, square }) => ({ code: 'reach', role: getRole(getDraft(fen), square) }),
  measure: measureReach,
});
