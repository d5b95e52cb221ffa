/**
 * Family `mate`: force mate in the shortest number of moves, playing against a longest defence.
 * Every move that keeps the shortest mate is right, whichever the stored main line prefers. Where a task is shorter without
 * pointless blocks, both ways of counting are known, and a move that is right by either is right.
 */
import { z } from 'zod';
import { kingDistance } from '../board';
import { parseMoveText, type MoveText } from '../notation';
import {
  listLongest,
  listMainLine,
  solutionGraphSchema,
  splitLine,
  type SolutionGraph,
  type SolutionNode,
  type StoredFate,
} from '../puzzles';
import type { Diagnosis, Family, Verdict } from './family';

export const mateTaskSchema = z.object({
  fen: z.string().min(1),
  /** Moves of the side to move, proved minimal. */
  mateInMoves: z.number().int().positive(),
  /** The same without pointless blocks, where that is shorter. */
  mateNoBlocks: z.number().int().positive().optional(),
});
export type MateTask = z.infer<typeof mateTaskSchema>;

const RIGHT: Verdict = {
  outcome: 'right',
  diagnoses: [],
  wrongPly: undefined,
  refutation: [],
  fate: undefined,
};
const UNFINISHED: Verdict = { ...RIGHT, outcome: 'unfinished' };

/** Where a sequence of moves has come to: a node with the attacker to move, or the verdict that ended it. */
type Walk =
  | { readonly kind: 'at'; readonly node: SolutionNode }
  | { readonly kind: 'answered'; readonly reply: MoveText }
  | { readonly kind: 'ended'; readonly verdict: Verdict; readonly node: SolutionNode };

type Nodes = readonly SolutionNode[];

export const mateFamily: Family<MateTask, SolutionGraph> = {
  id: 'mate',
  version: 2,
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
    const [right] = walk.node.moves;
    const move = right && parseMoveText(right.move);
    return move && { kind: 'man', square: move.from };
  },
};

/** By the full count; where that finds a fault, by the count without pointless blocks. */
function walkGraph({ nodes, blockless }: SolutionGraph, moves: readonly MoveText[]): Walk {
  const full = walkNodes(nodes, moves);
  if (blockless === undefined || !isWrong(full)) return full;
  const shorter = walkNodes(blockless.nodes, moves);
  return isWrong(shorter) ? full : shorter;
}

function isWrong(walk: Walk): boolean {
  return walk.kind === 'ended' && walk.verdict.outcome === 'wrong';
}

/** Follows the moves; they alternate attacker, defender. An attacker move the task does not know is wrong. */
function walkNodes(nodes: Nodes, moves: readonly MoveText[]): Walk {
  let node = nodes[0];
  if (node === undefined) throw new Error('a solution graph has at least one node');
  for (let ply = 0; ply < moves.length; ply += 2) {
    const played = moves[ply] ?? '';
    const kept: SolutionNode['moves'][number] | undefined = node.moves.find(({ move }) => move === played);
    if (kept === undefined) return { kind: 'ended', node, verdict: wrong(ply, node, node.others[played]) };
    if (kept.covers === 'mate') {
      // Whoever plays on after what counts as mate plays by the other count.
      const isLast = ply === moves.length - 1;
      return { kind: 'ended', node, verdict: isLast ? RIGHT : wrong(ply + 1, node, undefined) };
    }
    const reply = moves[ply + 1];
    if (reply === undefined) return { kind: 'answered', reply: longestReply(nodes, node, kept) };
    const taken: number | undefined = kept.replies.find(({ move }) => move === reply)?.node;
    const next: SolutionNode | undefined = taken === undefined ? undefined : nodes[taken];
    if (next === undefined) return { kind: 'ended', node, verdict: wrong(ply + 1, node, undefined) };
    node = next;
  }
  return { kind: 'at', node };
}

function longestReply(nodes: Nodes, node: SolutionNode, move: SolutionNode['moves'][number]): MoveText {
  const [first] = listLongest(nodes, node, move);
  if (first === undefined) throw new Error('a right move that does not mate has a longest defence');
  return first.move;
}

function wrong(ply: number, node: SolutionNode, fate: StoredFate | undefined): Verdict {
  return {
    outcome: 'wrong',
    diagnoses: [diagnosisOf(node, fate)],
    wrongPly: ply,
    refutation: refutationOf(fate),
    fate,
  };
}

/** To the quiet end of the line; of a slower mate only the reply, for its end would give the idea away. */
function refutationOf(fate: StoredFate | undefined): MoveText[] {
  if (fate === undefined) return [];
  const line = splitLine(fate.line);
  return fate.kind === 'mates' ? line.slice(0, 1) : line;
}

function diagnosisOf({ others }: SolutionNode, fate: StoredFate | undefined): Diagnosis {
  switch (fate?.kind) {
    case 'mates':
      return 'slower';
    case 'mated':
      return 'gets-mated';
    case 'draw':
      return fate.why === 'stalemate' && fate.seenPlies === undefined ? 'stalemate' : 'draws';
    case 'material':
      return fate.gain < 0 ? 'loses-men' : 'escapes';
    case 'open':
      return 'escapes';
    case undefined:
      // Where the other moves were not looked at, a move that is not right loses the mate and no more is known.
      return Object.keys(others).length === 0 ? 'escapes' : 'not-in-task';
  }
}

/** Did the same man land on a square next to one where it would have been right? */
function isNearRightMove({ moves, others }: SolutionNode, text: MoveText | undefined): boolean {
  const played = text === undefined ? undefined : parseMoveText(text);
  if (text === undefined || played === undefined || others[text] === undefined) return false;
  return moves.some(({ move }) => {
    const right = parseMoveText(move);
    return right?.from === played.from && kingDistance(right.to, played.to) === 1;
  });
}
