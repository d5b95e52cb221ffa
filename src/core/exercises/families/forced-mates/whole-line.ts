/** Family `whole-line`: every move of both sides before a piece is touched, against a defence that lasts longest. */
import type { Side } from '../../../board';
import { getPosition, makeSan, type MoveText } from '../../../notation';
import { listLongest } from '../../../puzzles';
import { playMove } from '../../../rules';
import type { AnswerOf } from '../../family/answer';
import { defineFamily } from '../../family/family';
import { findLegalMove, sceneOfPosition } from '../../family/legalTask';
import { RIGHT, wrongFor, type Verdict } from '../../family/verdict';
import {
  askOf,
  asNotes,
  countedGraph,
  habitShape,
  hintMan,
  mateTaskOf,
  measureMate,
  noteBreak,
  PARTS,
  type HabitTask,
  type BreakNote,
  type TooShortNote,
} from './habitTask';
import { mateFamily } from './mate';
import type { NotLegalNote } from '../../answers/firstMove';

export interface WholeLineQuestion {
  readonly code: 'whole-line';
  readonly turn: Side;
  readonly moves: number;
}

/** A defence that could hold out longer. */
interface LastsLongerNote {
  readonly code: 'lasts-longer';
  readonly san: string;
  readonly better: string;
}
export type WholeLineNote = BreakNote | LastsLongerNote | TooShortNote;

export const wholeLineFamily = defineFamily<HabitTask, 'play', WholeLineQuestion, WholeLineNote>({
  ...PARTS,
  id: 'whole-line',
  skill: 'thinking-ahead',
  answerMode: 'play',
  taskSchema: habitShape,
  question: (task) => ({ code: 'whole-line', ...askOf(task) }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ fen }) => ({ kind: 'play', rules: 'line', fen }),
  solution: (task) => ({ kind: 'play', moves: mateFamily.solution(mateTaskOf(task), task.graph), slips: 0 }),
  judge: judgeLine,
  measure: measureMate,
  hints: hintMan,
});

function judgeLine(task: HabitTask, answer: AnswerOf<'play'>): Verdict<WholeLineNote> {
  const verdict = mateFamily.judge(mateTaskOf(task), task.graph, answer);
  if (verdict.outcome === 'unfinished')
    return wrongFor([{ code: 'line-too-short', moves: answer.moves.length }]);
  if (verdict.outcome === 'right') {
    const weak = findWeakDefence(task, answer.moves);
    return weak === undefined ? RIGHT : wrongFor([weak]);
  }
  const ply = verdict.wrongPly ?? 0;
  const weak = ply % 2 === 1 ? findWeakDefence(task, answer.moves) : undefined;
  return { ...verdict, ...asNotes<WholeLineNote>(weak ?? noteBreak(task.fen, answer.moves, ply, verdict)) };
}

/** A defence of the line that lets itself be mated sooner than it need. */
function findWeakDefence(
  task: HabitTask,
  moves: readonly MoveText[],
): NotLegalNote | LastsLongerNote | undefined {
  const { nodes } = countedGraph(task);
  let node = nodes[0];
  let position = getPosition(task.fen);
  for (let ply = 0; node !== undefined && ply + 1 < moves.length; ply += 2) {
    const own = node.moves.find(({ move }) => move === moves[ply]);
    const played = findLegalMove(position, moves[ply] ?? '');
    if (own === undefined || played === undefined || own.covers === 'mate') return undefined;
    const after = playMove(position, played);
    const defence = findLegalMove(after, moves[ply + 1] ?? '');
    const longest = listLongest(nodes, node, own);
    const [first] = longest;
    const taken = longest.find(({ move }) => move === moves[ply + 1]);
    if (defence === undefined) return { code: 'not-a-legal-move' };
    if (taken === undefined && first !== undefined) {
      const better = findLegalMove(after, first.move);
      return {
        code: 'lasts-longer',
        san: makeSan(after, defence),
        better: better === undefined ? first.move : makeSan(after, better),
      };
    }
    position = playMove(after, defence);
    node = taken === undefined ? undefined : nodes[taken.node];
  }
  return undefined;
}
