/**
 * What a stored mate task carries so that answers are judged without search.
 *
 * Question: the student has played these moves; do they keep the shortest mate, and if not, what becomes of them? The nodes are
 * those of the proof: attacker turns, in each every move that keeps the shortest mate. Where the app can lead a student, against
 * a longest defence, a node also holds the fate of every other legal move.
 *
 * Stored graphs carry their format. Format 1 (one record of moves a node, reasons instead of fates) is read as format 2.
 */
import { z } from 'zod/mini';
import type { MoveText } from '../notation';
import type { Proof, ProofMove, ProofNode, ProofReply } from '../proof';
import { moveTextSchema, storedFateSchema } from './storedFate';

const replySchema = z.object({ move: moveTextSchema, node: z.int().check(z.nonnegative()) });

const nodeSchema = z.object({
  mateInMoves: z.int().check(z.positive()),
  /** Every move that keeps the shortest mate, the main one first. */
  moves: z
    .array(
      z.object({
        move: moveTextSchema,
        covers: z.enum(['mate', 'all', 'longest', 'none']),
        /** Defences and the node each leads to, the longest first. */
        replies: z.array(replySchema),
      }),
    )
    .check(z.minLength(1)),
  /** The other legal moves; empty where they were not looked at. */
  others: z.record(moveTextSchema, storedFateSchema),
});
const nodesSchema = z.array(nodeSchema).check(z.minLength(1));

const formatTwoSchema = z.object({
  formatVersion: z.literal(2),
  mateInMoves: z.int().check(z.positive()),
  /** Node 0 is the position of the task. */
  nodes: nodesSchema,
  /** The same when a check that only pointless blocks can meet counts as mate; present where that is shorter. */
  blockless: z.optional(z.object({ mateInMoves: z.int().check(z.positive()), nodes: nodesSchema })),
});

const formatOneSchema = z.object({
  formatVersion: z.literal(1),
  mateInMoves: z.int().check(z.positive()),
  nodes: z
    .array(
      z.object({
        mateInMoves: z.int().check(z.positive()),
        moves: z.record(
          moveTextSchema,
          z.discriminatedUnion('kind', [
            z.object({ kind: z.literal('keeps'), replies: z.array(replySchema).check(z.minLength(1)) }),
            z.object({ kind: z.literal('mates') }),
            z.object({
              kind: z.literal('loses'),
              why: z.enum(['stalemate', 'slower', 'escapes']),
              refutation: z.optional(moveTextSchema),
            }),
          ]),
        ),
      }),
    )
    .check(z.minLength(1)),
});

export const solutionGraphSchema = z.pipe(
  z.union([formatTwoSchema, formatOneSchema]),
  z.transform((graph) => (graph.formatVersion === 1 ? upgrade(graph) : graph)),
);

export type SolutionGraph = z.infer<typeof formatTwoSchema>;
export type SolutionNode = SolutionGraph['nodes'][number];

/** "Slower" was proved as one move longer; "escapes" claimed nothing beyond the mate being gone. */
function upgrade({ mateInMoves, nodes }: z.infer<typeof formatOneSchema>): SolutionGraph {
  return {
    formatVersion: 2,
    mateInMoves,
    nodes: nodes.map((node) => {
      const moves: ProofMove[] = [];
      const others: SolutionNode['others'] = {};
      for (const [move, fate] of Object.entries(node.moves)) {
        if (fate.kind === 'mates') moves.push({ move, covers: 'mate', replies: [] });
        else if (fate.kind === 'keeps') moves.push({ move, covers: 'longest', replies: fate.replies });
        else others[move] = upgradeFate(fate, node.mateInMoves);
      }
      return { mateInMoves: node.mateInMoves, moves: moves.map(toStored), others };
    }),
  };
}

function upgradeFate(
  { why, refutation = '' }: { why: 'stalemate' | 'slower' | 'escapes'; refutation?: MoveText | undefined },
  mateInMoves: number,
): SolutionNode['others'][string] {
  switch (why) {
    case 'stalemate':
      return { kind: 'draw', why, gain: 0, line: '' };
    case 'slower':
      return { kind: 'mates', inMoves: mateInMoves + 1, line: refutation };
    case 'escapes':
      return { kind: 'open', line: refutation };
  }
}

/** The stored form owns its lists. */
export function toStored({ move, covers, replies }: ProofMove): SolutionNode['moves'][number] {
  return { move, covers, replies: replies.map((reply) => ({ ...reply })) };
}

/** First moves that mate in the shortest number. */
export function listKeys({ nodes }: Pick<Proof, 'nodes'>): MoveText[] {
  return nodes[0]?.moves.map(({ move }) => move) ?? [];
}

/** One main line: the first key against the first longest defence, up to the mate. */
export function listMainLine({ nodes }: Pick<Proof, 'nodes'>): MoveText[] {
  return followMain(nodes, 0);
}

/** The main moves from a node on. */
function followMain(nodes: readonly ProofNode[], from: number): MoveText[] {
  const line: MoveText[] = [];
  let node: ProofNode | undefined = nodes[from];
  while (node !== undefined) {
    const first: ProofMove | undefined = node.moves[0];
    if (first === undefined) break;
    line.push(first.move);
    const reply: ProofReply | undefined = first.replies[0];
    if (reply === undefined) break;
    line.push(reply.move);
    node = nodes[reply.node];
  }
  return line;
}

/** What else may be answered to the first key, and how it goes on then. */
export interface SideLine {
  /** Defences that are met alike. */
  readonly defences: readonly MoveText[];
  /** The moves behind any of them, up to the mate. */
  readonly line: readonly MoveText[];
}

/** The other defences to the first key, the longest first; those met by the same moves stand together. */
export function listSideLines({ nodes }: Pick<Proof, 'nodes'>): SideLine[] {
  const [main, ...others] = nodes[0]?.moves[0]?.replies ?? [];
  const lines = new Map<string, { readonly defences: MoveText[]; readonly line: readonly MoveText[] }>();
  for (const reply of main === undefined ? [] : others) {
    const line = followMain(nodes, reply.node);
    const key = line.join(' ');
    const known = lines.get(key) ?? { defences: [], line };
    known.defences.push(reply.move);
    lines.set(key, known);
  }
  return [...lines.values()].sort((one, other) => other.line.length - one.line.length);
}

/** Nodes a student can come to: any right move, answered by a longest defence. */
export function listSeatNodes({ nodes }: Pick<Proof, 'nodes'>): number[] {
  const reached = new Set([0]);
  for (const index of reached) {
    const node = nodes[index];
    if (node === undefined) continue;
    for (const reply of node.moves.flatMap((move) => listLongest(nodes, node, move))) reached.add(reply.node);
  }
  return [...reached];
}

/** The defences among a move's replies that last longest. */
export function listLongest(
  nodes: readonly ProofNode[],
  node: ProofNode,
  { replies }: ProofMove,
): readonly ProofReply[] {
  return replies.filter((reply) => nodes[reply.node]?.mateInMoves === node.mateInMoves - 1);
}

/**
 * The part a seat needs, numbered anew: nodes a student can come to and longest defences only. The whole tree would be many
 * times as much to send.
 */
export function trimToSeat(graph: SolutionGraph): SolutionGraph {
  const { blockless } = graph;
  return {
    ...graph,
    nodes: trimNodes(graph.nodes),
    ...(blockless === undefined ? {} : { blockless: { ...blockless, nodes: trimNodes(blockless.nodes) } }),
  };
}

function trimNodes(nodes: SolutionGraph['nodes']): SolutionGraph['nodes'] {
  const kept = listSeatNodes({ nodes });
  const numbers = new Map(kept.map((index, place) => [index, place]));
  return kept.flatMap((index) => {
    const node = nodes[index];
    if (node === undefined) return [];
    const moves = node.moves.map((move) => {
      const replies = listLongest(nodes, node, move).flatMap((reply) => {
        const place = numbers.get(reply.node);
        return place === undefined ? [] : [{ move: reply.move, node: place }];
      });
      return { move: move.move, covers: replies.length > 0 ? ('longest' as const) : move.covers, replies };
    });
    return [{ ...node, moves }];
  });
}
