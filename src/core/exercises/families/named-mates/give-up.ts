/** Family `give-up`: of a forced mate only the first move, a sacrifice, is asked for. */
import type { Side } from '../../../board';
import { z } from 'zod/mini';
import { getPosition, parseMoveText } from '../../../notation';
import { findSacrifices, type Sacrifice } from '../../../patterns';
import { defineFamily } from '../../family/family';
import { sceneOfPosition } from '../../family/legalTask';
import { RIGHT } from '../../family/verdict';
import {
  askOf,
  asNotes,
  countedGraph,
  habitShape,
  hintMan,
  mateTaskOf,
  measureMate,
  noteBreak,
  type HabitTask,
  type BreakNote,
} from '../forced-mates/habitTask';
import { mateFamily } from '../forced-mates/mate';

/** The sacrifice with which the main line begins. */
function findFirstSacrifice(task: HabitTask): Sacrifice | undefined {
  const line = mateFamily.solution(mateTaskOf(task), task.graph).flatMap((text) => parseMoveText(text) ?? []);
  return findSacrifices(getPosition(task.fen), line).find(({ ply }) => ply === 0);
}

export interface GiveUpQuestion {
  readonly code: 'give-up';
  readonly turn: Side;
  readonly moves: number;
}

/** `give-up`: the first move of a mate gives a man away; that move alone is asked for. */
export const giveUpFamily = defineFamily<HabitTask, 'play', GiveUpQuestion, BreakNote>({
  version: 1,
  id: 'give-up',
  stage: 'named-mates',
  skill: 'sacrifices',
  levels: 3,
  answerMode: 'play',
  taskSchema: habitShape.check(
    // Where useless men between need not count, a quicker mate would be right as well, and nobody is given up for it.
    z.refine(
      (task) => task.mateNoBlocks === undefined && findFirstSacrifice(task) !== undefined,
      'the mate does not begin with a sacrifice, or is shorter without men put between for nothing',
    ),
  ),
  question: (task) => ({ code: 'give-up', ...askOf(task) }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ fen }) => ({ kind: 'play', rules: 'legal', fen }),
  solution: (task) => ({
    kind: 'play',
    moves: mateFamily.solution(mateTaskOf(task), task.graph).slice(0, 1),
    slips: 0,
  }),
  judge(task, { moves }) {
    const first = moves.slice(0, 1);
    const verdict = mateFamily.judge(mateTaskOf(task), task.graph, { kind: 'play', moves: first, slips: 0 });
    if (verdict.outcome !== 'wrong') return RIGHT;
    return { ...verdict, refutation: [], ...asNotes(noteBreak(task.fen, first, 0, verdict)) };
  },
  measure: measureMate,
  hints: hintMan,
  listRightMoves: (task, moves) =>
    moves.length > 0 ? [] : (countedGraph(task).nodes[0]?.moves ?? []).map(({ move }) => move),
});
