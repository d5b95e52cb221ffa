/** Family `last-square`: only the square on which the last move of a forced mate lands. */
import type { Square, Side } from '../../../board';
import { parseMoveText } from '../../../notation';
import { listLongest, type SolutionNode } from '../../../puzzles';
import { compareMarks, tapSquares } from '../../answers/tap';
import { defineFamily } from '../../family/family';
import { sceneOfPosition } from '../../family/legalTask';
import {
  askOf,
  countedGraph,
  habitShape,
  hintMan,
  mateTaskOf,
  measureMate,
  PARTS,
  type HabitTask,
} from './habitTask';
import { mateFamily } from './mate';
import type { SquareNote } from '../../family/note';

export interface LastSquareQuestion {
  readonly code: 'last-square';
  readonly turn: Side;
  readonly moves: number;
}

export const lastSquareFamily = defineFamily<
  HabitTask,
  'tap',
  LastSquareQuestion,
  SquareNote<'no-mate-there' | 'mates-there'>
>({
  ...PARTS,
  id: 'last-square',
  skill: 'thinking-ahead',
  answerMode: 'tap',
  taskSchema: habitShape,
  question: (task) => ({ code: 'last-square', ...askOf(task) }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: () => ({ kind: 'tap', isSingle: true, labels: [] }),
  solution(task) {
    const last = mateFamily.solution(mateTaskOf(task), task.graph).at(-1);
    const move = last === undefined ? undefined : parseMoveText(last);
    if (move === undefined) throw new Error('a mate has a last move');
    return tapSquares([move.to]);
  },
  judge(task, answer) {
    const squares = listLastSquares(task);
    const [marked] = answer.marks;
    // Any square of a right line will do; it is one of them that is asked for.
    const wanted =
      marked !== undefined && squares.includes(marked.square) ? [marked.square] : squares.slice(0, 1);
    return compareMarks(
      wanted,
      answer,
      (square) => ({ code: 'no-mate-there', square }),
      (square) => ({ code: 'mates-there', square }),
    );
  },
  measure: measureMate,
  hints: hintMan,
});

/** The squares mates end on, over every right move against every longest defence; that of the main line first. */
export function listLastSquares(task: HabitTask): Square[] {
  const { nodes } = countedGraph(task);
  const squares: Square[] = [];
  const seen = new Set<number>();
  const walk = (index: number) => {
    const node: SolutionNode | undefined = nodes[index];
    if (node === undefined || seen.has(index)) return;
    seen.add(index);
    for (const own of node.moves) {
      const move = parseMoveText(own.move);
      if (own.covers === 'mate' && move !== undefined && !squares.includes(move.to)) squares.push(move.to);
      for (const { node: next } of listLongest(nodes, node, own)) walk(next);
    }
  };
  walk(0);
  return squares;
}
