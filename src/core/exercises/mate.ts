/**
 * Family `mate`: force mate in the shortest number of moves, playing against a longest defence.
 * Every move that keeps the shortest mate is right, whichever the stored main line prefers.
 */
import { z } from 'zod';
import { kingDistance } from '../board';
import { parseMoveText, type MoveText } from '../notation';
import {
  solutionGraphSchema,
  type MoveFate,
  type SolutionGraph,
  type SolutionNode,
  listMainLine,
} from '../puzzles';
import type { Family, Verdict } from './family';

export const mateTaskSchema = z.object({
  fen: z.string().min(1),
  /** Moves of the side to move, proved minimal. */
  mateInMoves: z.number().int().positive(),
});
export type MateTask = z.infer<typeof mateTaskSchema>;

const RIGHT: Verdict = { outcome: 'right', diagnoses: [], wrongPly: undefined, refutation: undefined };
const UNFINISHED: Verdict = { ...RIGHT, outcome: 'unfinished' };

/** Where a sequence of moves has come to: a node with the attacker to move, or the verdict that ended it. */
type Walk =
  | { readonly kind: 'at'; readonly node: SolutionNode }
  | { readonly kind: 'answered'; readonly reply: MoveText }
  | { readonly kind: 'ended'; readonly verdict: Verdict; readonly node: SolutionNode };

export const mateFamily: Family<MateTask, SolutionGraph> = {
  id: 'mate',
  version: 1,
  skill: 'forced-mate',
  answerMode: 'play',
  taskSchema: mateTaskSchema,
  solutionSchema: solutionGraphSchema,
  respond(_task, graph, moves) {
    const walk = walkGraph(graph, moves);
    switch (walk.kind) {
      case 'answered':
        return { kind: 'reply', move: walk.reply };
      case 'ended':
        return {
          kind: 'verdict',
          verdict: walk.verdict,
          mayBeSlip: isNearRightMove(walk.node, moves.at(-1)),
        };
      case 'at':
        return { kind: 'verdict', verdict: UNFINISHED, mayBeSlip: false };
    }
  },
  judge(_task, graph, answer) {
    const walk = walkGraph(graph, answer.moves);
    return walk.kind === 'ended' ? walk.verdict : UNFINISHED;
  },
  solution: (_task, graph) => listMainLine(graph),
  hint(_task, graph, moves) {
    const walk = walkGraph(graph, moves);
    if (walk.kind !== 'at') return undefined;
    const right = Object.entries(walk.node.moves).find(([, fate]) => fate.kind !== 'loses');
    const move = right && parseMoveText(right[0]);
    return move && { kind: 'man', square: move.from };
  },
};

/** Follows the moves; they alternate attacker, defender. An attacker move the task does not know is wrong. */
function walkGraph(graph: SolutionGraph, moves: readonly MoveText[]): Walk {
  let node = firstNode(graph);
  for (let ply = 0; ply < moves.length; ply += 2) {
    const fate: MoveFate | undefined = node.moves[moves[ply] ?? ''];
    if (fate === undefined) return { kind: 'ended', node, verdict: wrong(ply, 'not-in-task', undefined) };
    if (fate.kind === 'mates') return { kind: 'ended', node, verdict: RIGHT };
    if (fate.kind === 'loses') return { kind: 'ended', node, verdict: wrong(ply, fate.why, fate.refutation) };
    const reply = moves[ply + 1];
    if (reply === undefined) return { kind: 'answered', reply: firstReply(fate.replies) };
    const taken = fate.replies.find(({ move }) => move === reply);
    const next = taken && graph.nodes[taken.node];
    if (next === undefined) return { kind: 'ended', node, verdict: wrong(ply + 1, 'not-in-task', undefined) };
    node = next;
  }
  return { kind: 'at', node };
}

function firstNode({ nodes }: SolutionGraph): SolutionNode {
  const [first] = nodes;
  if (first === undefined) throw new Error('a solution graph has at least one node');
  return first;
}

function firstReply(replies: readonly { readonly move: MoveText }[]): MoveText {
  const [first] = replies;
  if (first === undefined) throw new Error('a kept move that does not mate has a longest defence');
  return first.move;
}

function wrong(ply: number, why: Verdict['diagnoses'][number], refutation: MoveText | undefined): Verdict {
  return { outcome: 'wrong', diagnoses: [why], wrongPly: ply, refutation };
}

/** Did the same man land on a square next to one where it would have been right? */
function isNearRightMove(node: SolutionNode, text: MoveText | undefined): boolean {
  const played = text === undefined ? undefined : parseMoveText(text);
  if (text === undefined || played === undefined || node.moves[text]?.kind !== 'loses') return false;
  return Object.entries(node.moves).some(([other, fate]) => {
    const right = fate.kind === 'loses' ? undefined : parseMoveText(other);
    return right?.from === played.from && kingDistance(right.to, played.to) === 1;
  });
}
