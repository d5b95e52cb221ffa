/**
 * Family `mate`: force mate in the shortest number of moves, playing against a longest defence.
 * Every move that keeps the shortest mate is right, whichever the stored main line prefers. Where a task is shorter without
 * pointless blocks, both ways of counting are known: the club's own is asked for and says when the goal is reached, and a move
 * that is right by the other is right all the same.
 */
import { z } from 'zod/mini';
import { findPosition, type MoveText } from '../../../notation';
import {
  listLongest,
  listMainLine,
  solutionGraphSchema,
  splitLine,
  type SolutionGraph,
  type SolutionNode,
  type StoredFate,
} from '../../../puzzles';
import { playMove } from '../../../rules';
import type { PuzzleFamily } from '../../family/family';
import { findLegalMove } from '../../family/legalTask';
import { tagMiss } from '../../answers/missGeometry';
import { RIGHT, UNFINISHED, wrongFor, type MateDiagnosis, type Verdict } from '../../family/verdict';

/** With every legal block, or with a check that only pointless blocks can meet as mate. */
export const MATE_COUNTS = ['full', 'no-blocks'] as const;
export type MateCount = (typeof MATE_COUNTS)[number];

export const mateTaskSchema = z.object({
  fen: z.string().check(z.minLength(1)),
  /** Moves of the side to move, proved minimal. */
  mateInMoves: z.int().check(z.positive()),
  /** The same without pointless blocks, where that is shorter. */
  mateNoBlocks: z.optional(z.int().check(z.positive())),
  /** How the club counts; not part of the stored task, full when nothing is said. */
  count: z.optional(z.enum(MATE_COUNTS)),
});
export type MateTask = z.infer<typeof mateTaskSchema>;

/** The length that is asked for, in moves, by the club's count. */
export function getAskedLength({ mateInMoves, mateNoBlocks, count }: MateTask): number {
  return count === 'no-blocks' ? (mateNoBlocks ?? mateInMoves) : mateInMoves;
}

/** Where a sequence of moves has come to: a node with the attacker to move, or the verdict that ended it. */
type Walk =
  | { readonly kind: 'at'; readonly node: SolutionNode }
  | { readonly kind: 'answered'; readonly reply: MoveText }
  | { readonly kind: 'ended'; readonly verdict: Verdict<never>; readonly node: SolutionNode };

type Nodes = readonly SolutionNode[];

export const mateFamily: PuzzleFamily<MateTask, SolutionGraph> = {
  id: 'mate',
  version: 2,
  stage: 'forced-mates',
  skill: 'forced-mate',
  answerMode: 'play',
  taskSchema: mateTaskSchema,
  solutionSchema: solutionGraphSchema,
  respond({ fen, count }, graph, moves) {
    const walk = walkGraph(graph, moves, count);
    switch (walk.kind) {
      case 'answered':
        return { kind: 'reply', move: walk.reply };
      case 'ended':
        return { kind: 'verdict', verdict: tagWalk(fen, moves, walk) };
      case 'at':
        return { kind: 'verdict', verdict: UNFINISHED };
    }
  },
  judge({ fen, count }, graph, answer) {
    const walk = walkGraph(graph, answer.moves, count);
    return walk.kind === 'ended' ? tagWalk(fen, answer.moves, walk) : UNFINISHED;
  },
  solution: ({ count }, graph) => listMainLine(count === 'no-blocks' ? (graph.blockless ?? graph) : graph),
  findRightMove({ count }, graph, moves) {
    const walk = walkGraph(graph, moves, count);
    return walk.kind === 'at' ? walk.node.moves[0]?.move : undefined;
  },
};

/** A wrong move of the student with the shapes of those that would have been right. */
function tagWalk(
  fen: string,
  moves: readonly MoveText[],
  { verdict, node }: Extract<Walk, { kind: 'ended' }>,
): Verdict<never> {
  const ply = verdict.wrongPly;
  if (ply === undefined || ply % 2 === 1) return verdict;
  const home = findPosition(fen);
  const place = moves.slice(0, ply).reduce((one, text) => {
    const move = one && findLegalMove(one, text);
    return one && move && playMove(one, move);
  }, home);
  if (place === undefined) return verdict;
  const right = node.moves.flatMap(({ move }) => findLegalMove(place, move) ?? []);
  return tagMiss(verdict, place, right);
}

/** By the club's count; where that finds a fault, by the other. */
function walkGraph(
  { nodes, blockless }: SolutionGraph,
  moves: readonly MoveText[],
  count: MateCount = 'full',
): Walk {
  if (blockless === undefined) return walkNodes(nodes, moves);
  const [own, other] = count === 'full' ? [nodes, blockless.nodes] : [blockless.nodes, nodes];
  const walk = walkNodes(own, moves);
  if (!isWrong(walk)) return walk;
  const otherWalk = walkNodes(other, moves);
  return isWrong(otherWalk) ? walk : otherWalk;
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

function wrong(ply: number, node: SolutionNode, fate: StoredFate | undefined): Verdict<never> {
  return {
    ...wrongFor([]),
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

function diagnosisOf({ others }: SolutionNode, fate: StoredFate | undefined): MateDiagnosis {
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
